// The disc shows the sample that is chosen, as the server computed it, and rounds nothing up to all.
import assert from "node:assert/strict";
import { test } from "node:test";
import { skyDisc } from "../../resources/js/sky/disc.js";

const SAMPLES = [
    { s: 0, t: "19:43:29", n: "C1", x: 1.2, y: -0.4, r: 1.01, o: 0, d: "0.000", p: "0.0", up: true, alt: "17.2", low: false, az: "276.4", c: "west", f: false },
    { s: 1500, t: "20:08:29", n: "", x: 0.5, y: 0.1, r: 1.01, o: 0.99996, d: "0.999", p: "99.9", up: true, alt: "12.1", low: false, az: "280.0", c: "west", f: false },
    { s: 3336, t: "20:39:05", n: "Max", x: 0, y: 0, r: 1.01, o: 1, d: "1.004", p: "100", up: true, alt: "6.9", low: false, az: "284.7", c: "west", f: true },
    { s: 6000, t: "21:23:29", n: "", x: -0.9, y: 0.2, r: 1.01, o: 0.1, d: "0.150", p: "10.0", up: true, alt: "−0.7", low: true, az: "290.5", c: "west", f: false },
    { s: 6672, t: "21:31:00", n: "C4", x: -1.2, y: 0.3, r: 1.01, o: 0, d: "0.000", p: "0.0", up: false, alt: "−2.4", low: true, az: "292.0", c: "west", f: false },
]; // prettier-ignore

/** The page around the disc: elements that only remember what they were given. */
function disc() {
    const remember = () => ({ set: {}, setAttribute(name, value) { this.set[name] = value; } }); // prettier-ignore
    const refs = { moon: remember(), shade: remember(), corona: remember(), slider: remember(), view: remember() };
    const cursor = remember();
    const data = { samples: SAMPLES, best: 2, begin: -600, end: 7272 };
    globalThis.document = {
        getElementById: (id) => (id === "ribbon-cursor" ? cursor : { textContent: JSON.stringify(data) }),
        querySelector: () => ({ dataset: { up: "zenith up" } }),
    };
    const dataset = {
        covered: ":area % of the area, :diameter of the diameter",
        place: "Sun :alt up, :az :compass",
        rim: "Sun on the horizon, :az :compass",
        down: "below the horizon",
        on: "filters stay on",
        off: "filters may come off",
    };
    const watched = {};
    const page = { ...skyDisc(), $refs: refs, $root: { dataset }, $watch: (name, call) => (watched[name] = call) };
    page.init();
    const show = (index) => {
        refs.slider.value = String(index);
        page.move();
        watched.index();
        return page.reading();
    };
    return { page, refs, cursor, show, changed: () => watched.index() };
}

test("it opens at the best moment, and the drawing is the sample turned upright", () => {
    const { page, refs } = disc();
    assert.equal(page.title(), "20:39:05  Max");
    assert.deepEqual({ ...refs.moon.set }, { cx: 0, cy: -0, r: 1.01 });
    assert.equal(refs.corona.set.visibility, "visible");
});

test("what is not all is not called all, by number or by corona; only the server lets filters come off", () => {
    const { refs, show } = disc();
    assert.equal(
        show(1),
        "20:08:29, 99.9 % of the area, 0.999 of the diameter, Sun 12.1 up, 280.0 west, filters stay on",
    );
    assert.equal(refs.corona.set.visibility, "hidden");
    assert.match(show(2), /100 % of the area.*filters may come off$/);
    assert.match(show(3), /Sun on the horizon, 290.5 west, filters stay on$/);
    assert.match(show(4), /below the horizon, filters stay on$/);
});

test("up on the sky is up on the page, and the ribbon's cursor stands where the moment lies on it", () => {
    const { refs, cursor, show } = disc();
    SAMPLES.forEach((sample, index) => {
        show(index);
        assert.equal(refs.moon.set.cx, sample.x);
        assert.ok(Math.abs(refs.moon.set.cy + sample.y) < 1e-12);
        const share = parseFloat(cursor.set.x1) / 100;
        assert.ok(Math.abs(-600 + share * 7872 - sample.s) < 1e-6);
        assert.equal(cursor.set.x1, cursor.set.x2);
    });
});

test("a contact's button leads to its sample, and a view turns the words along with the picture", () => {
    const { page, refs } = disc();
    page.jump({ currentTarget: { dataset: { contact: "C4" } } });
    assert.equal(page.title(), "21:31:00  C4");
    assert.equal(refs.slider.value, 4);
    page.turn({ target: { selectedOptions: [{ value: "-1 1", dataset: { up: "as in a mirror" } }] } });
    assert.equal(refs.view.set.transform, "scale(-1 1)");
    assert.equal(page.up(), "as in a mirror");
});
