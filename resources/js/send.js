const PATIENCE_MS = 20000;

/** Sends JSON and reads JSON; status 0 where nobody answers. */
export async function post(url, fields) {
    try {
        const response = await fetch(url, {
            method: "POST",
            body: JSON.stringify(fields),
            headers: {
                Accept: "application/json",
                "Content-Type": "application/json",
                "X-Requested-With": "XMLHttpRequest",
                "X-XSRF-TOKEN": decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? ""),
            },
            redirect: "error",
            signal: AbortSignal.timeout(PATIENCE_MS),
        });
        return { status: response.status, body: await response.json().catch(() => null) };
    } catch {
        return { status: 0, body: null };
    }
}

/** A UUID also where the page comes over plain HTTP, as in a hall without a name. */
export function newUuid() {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 15) | 64;
    bytes[8] = (bytes[8] & 63) | 128;
    const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
    return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

/** Reads JSON; status 0 where nobody answers. */
export async function get(url) {
    try {
        const response = await fetch(url, {
            headers: { Accept: "application/json", "X-Requested-With": "XMLHttpRequest" },
            redirect: "error",
            cache: "no-store",
            signal: AbortSignal.timeout(PATIENCE_MS),
        });
        return { status: response.status, body: await response.json() };
    } catch {
        return { status: 0, body: null };
    }
}
