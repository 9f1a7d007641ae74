const PATIENCE_MS = 20000;

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

/**
 * Sends a form or, of a plain object, JSON; or fetches a piece of page for some fields: the piece, or null with the
 * status and what is said against which field.
 */
export async function ask(url, fields, { method = "GET", signal } = {}) {
    const isGet = method === "GET";
    const isForm = fields instanceof FormData;
    try {
        const response = await fetch(isGet ? `${url}?${new URLSearchParams(fields)}` : url, {
            method,
            body: isGet ? undefined : isForm ? fields : JSON.stringify(fields),
            headers: {
                Accept: "application/json, text/html",
                "X-Requested-With": "XMLHttpRequest",
                ...(isGet || isForm ? {} : { "Content-Type": "application/json" }),
            },
            redirect: "error",
            signal,
        });
        const { status } = response;
        if (response.ok) return { piece: await response.text(), status, errors: {} };
        if (status === 422) return { piece: null, status, errors: (await response.json()).errors ?? {} };
        return { piece: null, status, errors: {}, words: await response.text() };
    } catch {
        return { piece: null, status: 0, errors: {} };
    }
}

/**
 * Asks the server again and again, of which only the last question counts: an answer that is overtaken comes as isStale
 * and is not to be shown. What the server has against a field of a form is shown there.
 */
export function latest({ form = null } = {}) {
    let last = new AbortController();
    return async (url, fields) => {
        last.abort();
        const mine = (last = new AbortController());
        const signal = AbortSignal.any([mine.signal, AbortSignal.timeout(PATIENCE_MS)]);
        const answer = await ask(url, fields, { signal });
        if (mine !== last) return { isStale: true };
        if (form) showFaults(form(), answer.errors);
        return answer;
    };
}

/** The same while something moves: one question at a time, each answer worth a look; of those that wait only the last is asked. */
export function latestOfMany() {
    let last = 0;
    let before = Promise.resolve();
    return (url, fields) => {
        const mine = ++last;
        before = before.then(() => (mine === last ? ask(url, fields) : { isStale: true }));
        return before;
    };
}

/** Puts each message at its field and takes away those of the time before, also what the page came with. */
export function showFaults(form, errors) {
    form.querySelectorAll("[data-now]").forEach((fault) => fault.remove());
    form.querySelectorAll("[aria-invalid]").forEach((field) => field.removeAttribute("aria-invalid"));
    Object.entries(errors).forEach(([name, [message]]) => {
        const field = form.elements[name];
        if (!field) return;
        const id = `${name}-fault`;
        form.querySelector(`[id="${id}"]`)?.remove();
        const fault = document.createElement("p");
        fault.className = "fault";
        fault.id = id;
        fault.dataset.now = "";
        fault.textContent = message;
        field.setAttribute("aria-invalid", "true");
        field.after(fault);
    });
}
