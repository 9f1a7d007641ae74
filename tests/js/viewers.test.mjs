// The bench's sliders, and its picture that waits for the last one.
import assert from "node:assert/strict";
import { test } from "node:test";
import { allButMoon } from "../../resources/js/viewers/bite.js";
import { fitted, written } from "../../resources/js/viewers/pad.js";
import { latestPicture } from "../../resources/js/viewers/picture.js";
import { steps } from "../../resources/js/steps.js";
import { logPlace, logValue, rounded } from "../../resources/js/viewers/scale.js";

test("a logarithmic slider: half-way is the geometric mean, and it reads back", () => {
    assert.equal(logValue(0.5, 1, 100), 10);
    assert.equal(logValue(-1, 1, 100), 1);
    assert.equal(logValue(2, 1, 100), 100);
    for (const share of [0, 0.2, 0.77, 1]) {
        assert.ok(Math.abs(logPlace(logValue(share, 0.1, 50), 0.1, 50) - share) < 1e-12);
    }
    assert.deepEqual([rounded(1234.5), rounded(0.98765), rounded(12)], ["1230", "0.988", "12"]);
});

test("of pictures that wait only the last is fetched, and one that fails leaves the one before", async () => {
    const asked = [];
    const waiting = [];
    globalThis.Image = class {
        set src(value) {
            asked.push(value);
            this.name = value;
        }
        decode() {
            return new Promise((resolve, reject) => waiting.push({ resolve, reject }));
        }
    };
    const shown = [];
    const show = latestPicture((picture) => shown.push(picture.name));
    const settle = () => new Promise((resolve) => setImmediate(resolve));
    show("a");
    show("b");
    show("c");
    waiting.shift().resolve();
    await settle();
    assert.deepEqual(asked, ["a", "c"]);
    waiting.shift().reject(new Error("gone"));
    await settle();
    assert.deepEqual(shown, ["a"]);
    show("d");
    waiting.shift().resolve();
    await settle();
    assert.deepEqual(shown, ["a", "d"]);
    delete globalThis.Image;
});

test("strokes of the pad are written and read back, fitted to it", () => {
    assert.equal(
        written([
            [
                [1.2, 2.6],
                [10, 20],
            ],
            [[5, 5]],
        ]),
        "1,3 10,20;5,5",
    );
    const [line, dot] = fitted("0,0 1,0.5;0.5,0.25");
    // As wide as the pad but for its rim of 12, the dot in the middle of the line.
    assert.deepEqual(line, [
        [12, 12],
        [258, 135],
    ]);
    assert.deepEqual(dot, [[135, 73.5]]);
});

test("steps go back and on, a new one forgets the later ones, and the same twice is one", () => {
    const tried = steps();
    assert.equal(tried.back(), null);
    for (const mm of ["1", "2", "2", "3"]) tried.add({ mm });
    assert.deepEqual([tried.back(), tried.back(), tried.back()], [{ mm: "2" }, { mm: "1" }, null]);
    assert.deepEqual(tried.on(), { mm: "2" });
    tried.add({ mm: "2" });
    assert.ok(tried.canGoOn(), "coming back is no step");
    tried.add({ mm: "9" });
    assert.deepEqual([tried.canGoOn(), tried.on(), tried.back()], [false, null, { mm: "2" }]);
});

test("all but the Moon: a square about everything, and a circle whose ends lie a radius to either side", () => {
    assert.equal(
        allButMoon(0.5, -0.25, 1.25),
        "M-9 -9H9V9H-9ZM-0.75 -0.25a1.25 1.25 0 1 0 2.5 0a1.25 1.25 0 1 0 -2.5 0",
    );
});
