// What is heard of a day: never a permission that does not hold, and of a safety call every word.
import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { test } from "node:test";
import { playDay, WORDS } from "./day-sound.mjs";

const days = JSON.parse(
    execFileSync("php", [new URL("day-reference.php", import.meta.url).pathname], { maxBuffer: 64e6 }),
);
const totalities = days.map(({ tables }) => tables[0]).filter(({ calls }) => calls.length > 0);
const PERMISSION = "may_come_off";
const isPermission = ({ kind, words = "" }) =>
    kind === PERMISSION || words === PERMISSION || words.includes(PERMISSION);
const timesOf = (table) => Object.fromEntries(table.calls.map(({ id, from }) => [id, from]));
/** Words of calls that cut off all others. */
const isSafety = ({ words = "" }) => words === "back_on" || words === WORDS.states.stopped.name;

/** Deterministic chance: a linear congruential generator (Numerical Recipes, from memory). */
function dice(seed) {
    return (most) => ((seed = (1664525 * seed + 1013904223) % 2 ** 32) / 2 ** 32) * most;
}

/** What must hold of whatever is heard, at true speed. */
function assertNothingWrong({ heard, shown, stateBy, table, presses }, told) {
    const { warning } = timesOf(table);
    for (const one of heard.filter(isPermission)) {
        for (const at of [one.begin, (one.begin + one.end) / 2, one.end - 1])
            assert.equal(stateBy(at), "may_come_off", `a permission that does not hold: ${told}`);
        assert.ok(one.what === "tone" || !one.isWhole || one.end <= warning, `into the warning: ${told}`);
    }
    for (const { state, at } of shown) assert.ok(state !== "may_come_off" || stateBy(at) === state, told);
    for (const one of heard.filter(isSafety))
        assert.ok(
            one.words !== "back_on" || stateBy(one.begin) !== "may_come_off",
            `filters on while they may be off: ${told}`,
        );
    // From filters that may be off to filters on: words begin within half a second, and are heard whole unless another safety call came.
    shown.forEach(({ state, at }, i) => {
        if (shown[i - 1]?.state !== "may_come_off") return;
        const next = presses.find((press) => press.at > at && press.kind !== "message")?.at ?? Infinity;
        const words = heard.filter((one) => one.what === "voice" && one.begin >= at && one.begin <= at + 500);
        assert.equal(words.length > 0 || next < at + 500, true, `no words within half a second of ${state}: ${told}`);
        const whole = heard.some(
            (one) => one.what === "voice" && one.begin >= at && one.isWhole && one.words !== "message",
        );
        assert.ok(whole || next < at + 6000, `not heard whole: ${told}`);
    });
}

test("presses at any tenth of a second around every call: nothing is permitted that does not hold, and every safety call is heard", () => {
    const chance = dice(7);
    const kinds = ["stop", "go_on", "cloud", "clear", "message", "message"];
    let permissions = 0;
    let kept = 0;
    for (let run = 0; run < 1500; run++) {
        const table = totalities[run % totalities.length];
        const times = timesOf(table);
        const near = [times.may_come_off, times.warning, times.back_on][Math.floor(chance(3))];
        const presses = Array.from({ length: 1 + Math.floor(chance(4)) }, () => {
            const kind = kinds[Math.floor(chance(kinds.length))];
            return { kind, words: "message", at: Math.round(near / 100) * 100 + 100 * Math.round(chance(160) - 80) };
        }).sort((a, b) => a.at - b.at);
        const lines = [
            {
                id: "look",
                from: times.may_come_off + 400,
                to: times.may_come_off + 20000,
                call: "look round the whole horizon",
                clouds: "falls_away",
                onlyFiltersOff: true,
            },
            {
                id: "table",
                from: times.back_on + 200,
                to: times.back_on + 200,
                call: "please come to the table",
                clouds: "goes_on",
                onlyFiltersOff: false,
            },
        ];
        const played = playDay({
            table,
            lines,
            presses,
            from: near - 12000,
            to: near + 20000,
            latencyMs: () => chance(140),
        });
        assertNothingWrong(
            { ...played, table, presses },
            JSON.stringify(presses.map(({ kind, at }) => [kind, at - times.may_come_off])),
        );
        permissions += played.heard.filter(isPermission).length;
        kept += played.shown.some(({ state }) => state === "kept_on") ? 1 : 0;
        const looks = played.heard.filter(({ words = "" }) => words.startsWith("look"));
        for (const look of looks) assert.equal(played.stateBy(look.end - 1), "may_come_off");
    }
    assert.ok(permissions > 400 && kept > 30, JSON.stringify({ permissions, kept }));
});

test("a stop 0.4 s after the permission's tone: it is not spoken, and the words of the stop are heard within half a second", () => {
    for (const table of totalities) {
        const { may_come_off: off } = timesOf(table);
        for (let tenths = 0; tenths < 40; tenths++) {
            const at = off + 100 * tenths + 1;
            const { heard } = playDay({ table, presses: [{ kind: "stop", at }], from: off - 5000, to: off + 20000 });
            assert.deepEqual(
                heard.filter((one) => isPermission(one) && one.end > at + 1),
                [],
                `${tenths}`,
            );
            const words = heard.find((one) => one.what === "voice" && one.begin >= at);
            assert.equal(words.words, WORDS.states.stopped.name);
            assert.ok(words.begin - at <= 500 && words.isWhole);
        }
    }
});

