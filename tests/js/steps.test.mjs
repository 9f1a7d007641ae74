import { test } from "node:test";
import assert from "node:assert/strict";
import { undoable } from "../../resources/js/steps.js";

test("what was changed a moment before undo, its answer still awaited, is a step of its own", () => {
    const form = {
        ...undoable(),
        value: 1.4,
        now() {
            return { value: this.value };
        },
        put({ value }) {
            this.value = value;
        },
    };
    form.keep();
    assert.deepEqual([form.isFirst, form.isLast], [true, true]);
    form.value = 1.2;
    form.undo();
    assert.deepEqual([form.value, form.isFirst, form.isLast], [1.4, true, false]);
    form.redo();
    assert.deepEqual([form.value, form.isFirst, form.isLast], [1.2, false, true]);
    form.undo();
    form.value = 0.9;
    form.keep();
    form.redo();
    assert.equal(form.value, 0.9, "going on from an earlier one forgets the later ones");
    form.undo();
    assert.equal(form.value, 1.4);
    form.undo();
    assert.equal(form.value, 1.4, "there is nothing before the first");
});
