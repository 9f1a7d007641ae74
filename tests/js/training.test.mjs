// Training: which card comes next is what core says; a press counts when the finger came down.
import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { test } from "node:test";
import { trainingDrill } from "../../resources/js/training/drill.js";
import { pile } from "../../resources/js/training/pile.js";

test("ten thousand cards by chance come as core's pile has them", () => {
    const reference = new URL("training-reference.php", import.meta.url).pathname;
    const { rules, runs } = JSON.parse(execFileSync("php", [reference], { maxBuffer: 64e6 }));
    let compared = 0;
    for (const { dealt, steps } of runs) {
        const mine = pile(rules);
        for (const { id, level, right } of steps) {
            assert.equal(mine.next(dealt), id);
            assert.equal(mine.level(), level);
            if (id !== null) mine.answered(id, right);
            compared++;
        }
    }
    assert.ok(compared > 5000);
});

test("a press is told by when it was made, at every speed and however late the page comes to it", () => {
    for (const speed of [1, 2, 5, 10]) {
        const drill = trainingDrill();
        Object.assign(drill, { data: { begin: 1_000_000 }, from: 5000, speed });
        // The page was busy for two seconds: the event says when the finger came down.
        drill.callOff({ timeStamp: 5000 + 45_300 / speed });
        assert.equal(drill.off, 1_045_300);
        drill.callOff({ timeStamp: 5000 + 99_000 / speed });
        assert.equal(drill.off, 1_045_300, "the first press counts");
        drill.callOn({ timeStamp: 5000 + 120_050 / speed });
        assert.equal(drill.on, 1_120_050);
    }
    const drill = trainingDrill();
    Object.assign(drill, { data: { begin: 0 }, from: 0, speed: 1, on: null });
    drill.callOn({ timeStamp: 1 });
    assert.equal(drill.on, null, "nobody calls them on who has not called them off");
});
