import assert from "node:assert/strict";
import { test } from "node:test";
import { dragSeconds, keyStep } from "../../resources/js/runsheet/lanes.js";

test("keys move a cue by a minute, with Shift by five seconds", () => {
    assert.equal(keyStep({ key: "ArrowRight" }), 60);
    assert.equal(keyStep({ key: "ArrowLeft", shiftKey: true }), -5);
    assert.equal(keyStep({ key: "a" }), 0);
});

test("a hand moves it in whole minutes on a whole day, and in five seconds when it is close", () => {
    assert.equal(dragSeconds(10, 13), 120);
    assert.equal(dragSeconds(-10, 13), -120);
    assert.equal(dragSeconds(10, 1.6), 15);
});
