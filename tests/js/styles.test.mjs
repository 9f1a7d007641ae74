// The styles: colours only in the tokens, text that can be read on every ground, no global selector in a room's file.
import assert from "node:assert/strict";
import { readdirSync, readFileSync } from "node:fs";
import { test } from "node:test";

const STYLES = new URL("../../resources/scss/", import.meta.url);
const VIEWS = new URL("../../resources/views/", import.meta.url);
const read = (folder, ending) =>
    readdirSync(folder, { recursive: true })
        .filter((name) => name.endsWith(ending))
        .map((name) => [name, readFileSync(new URL(name, folder), "utf8").replace(/\/\/.*$/gm, "")]);

/** The colours of one of the tokens' maps, by name. */
function tokens(map) {
    const source = readFileSync(new URL("tokens/_colours.scss", STYLES), "utf8");
    const [, body] = source.match(new RegExp(`\\$${map}: \\(([^)]*)\\)`));
    return Object.fromEntries([...body.matchAll(/"([\w-]+)": (#[0-9a-f]+)/g)].map(([, name, hex]) => [name, hex]));
}

/** Relative luminance (WCAG 2.2, definitions). */
function luminance(hex) {
    const digits = hex.length === 4 ? [...hex.slice(1)].map((d) => d + d) : hex.slice(1).match(/../g);
    const [r, g, b] = digits
        .map((pair) => parseInt(pair, 16) / 255)
        .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(a, b) {
    const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
    return (light + 0.05) / (dark + 0.05);
}

test("black on white is 21 to 1 (WCAG 2.2), grey on white as its examples have it", () => {
    assert.equal(contrast("#000", "#fff"), 21);
    // Common practice: the lightest grey that passes on white.
    assert.ok(contrast("#767676", "#fff") > 4.5 && contrast("#777", "#fff") < 4.5);
});

test("every colour of text can be read on every ground", () => {
    const pairs = Object.entries(tokens("text")).flatMap(([text, a]) =>
        Object.entries(tokens("grounds")).map(([ground, b]) => [`${text} on ${ground}`, contrast(a, b), text]),
    );
    assert.ok(pairs.length >= 20);
    for (const [pair, ratio, text] of pairs) {
        assert.ok(ratio >= (text === "ink" ? 7 : 4.5), `${pair}: ${ratio.toFixed(2)}`);
    }
});

test("ink can be read on the Sun, white and paper on the shadow, and lines of meaning are told from paper", () => {
    const all = Object.assign({}, ...["text", "grounds", "marks", "lines"].map(tokens));
    for (const [a, b, least] of [
        ["ink", "sun", 7],
        ["ink", "sun-pale", 7],
        ["white", "shadow", 7],
        ["paper", "shadow", 7],
        ["white", "screen", 7],
        ["white", "fault", 4.5],
        ["sun", "shadow", 4.5],
        // Parts of the interface and of drawings (WCAG 1.4.11).
        ["line-strong", "white", 3],
        ["edge", "paper", 3],
        ["sun-deep", "paper", 3],
    ]) {
        assert.ok(contrast(all[a], all[b]) >= least, `${a} on ${b}: ${contrast(all[a], all[b]).toFixed(2)}`);
    }
});

test("in sunlight, and on the day's screen, whatever is read is 7 to 1", () => {
    const all = Object.assign({}, ...["text", "grounds", "marks", "lines"].map(tokens));
    for (const colours of [all, { ...all, ...tokens("sunlight") }]) {
        for (const [text, ground] of [
            ...["ink", "ink-soft", "shadow", "fault"].flatMap((text) => ["paper", "white"].map((on) => [text, on])),
            ["ink", "sun"],
            ["white", "shadow"],
            ["white", "ink"],
        ]) {
            const ratio = contrast(colours[text], colours[ground]);
            assert.ok(ratio >= 7, `${text} on ${ground}: ${ratio.toFixed(2)}`);
        }
    }
});

test("there is no colour outside the tokens, in styles or in views", () => {
    const colour = /#[0-9a-fA-F]{3,8}\b(?!["'])|\b(?:rgb|hsl|lab|lch|oklch)a?\(|:\s*(?:white|black|red|grey|gray)\b/;
    for (const [name, source] of read(STYLES, ".scss").filter(([name]) => !name.startsWith("tokens/"))) {
        assert.doesNotMatch(source, colour, name);
    }
    for (const [name, source] of read(VIEWS, ".php")) {
        assert.doesNotMatch(source, /(?:fill|stroke|stop-color|color)="(?!none|currentColor|url)/, name);
    }
});

test("a room's file styles what has a class of its own; @use is the way of putting files together", () => {
    for (const [name, source] of read(STYLES, ".scss")) {
        if (name !== "_bootstrap.scss") assert.doesNotMatch(source, /@import/, name);
        if (!name.startsWith("rooms/")) continue;
        const heads = source.match(/^[^\s@}/][^{};]*(?=\{|,$)/gm) ?? [];
        for (const head of heads) assert.match(head.trim(), /^[.]/, `${name}: ${head.trim()}`);
    }
});
