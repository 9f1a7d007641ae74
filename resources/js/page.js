/** Reads the JSON that the server put into the page under an element's id. */
export function pageData(id) {
    return JSON.parse(document.getElementById(id).textContent);
}

/** Calls a function once its calls have paused. */
export function afterPause(milliseconds, call) {
    let timer;
    return () => {
        clearTimeout(timer);
        timer = setTimeout(call, milliseconds);
    };
}

/** Fetches a piece of page; gives null when the server refuses the input or cannot be reached. */
export async function fetchPiece(url, fields) {
    try {
        const response = await fetch(`${url}?${new URLSearchParams(fields)}`, {
            headers: { Accept: "application/json, text/html", "X-Requested-With": "XMLHttpRequest" },
            redirect: "error",
        });
        return response.ok ? await response.text() : null;
    } catch {
        return null;
    }
}
