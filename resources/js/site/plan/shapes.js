/** Points and SVG elements of the plan; x is east and y is south, in metres. */

export function svg(name, attributes) {
    const element = document.createElementNS("http://www.w3.org/2000/svg", name);
    set(element, attributes);
    return element;
}

export function set(element, attributes) {
    Object.entries(attributes).forEach(([name, value]) => element.setAttribute(name, value));
}

export function round(value, step) {
    return Math.round(value / step) * step;
}

/** Two decimals, without a minus before nothing. */
export function metres(value) {
    return String(Number(value.toFixed(2)) + 0);
}

/** The longest of 1, 2, 5, 10, 20 … that is not longer than asked. */
export function niceLength(most) {
    const ten = 10 ** Math.floor(Math.log10(most));
    return ten * (most / ten >= 5 ? 5 : most / ten >= 2 ? 2 : 1);
}

/** The point of the stretch from a to b that is nearest to p. */
export function nearestOn(p, a, b) {
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const square = dx * dx + dy * dy;
    const along = square === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / square));
    return { x: round(a.x + along * dx, 0.01), y: round(a.y + along * dy, 0.01) };
}

/** The points with one more, in the middle of the way from a corner to the next. */
export function withCorner(points, after) {
    const middle = middleOf([points[after], points[(after + 1) % points.length]]);
    return points.toSpliced(after + 1, 0, { x: round(middle.x, 0.01), y: round(middle.y, 0.01) });
}

export function middleOf(points) {
    return {
        x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
        y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
    };
}

/** How far a box has to move sideways to lie within a frame; one that is wholly outside stays there. */
export function shiftInto(box, frame) {
    if (box.right < frame.left || box.left > frame.right) return 0;
    return Math.max(0, frame.left - box.left) || Math.min(0, frame.right - box.right);
}
