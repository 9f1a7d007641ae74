// The order in which the plan is saved: one request after the other, each from what the one before left, nothing lost.
import assert from "node:assert/strict";
import { test } from "node:test";
import { server } from "../../resources/js/site/plan/server.js";

/** A page of which only the revision it was made from and one field matter; answers wait until they are let go. */
function page() {
    const fields = { from: { value: "1" }, spot: { value: "" }, wall: { value: "a" } };
    const form = { action: "/plan", querySelector: (selector) => fields[selector.match(/name=(\w+)/)[1]] };
    const sent = [];
    const shown = [];
    const answers = [];
    globalThis.FormData = class {
        constructor() {
            this.taken = { from: fields.from.value, wall: fields.wall.value };
        }
    };
    globalThis.fetch = (url, { body }) => {
        sent.push(body.taken);
        return new Promise((answer) => answers.push(answer));
    };
    const plan = {
        ...server(),
        chosen: null,
        touched: false,
        waiting: null,
        last: Promise.resolve(),
        words: { unreachable: "no network", refused: "refused" },
        refused: { hidden: true, textContent: "", scrollIntoView() {} },
        part: () => form,
        thing: () => undefined,
        replace(html) {
            if (html === null) return;
            this.touched = false;
            fields.from.value = html.match(/value="(\d+)"/)[1];
            shown.push(html);
        },
    };
    const answer = async (status, text) => {
        answers.shift()({ ok: status === 200, status, text: async () => text, json: async () => JSON.parse(text) });
        await new Promise((done) => setTimeout(done));
    };
    return { plan, fields, sent, shown, answer, settle: () => new Promise((done) => setTimeout(done)) };
}

const made = (revision) => `<input name="from" value="${revision}">`;

test("two wishes that wait are one request", async () => {
    const { plan, sent, answer, settle } = page();
    plan.save();
    plan.save();
    await settle();
    assert.deepEqual(sent, [{ from: "1", wall: "a" }]);
    await answer(200, made(2));
    assert.equal(sent.length, 1);
});

test("what is changed while an answer is under way follows on it and is not wiped out", async () => {
    const { plan, fields, sent, shown, answer, settle } = page();
    plan.save();
    await settle();
    fields.wall.value = "b";
    plan.save();
    await answer(200, made(2));
    assert.deepEqual(sent, [
        { from: "1", wall: "a" },
        { from: "2", wall: "b" },
    ]);
    assert.deepEqual(shown, [], "the older answer would show the wall as it was");
    await answer(200, made(3));
    assert.deepEqual(shown, [made(3)]);
    assert.equal(fields.from.value, "3");
});

test("what is refused stays to be saved, and says why", async () => {
    const { plan, sent, answer, settle } = page();
    const first = plan.save();
    await settle();
    await answer(422, '{"errors":{"things":["crosses itself"]}}');
    assert.equal(await first, false);
    assert.equal(plan.touched, true);
    assert.match(plan.refused.textContent, /crosses itself/);
    plan.save();
    await settle();
    assert.equal(sent.length, 2, "it may be sent again");
});

test("one that fails does not hold up those behind it", async () => {
    const { plan } = page();
    const log = console.error;
    console.error = () => {};
    const done = [];
    plan.inTurn(() => Promise.reject(new Error("gone")));
    plan.inTurn(async () => done.push("second"));
    await plan.inTurn(async () => done.push("third"));
    console.error = log;
    assert.deepEqual(done, ["second", "third"]);
});
