import assert from "node:assert/strict";
import test from "node:test";
import { afterPair, afterPause, minutesFor, secondsEach, unknownPace } from "../../resources/js/eyewear/pace.js";

const pairs = (pace, times) => times.reduce(afterPair, pace);

test("nothing is known before a few pairs", () => {
    const pace = pairs(unknownPace, [0, 10_000, 20_000]);
    assert.equal(secondsEach(pace), undefined);
    assert.equal(minutesFor(pace, 100), undefined);
});

test("the mean of the last ones, and the minutes for the rest rounded up", () => {
    const pace = pairs(unknownPace, [0, 10_000, 22_000, 36_000]);
    assert.equal(secondsEach(pace), 12);
    assert.equal(minutesFor(pace, 100), 20);
    assert.equal(minutesFor(pace, 101), 21);
    assert.equal(minutesFor(pace, 0), 0);
    // Who has become quicker is told so: only the last 20 count.
    assert.equal(
        secondsEach(
            pairs(
                pace,
                Array.from({ length: 20 }, (_, i) => 36_000 + 5000 * (i + 1)),
            ),
        ),
        5,
    );
});

test("a pause counts for no pair", () => {
    const before = pairs(unknownPace, [0, 10_000, 20_000, 30_000]);
    const after = pairs(afterPause(afterPause(before, null), 900_000), [910_000]);
    assert.equal(secondsEach(after), 10);
    assert.equal(after.seconds.length, 4);
});
