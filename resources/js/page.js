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
    return (await askPiece(url, fields)).piece;
}

/** The same with what the server has against which field, as lists of messages by the field's name. */
export async function askPiece(url, fields) {
    try {
        const response = await fetch(`${url}?${new URLSearchParams(fields)}`, {
            headers: { Accept: "application/json, text/html", "X-Requested-With": "XMLHttpRequest" },
            redirect: "error",
        });
        if (response.ok) return { piece: await response.text(), errors: {} };
        const refusal = response.status === 422 ? await response.json() : {};
        return { piece: null, errors: refusal.errors ?? {} };
    } catch {
        return { piece: null, errors: {} };
    }
}
