// The order in which the plan is saved: one request after the other, each from what the one before left, nothing lost.
import assert from "node:assert/strict";
import { test } from "node:test";
import { server } from "../../resources/js/site/plan/server.js";

/** A page with a few rows of numbers; answers wait until they are let go. */
function page(...names) {
    const field = (name, value = "") => ({ name, value });
    const elements = Object.fromEntries(
        ["_token", "from", "spot", "accuracy_m", "horizon"].map((name) => [
            name,
            field(name, name === "from" ? "1" : ""),
        ]),
    );
    const rows = names.map((name) => ({
        ...Object.fromEntries(["kind", "points", "height_m", "radius_m", "sill_m"].map((part) => [part, field(part)])),
        name: field("name", name),
        remove: { checked: false },
    }));
    const form = {
        action: "/plan",
        elements,
        querySelector: () => null,
        querySelectorAll: (selector) =>
            selector === "[data-row]" ? rows.map((row, i) => ({ dataset: { row: i } })) : [],
    };
    const sent = [];
    const shown = [];
    const answers = [];
    globalThis.fetch = (url, { method, body, headers }) => {
        assert.deepEqual([method, headers["Content-Type"]], ["PUT", "application/json"]);
        const { from, things } = JSON.parse(body);
        sent.push({ from, names: things.map(({ name }) => name) });
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
        conflict: { hidden: true, innerHTML: "", scrollIntoView() {} },
        part: () => form,
        input: (i, name) => rows[i][name],
        thing: () => undefined,
        replace(html) {
            if (html === null) return;
            this.touched = false;
            elements.from.value = html.match(/value="(\d+)"/)[1];
            shown.push(html);
        },
    };
    const answer = async (status, text) => {
        answers.shift()({ ok: status === 200, status, text: async () => text, json: async () => JSON.parse(text) });
        await new Promise((done) => setTimeout(done));
    };
    return { plan, elements, rows, sent, shown, answer, settle: () => new Promise((done) => setTimeout(done)) };
}

const made = (revision) => `<input name="from" value="${revision}">`;

test("two wishes that wait are one request", async () => {
    const { plan, sent, answer, settle } = page("a");
    plan.save();
    plan.save();
    await settle();
    assert.deepEqual(sent, [{ from: "1", names: ["a"] }]);
    await answer(200, made(2));
    assert.equal(sent.length, 1);
});

test("what is changed while an answer is under way follows on it and is not wiped out", async () => {
    const { plan, elements, rows, sent, shown, answer, settle } = page("a");
    plan.save();
    await settle();
    rows[0].name.value = "b";
    plan.save();
    await answer(200, made(2));
    assert.deepEqual(sent, [
        { from: "1", names: ["a"] },
        { from: "2", names: ["b"] },
    ]);
    assert.deepEqual(shown, [], "the older answer would show the wall as it was");
    await answer(200, made(3));
    assert.deepEqual(shown, [made(3)]);
    assert.equal(elements.from.value, "3");
});

test("what is refused stays to be saved, and says why", async () => {
    const { plan, sent, answer, settle } = page("a");
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

test("a plan goes whole, without the rows that are empty or removed, and faults come back to their rows", async () => {
    const names = Array.from({ length: 150 }, (_, i) => String(i));
    const { plan, rows, sent, answer, settle } = page(...names, "");
    rows.slice(0, 140).forEach((row) => (row.remove.checked = true));
    plan.save();
    await settle();
    assert.deepEqual(sent[0].names, names.slice(140));
    await answer(422, '{"errors":{"things.3.points":["crosses itself"],"horizon":["no pair"]}}');
    assert.deepEqual(plan.faultsOf(plan.filledRows()), {
        "things.143.points": ["crosses itself"],
        horizon: ["no pair"],
    });
});

test("after a conflict mine is not lost, and goes over theirs when it is chosen", async () => {
    const { plan, sent, shown, answer, settle } = page("a");
    plan.save();
    await settle();
    await answer(409, "<p>both</p>");
    assert.deepEqual(
        [plan.conflict.hidden, plan.conflict.innerHTML, plan.refused.hidden],
        [false, "<p>both</p>", true],
    );
    assert.equal(plan.touched, true);
    plan.settle({ target: { dataset: { choice: "mine", from: "7" } } });
    await settle();
    assert.deepEqual(sent[1], { from: "7", names: ["a"] });
    await answer(200, made(8));
    assert.deepEqual([shown, plan.conflict.hidden], [[made(8)], true]);
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
