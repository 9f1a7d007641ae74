// The map in plain longitude and latitude: what is under the finger is what is asked, whatever was moved and zoomed before.
import assert from "node:assert/strict";
import { test } from "node:test";
import { outline, unwrapped } from "../../resources/js/sky/outlines.js";
import { mapCanvas } from "../../resources/js/sky/map-canvas.js";

const FRAME = { left: 250, top: 370, width: 1000, height: 500 };

function map() {
    const asked = [];
    const refs = Object.fromEntries(["canvas", "site", "point"].map((name) => [name, { set: {}, setAttribute(k, v) { this.set[k] = v; } }])); // prettier-ignore
    Object.assign(refs.canvas, {
        clientWidth: FRAME.width,
        clientHeight: FRAME.height,
        getBoundingClientRect: () => FRAME,
        setPointerCapture() {},
    });
    return { ...mapCanvas(), $refs: refs, here: { lat: 36.5, lon: -6.3 }, asked, ask: (at) => asked.push(at) };
}

/** A pixel of the screen for a place, from what the canvas itself says is to be seen. */
function pixelOf({ lat, lon }, canvas) {
    const [x, y, width, height] = canvas.$refs.canvas.set.viewBox.split(" ").map(Number);
    return {
        clientX: FRAME.left + ((lon - x) / width) * FRAME.width,
        clientY: FRAME.top + ((-lat - y) / height) * FRAME.height,
        pointerId: 1,
    };
}

function tap(canvas, pixel) {
    canvas.grab(pixel);
    canvas.drop({ ...pixel, type: "pointerup" });
    return canvas.asked.pop();
}

test("a tap asks for the place under it, after any zooming and moving", () => {
    const canvas = map();
    canvas.whole();
    const place = { lat: 41.3, lon: 12.7 };
    for (const step of ["whole", "zoomIn", "site", "zoomIn", "zoomOut", "zoomIn"]) {
        canvas[step]();
        const at = tap(canvas, pixelOf(place, canvas));
        assert.ok(Math.abs(at.x - place.lon) < 1e-9 && Math.abs(-at.y - place.lat) < 1e-9, step);
    }
});

test("the wheel keeps the place under the pointer where it is", () => {
    const canvas = map();
    canvas.site();
    const place = { lat: 38, lon: -2 };
    for (const deltaY of [-1, -1, 1, -1]) {
        const before = pixelOf(place, canvas);
        canvas.wheel({ ...before, deltaY });
        const after = pixelOf(place, canvas);
        assert.ok(Math.abs(before.clientX - after.clientX) < 1e-6 && Math.abs(before.clientY - after.clientY) < 1e-6);
    }
});

test("a drag takes the place along with the pointer and asks nothing; a shiver is a tap", () => {
    const canvas = map();
    canvas.site();
    const place = { lat: 37, lon: -6 };
    const from = pixelOf(place, canvas);
    canvas.grab(from);
    canvas.drag({ clientX: from.clientX + 40, clientY: from.clientY - 25 });
    canvas.drop({ ...from, type: "pointerup" });
    const to = pixelOf(place, canvas);
    assert.deepEqual([to.clientX - from.clientX, to.clientY - from.clientY].map(Math.round), [40, -25]);
    assert.equal(canvas.asked.length, 0);

    canvas.grab(to);
    canvas.drag({ clientX: to.clientX + 2, clientY: to.clientY + 2 });
    canvas.drop({ ...to, type: "pointerup" });
    assert.equal(canvas.asked.length, 1);
});

test("the window never leaves the world, and is as high as half its width", () => {
    const canvas = map();
    canvas.whole();
    const event = { preventDefault() {} };
    for (let i = 0; i < 400; i += 1) {
        const key = ["+", "ArrowLeft", "ArrowUp", "-", "ArrowRight", "ArrowDown", "+", "ArrowUp"][
            (i * 7 + (i >> 3)) % 8
        ];
        canvas.key({ ...event, key });
        const { x, y, width, height } = canvas.box;
        assert.equal(height, width / 2);
        assert.ok(x >= -180 && x + width <= 180 + 1e-9 && y >= -90 && y + height <= 90 + 1e-9);
        assert.ok(width >= 4 && width <= 360);
    }
});

test("north is up in what the server drew", () => {
    const line = outline({ type: "MultiLineString", coordinates: [[[10, 50], [20, -5]]] }); // prettier-ignore
    assert.equal(line, "M10 -50L20 5");
    const area = outline({ type: "MultiPolygon", coordinates: [[[[0, 0], [10, 0], [10, 10], [0, 0]]]] }); // prettier-ignore
    assert.equal(area, "M0 0L10 0L10 -10L0 0Z");
});

test("a country across 180° is drawn whole on either side of the canvas, without a stroke through the world", () => {
    const ring = [[170, 60], [-170, 60], [-170, 70], [170, 70], [170, 60]]; // prettier-ignore
    const drawn = unwrapped({ type: "Polygon", coordinates: [ring] });
    assert.equal(drawn, "M170 -60L190 -60L190 -70L170 -70L170 -60ZM-190 -60L-170 -60L-170 -70L-190 -70L-190 -60Z");
});
