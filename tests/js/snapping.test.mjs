// To what a corner that is dragged holds: a corner of another thing, else its side, else the half metre, and not itself.
import assert from "node:assert/strict";
import { test } from "node:test";
import { hand } from "../../resources/js/site/plan/hand.js";

const WALL = [
    { x: 0, y: 0 },
    { x: 10, y: 0 },
];

function plan({ snaps = true, perPx = 0.1 } = {}) {
    const things = [{ dataset: { index: "0", shape: "line" } }];
    return {
        ...hand(),
        snaps,
        perPx: () => perPx,
        part: () => ({ querySelectorAll: () => things }),
        points: () => WALL,
    };
}

test("a corner holds to a corner before it holds to the side", () => {
    assert.deepEqual(plan().snap({ x: 9.8, y: 0.3 }), { x: 10, y: 0 });
});

test("else to the nearest point of the side", () => {
    assert.deepEqual(plan().snap({ x: 5.13, y: 0.2 }), { x: 5.13, y: 0 });
});

test("else to the half metre, or to the centimetre where nothing is to hold it", () => {
    assert.deepEqual(plan().snap({ x: 5.13, y: 7.2 }), { x: 5, y: 7 });
    assert.deepEqual(plan({ snaps: false }).snap({ x: 5.1349, y: 0.2 }), { x: 5.13, y: 0.2 });
});

test("a thing does not hold to itself, and reach is a matter of the screen", () => {
    assert.deepEqual(plan().snap({ x: 9.8, y: 0.3 }, 0), { x: 10, y: 0.5 });
    // Seen from close by, half a metre is many pixels.
    assert.deepEqual(plan({ perPx: 0.001 }).snap({ x: 9.8, y: 0.3 }), { x: 10, y: 0.5 });
});
