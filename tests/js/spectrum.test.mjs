// What a curve lets through, in words.
import assert from "node:assert/strict";
import { test } from "node:test";
import { percent } from "../../resources/js/eyewear/spectrum.js";

test("a fraction is told in per cent with three digits", () => {
    assert.equal(percent(8.12e-6), "0.000812 %");
    assert.equal(percent(0.35), "35.0 %");
    assert.equal(percent(1), "100 %");
    assert.equal(percent(0), "0 %");
    assert.equal(percent(null), undefined);
});
