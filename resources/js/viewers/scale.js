/** A slider whose scale is logarithmic: a length for each share of its way, and back. */
export function logValue(share, least, most) {
    return least * (most / least) ** Math.min(1, Math.max(0, share));
}

export function logPlace(value, least, most) {
    return Math.min(1, Math.max(0, Math.log(value / least) / Math.log(most / least)));
}

/** Three significant digits: what a hand can set. */
export function rounded(value) {
    return String(Number(value.toPrecision(3)));
}
