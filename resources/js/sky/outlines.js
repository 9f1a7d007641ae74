/** SVG path of a GeoJSON line or area; the server cut it at the antimeridian. */
export function outline({ type, coordinates }) {
    const line = (points, end) => `M${points.map(([lon, lat]) => `${lon} ${-lat}`).join("L")}${end}`;
    return type === "MultiPolygon"
        ? coordinates.flatMap((rings) => rings.map((ring) => line(ring, "Z"))).join("")
        : coordinates.map((points) => line(points, "")).join("");
}

/** SVG path of a country; a ring that crosses the antimeridian is drawn on both sides of the sheet. */
export function unwrapped({ type, coordinates }) {
    return (type === "MultiPolygon" ? coordinates.flat() : coordinates)
        .map((ring) => {
            let shift = 0;
            let before = ring[0][0];
            const points = ring.flatMap(([lon, lat]) => {
                const jumps = Math.abs(lon - before) > 180;
                const from = before;
                before = lon;
                // Antarctica goes once around: from one border of the sheet to the other by way of the pole.
                if (jumps && lat < -60) return [[from, 90], [lon, 90], [lon, -lat]]; // prettier-ignore
                if (jumps) shift += lon < from ? 360 : -360;
                return [[lon + shift, -lat]];
            });
            const d = (by) => `M${points.map(([x, y]) => `${x + by} ${y}`).join("L")}Z`;
            const past = points.some(([x]) => x > 180) ? -360 : points.some(([x]) => x < -180) ? 360 : 0;
            return past === 0 ? d(0) : d(0) + d(past);
        })
        .join("");
}

export function cross(x, y, size) {
    return `M${x - size} ${y}H${x + size}M${x} ${y - size}V${y + size}`;
}
