// Where somebody of the crowd is at a moment: away, on foot, waiting, looking, done.
import assert from "node:assert/strict";
import { test } from "node:test";
import { stateAt } from "../../resources/js/audience/yard.js";

// Station, came, began, ended, seconds on foot before.
const visits = [
    [0, 50, 60, 80, 50],
    [1, 140, 140, 170, 60],
];

test("a visitor goes from station to station", () => {
    assert.deepEqual(stateAt(visits, -1).is, "away");
    assert.deepEqual(stateAt(visits, 25), { is: "walk", station: 0, from: null, share: 0.5 });
    assert.deepEqual(stateAt(visits, 50), { is: "wait", station: 0, since: 50 });
    assert.deepEqual(stateAt(visits, 79), { is: "look", station: 0, since: 60 });
    assert.deepEqual(stateAt(visits, 110), { is: "walk", station: 1, from: 0, share: 0.5 });
    assert.deepEqual(stateAt(visits, 140).is, "look");
    assert.deepEqual(stateAt(visits, 170), { is: "done" });
});

test("whoever has no way to go is there at once", () => {
    assert.equal(stateAt([[0, 10, 10, 20, 0]], 9).is, "away");
    assert.equal(stateAt([[0, 10, 10, 20, 0]], 10).is, "look");
});
