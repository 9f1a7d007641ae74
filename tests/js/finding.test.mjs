// A place looked for by name: one question for one text, the answer to what stands there now, and the focus kept.
import assert from "node:assert/strict";
import { test } from "node:test";
import { eventForm } from "../../resources/js/event/form.js";

/** A form of which only the search matters; answers wait until they are let go, and every list put there is counted. */
function form() {
    const answers = [];
    const asked = [];
    globalThis.fetch = (url) => {
        asked.push(new URLSearchParams(url.split("?")[1]).get("q"));
        return new Promise((answer) => answers.push(answer));
    };
    const shown = [];
    const button = { focused: 0, focus: () => (button.focused += 1), hasAttribute: () => button.isPlain, dataset: {} };
    const found = {
        set innerHTML(html) {
            shown.push(html);
            button.focused = 0;
        },
        querySelector: () => (shown.at(-1) ? button : null),
    };
    const page = {
        ...eventForm(),
        $root: { dataset: { places: "/places" } },
        $refs: { place: { value: "" }, found, unreached: { hidden: true } },
    };
    const answer = async (index, text) => {
        answers[index](
            text === null ? { ok: false, status: 500, text: async () => "" } : { ok: true, text: async () => text },
        );
        await new Promise((done) => setImmediate(done));
    };
    return { page, asked, shown, button, answer };
}

test("the pause and Enter ask one question between them, and the first place keeps the focus", async () => {
    const { page, asked, shown, button, answer } = form();
    page.$refs.place.value = "Akureiri";
    const first = page.takeFirst();
    page.find();
    await answer(0, "Akureyri");
    await first;
    page.find();
    assert.deepEqual(asked, ["Akureiri"]);
    assert.deepEqual(shown, ["Akureyri"]);
    assert.equal(button.focused, 1);
});

test("an answer that comes late does not cover that of what was typed since", async () => {
    const { page, shown, answer } = form();
    page.$refs.place.value = "Cad";
    page.find();
    page.$refs.place.value = "Cadiz";
    page.find();
    await answer(1, "Cadiz, Spain");
    await answer(0, "Caddo");
    assert.deepEqual(shown, ["Cadiz, Spain"]);
});

test("what the server did not answer is asked again; what was taken can be looked for anew", async () => {
    const { page, asked, shown, button, answer } = form();
    page.$refs.place.value = "Cadiz";
    page.find();
    await answer(0, null);
    assert.equal(page.$refs.unreached.hidden, false, "and it is said that nothing came");
    page.find();
    await answer(1, "Cadiz, Spain");
    assert.deepEqual(shown, ["Cadiz, Spain"]);
    assert.equal(page.$refs.unreached.hidden, true);
    Object.assign(button.dataset, {
        name: "Cadiz, Spain",
        lat: "36.53",
        lon: "-6.29",
        height: "",
        zone: "Europe/Madrid",
    });
    page.fill(button);
    assert.deepEqual(
        [page.place_name, page.lat, page.height_m, page.$refs.place.value],
        ["Cadiz, Spain", "36.53", "0", ""],
    );
    page.$refs.place.value = "Cadiz";
    page.find();
    assert.equal(asked.length, 3);
});

test("only a plain match is taken by Enter", async () => {
    const { page, button, answer } = form();
    Object.assign(button, { isPlain: true });
    Object.assign(button.dataset, { name: "Wien", lat: "48.2", lon: "16.4", height: "", zone: "Europe/Vienna" });
    page.$refs.place.value = "Wien";
    const taken = page.takeFirst();
    await answer(0, "Wien");
    await taken;
    assert.deepEqual([page.place_name, page.timezone], ["Wien", "Europe/Vienna"]);
});
