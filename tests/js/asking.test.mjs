// Asking the server: of many questions the last counts, and what it has against a field stands at that field.
import assert from "node:assert/strict";
import { test } from "node:test";
import { latest, latestOfMany } from "../../resources/js/page.js";

/** A server whose answers wait until they are let go. */
function server() {
    const asked = [];
    const answers = [];
    globalThis.fetch = (url, { signal } = {}) =>
        new Promise((answer, fail) => {
            asked.push(url);
            answers.push(answer);
            signal?.addEventListener("abort", () => fail(signal.reason));
        });
    const answer = (index, text) => answers[index]({ ok: true, status: 200, text: async () => text });
    const refuse = (index, errors) => answers[index]({ ok: false, status: 422, json: async () => ({ errors }) });
    return { asked, answer, refuse };
}

test("an answer that is overtaken is stale, and its request is given up", async () => {
    const { asked, answer } = server();
    const ask = latest();
    const first = ask("/places", { q: "Cad" });
    const second = ask("/places", { q: "Cadiz" });
    answer(1, "Cadiz");
    assert.deepEqual(asked, ["/places?q=Cad", "/places?q=Cadiz"]);
    assert.equal((await first).isStale, true);
    assert.equal((await second).piece, "Cadiz");
});

test("while something moves one question is under way, and of those that wait only the last is asked", async () => {
    const { asked, answer } = server();
    const ask = latestOfMany();
    const all = [1, 2, 3, 4].map((x) => ask("/view", { x }));
    await new Promise((done) => setImmediate(done));
    // Overtaken before it began.
    answer(0, "four");
    assert.deepEqual(
        (await Promise.all(all)).map(({ piece, isStale }) => piece ?? isStale),
        [true, true, true, "four"],
    );
    assert.deepEqual(asked, ["/view?x=4"]);
    const fifth = ask("/view", { x: 5 });
    await new Promise((done) => setImmediate(done));
    const sixth = ask("/view", { x: 6 });
    answer(1, "five");
    assert.equal((await fifth).piece, "five", "an answer on the way is worth a look");
    await new Promise((done) => setImmediate(done));
    answer(2, "six");
    assert.equal((await sixth).piece, "six");
});

test("messages of a refusal stand at their fields, and go with the next answer", async () => {
    const { answer, refuse } = server();
    globalThis.document = { createElement: () => ({ dataset: {}, remove() {
        field.faults = field.faults.filter((fault) => fault !== this);
    } }) }; // prettier-ignore
    const field = {
        faults: [],
        set: {},
        setAttribute(name, value) {
            this.set[name] = value;
        },
        removeAttribute(name) {
            delete this.set[name];
        },
        after(fault) {
            this.faults.push(fault);
        },
    };
    // What the page came with.
    const removed = [];
    const form = {
        elements: { hole_mm: field },
        querySelector: (which) => ({ remove: () => removed.push(which) }),
        querySelectorAll: (which) =>
            which === "[data-now]" ? [...field.faults] : "aria-invalid" in field.set ? [field] : [],
    };
    const ask = latest({ form: () => form });
    const wrong = ask("/box", { hole_mm: "x" });
    refuse(0, { hole_mm: ["The hole is a number."], gone: ["no such field"] });
    assert.equal((await wrong).piece, null);
    assert.deepEqual([field.faults[0].textContent, field.faults[0].id], ["The hole is a number.", "hole_mm-fault"]);
    assert.equal(field.set["aria-invalid"], "true");
    assert.deepEqual(removed, ['[id="hole_mm-fault"]'], "of no other field");
    const right = ask("/box", { hole_mm: "1" });
    answer(1, "<dl>");
    assert.equal((await right).piece, "<dl>");
    assert.deepEqual([field.faults, field.set], [[], {}]);
});