test("an everyday message does not cut off filters on; it is said after", () => {
    for (const table of totalities) {
        const { back_on: on } = timesOf(table);
        for (let tenths = -5; tenths < 15; tenths++) {
            const presses = [{ kind: "message", words: "Ana please come to the table", at: on + 100 * tenths }];
            const { heard } = playDay({ table, presses, from: on - 3000, to: on + 20000 });
            const words = heard.find((one) => one.words === "back_on");
            assert.ok(words.begin - on <= 500 && words.isWhole);
            assert.ok(heard.some((one) => one.words === presses[0].words && one.begin >= words.end));
        }
    }
});

test("a voice that fails or stays silent is asked again until filters on was heard whole", () => {
    const table = totalities[0];
    const { back_on: on } = timesOf(table);
    for (const failing of [1, 2, 5]) {
        let left = failing;
        const { heard } = playDay({ table, from: on - 1000, to: on + 20000, fails: () => left-- > 0 });
        assert.ok(
            heard.some((one) => one.words === "back_on" && one.isWhole),
            `${failing}`,
        );
    }
    const late = playDay({ table, from: on - 1000, to: on + 20000, latencyMs: () => 400 });
    assert.ok(late.heard.some((one) => one.words === "back_on" && one.isWhole));
});

test("without a voice the tone alone is longer; played fast there are tones alone, none of them out of its time", () => {
    const table = totalities[0];
    const { may_come_off: off, warning, back_on: on } = timesOf(table);
    const mute = playDay({ table, from: off - 1000, to: on + 5000, isMute: true });
    assert.deepEqual(
        mute.heard.map(({ kind }) => kind),
        ["may_come_off", "warning", "back_on"],
    );
    for (const speed of [5, 10, 60]) {
        const { heard, read } = playDay({ table, from: off - 60000, to: on + 60000, speed });
        assert.ok(heard.every(({ what }) => what === "tone"));
        assert.deepEqual(
            heard.map(({ kind }) => kind),
            ["may_come_off", "warning", "back_on"],
        );
        heard.forEach(({ begin }, i) => assert.ok(Math.abs(begin - [off, warning, on][i]) <= 100 * speed));
        const toneOff = heard[0];
        assert.ok(toneOff.end <= warning && read.length === 3);
    }
});

test("a stop or a cloud that is taken back lets filters off again only while half a minute and the warning are ahead", () => {
    for (const table of totalities) {
        const { may_come_off: off, back_on: on } = timesOf(table);
        for (const [call, back] of [
            ["stop", "go_on"],
            ["cloud", "clear"],
        ])
            for (const leftMs of [60000, 40100, 39900, 10000, 2700, 100]) {
                const at = on - leftMs;
                if (at <= off + 2000) continue;
                const presses = [
                    { kind: call, at: off + 1000 },
                    { kind: back, at },
                ];
                const { shown, heard, read } = playDay({ table, presses, from: off - 2000, to: on + 5000 });
                const after = shown.filter((one) => one.at >= at).map(({ state }) => state);
                const isFree = leftMs > 40000;
                assert.deepEqual(after, [isFree ? "may_come_off" : "kept_on", "filters_back_on"], `${leftMs}`);
                assert.equal(
                    heard.some((one) => isPermission(one) && one.begin >= at),
                    isFree,
                );
                assert.equal(
                    read.some(({ id, at: when }) => id === PERMISSION && when >= at),
                    isFree,
                );
            }
    }
});

test("a permission that a sleep or a jump of the clock has made late is not called at all; filters on is", () => {
    const table = totalities[0];
    const { may_come_off: off, warning, back_on: on } = timesOf(table);
    assert.ok(playDay({ table, from: off - 3000, to: off + 60000 }).heard.some(isPermission), "on time it is");
    for (const late of [2500, 20000, warning - off - 3100, warning - off + 1000, on - off + 3000]) {
        const sleeps = { from: off - 1000, to: off + late };
        const { heard, read } = playDay({ table, from: off - 3000, to: off + late + 2500, sleeps });
        assert.deepEqual(heard.filter(isPermission), [], `${late}`);
        assert.deepEqual(
            read.filter(({ id }) => id === PERMISSION),
            [],
        );
    }
    const { heard } = playDay({ table, from: off - 3000, to: on + 9000, sleeps: { from: off + 9000, to: on + 4000 } });
    const said = heard.find(({ what, begin }) => what === "voice" && begin > on);
    assert.ok(said.isWhole && said.words === WORDS.states.filters_back_on.name && said.begin <= on + 4500);
});

test("a permission for which its own length and the warning's are not left is neither sounded nor spoken nor shown", () => {
    const [table] = totalities;
    const { may_come_off: off } = timesOf(table);
    const moved = { may_come_off: off, warning: off + 4000, back_on: off + 14000 };
    const short = {
        ...table,
        calls: table.calls.map((call) => ({ ...call, from: moved[call.id], until: call.until && off + 1000 })),
        spans: table.spans.map((span) => (span.planned === "may_come_off" ? { ...span, to: off + 14000 } : span)),
    };
    for (const [late, isCalled] of [
        [0, true],
        [900, true],
        [1100, false],
        [1900, false],
    ]) {
        const sleeps = { from: off - 500, to: off + late };
        const { heard, read } = playDay({ table: short, from: off - 3000, to: off + 20000, sleeps });
        assert.equal(heard.some(isPermission), isCalled, `${late}`);
        assert.equal(
            read.some(({ id }) => id === PERMISSION),
            isCalled,
        );
        assert.ok(heard.some((one) => one.words === "back_on" && one.isWhole));
    }
});
