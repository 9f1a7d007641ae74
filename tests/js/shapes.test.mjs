// Points of the plan as the script moves them: properties that hold for any, tried on many.
import assert from "node:assert/strict";
import { test } from "node:test";
import {
    metres,
    middleOf,
    nearestOn,
    niceLength,
    round,
    shiftInto,
    withCorner,
} from "../../resources/js/site/plan/shapes.js";

/** The same numbers every time (Park & Miller, Communications of the ACM 31 (1988) 1192). */
function numbers(seed) {
    let state = seed;
    return (least, most) => {
        state = (state * 48271) % 2147483647;
        return least + ((most - least) * state) / 2147483647;
    };
}

const far = (p, q) => Math.hypot(p.x - q.x, p.y - q.y);

test("the nearest point of a stretch lies on it, and none of it is nearer", () => {
    const number = numbers(1);
    for (let i = 0; i < 300; i += 1) {
        const [p, a, b] = [0, 1, 2].map(() => ({ x: number(-50, 50), y: number(-50, 50) }));
        const at = nearestOn(p, a, b);
        // Rounded to the centimetre.
        assert.ok(far(at, a) + far(at, b) < far(a, b) + 0.03);
        for (let k = 0; k <= 100; k += 1) {
            const on = { x: a.x + ((b.x - a.x) * k) / 100, y: a.y + ((b.y - a.y) * k) / 100 };
            assert.ok(far(p, at) <= far(p, on) + 0.008);
        }
    }
    assert.deepEqual(nearestOn({ x: 3, y: 4 }, { x: 1, y: 1 }, { x: 1, y: 1 }), { x: 1, y: 1 });
});

test("one more corner halves a side and moves no other", () => {
    const square = [
        { x: 0, y: 0 },
        { x: 4, y: 0 },
        { x: 4, y: 2 },
        { x: 0, y: 2 },
    ];
    for (let after = 0; after < 4; after += 1) {
        const more = withCorner(square, after);
        assert.equal(more.length, 5);
        assert.deepEqual(more.toSpliced(after + 1, 1), square);
        const [a, corner, b] = [square[after], more[after + 1], square[(after + 1) % 4]];
        assert.ok(Math.abs(far(a, corner) - far(corner, b)) < 1e-9);
    }
    assert.equal(square.length, 4, "the points handed in stay as they were");
});

test("the middle, rounding and lengths of a scale bar", () => {
    assert.deepEqual(
        middleOf([
            { x: 0, y: 0 },
            { x: 2, y: 6 },
        ]),
        { x: 1, y: 3 },
    );
    assert.equal(round(7.26, 0.5), 7.5);
    assert.deepEqual([-0.001, 0.004, 1.005, -3.456].map(metres), ["0", "0", "1", "-3.46"]);
    for (let most = 0.13; most < 4000; most *= 1.07) {
        const bar = niceLength(most);
        assert.ok(bar <= most && bar > most / 2.5 - 1e-9, `${bar} of ${most}`);
        assert.ok([1, 2, 5].includes(Math.round(bar / 10 ** Math.floor(Math.log10(bar) + 1e-9))));
    }
});

test("a label is moved into the plan as far as it sticks out, and not from elsewhere", () => {
    const frame = { left: 10, right: 100 };
    for (const [left, right, shift] of [
        [20, 60, 0],
        [-5, 35, 15],
        [80, 120, -20],
        [10, 100, 0],
        [-40, -1, 0],
        [101, 140, 0],
    ]) {
        assert.equal(shiftInto({ left, right }, frame), shift);
    }
});
