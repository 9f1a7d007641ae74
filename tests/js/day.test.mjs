// The day's screen: it looks up what core worked out, by a clock that is never surer than it may be.
import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { test } from "node:test";
import { DayClock } from "../../resources/js/day/clock.js";
import {
    areBackOn,
    between,
    clockTime,
    countdown,
    isOn,
    isSampled,
    isToTheSecond,
    linesOf,
    momentOf,
    offsetAt,
    onward,
    sampleAt,
    stateAt,
    tableFor,
} from "../../resources/js/day/table.js";

test("eight thousand states by chance are those of core", () => {
    const reference = new URL("day-reference.php", import.meta.url).pathname;
    const days = JSON.parse(execFileSync("php", [reference], { maxBuffer: 64e6 }));
    const seen = {};
    for (const { tables, asked } of days) {
        for (const { at, uncertainty, calls, state } of asked) {
            assert.equal(stateAt(tableFor(tables, uncertainty), at, calls), state, JSON.stringify({ at, calls }));
            seen[state] = (seen[state] ?? 0) + 1;
        }
        for (const unknown of [Infinity, NaN]) assert.equal(tableFor(tables, unknown), tables.at(-1));
    }
    assert.equal(Object.keys(seen).length, 8, "all states are among them");
    assert.ok(seen.may_come_off > 100);
});

test("once filters are on again a surer clock does not take them off; nobody rehearses while the eclipse lasts", () => {
    const seen = (...states) => {
        let wereBackOn = false;
        return states.map((state) => {
            const shown = onward(wereBackOn, state);
            wereBackOn = areBackOn(wereBackOn, shown);
            return shown;
        });
    };
    assert.deepEqual(
        seen("filters_on", "may_come_off", "filters_back_on", "may_come_off", "stopped", "may_come_off", "after"),
        ["filters_on", "may_come_off", "filters_back_on", "filters_back_on", "stopped", "filters_back_on", "after"],
    );
    const again = ["filters_back_on", "filters_on", "may_come_off"];
    assert.deepEqual(seen(...again), again, "a clock that was put right begins anew");
    const table = { spans: [{ to: 1000 }, { to: 2000 }, { to: 3000 }, { to: null }] };
    assert.deepEqual(
        [899, 900, 1500, 2999, 3000].map((at) => isOn(table, at, 100)),
        [false, true, true, true, false],
    );
});

test("under clouds plan B takes the place of what needs the Sun, and nothing is called about filters coming off", () => {
    const table = {
        calls: [{ id: "may_come_off", from: 20, to: 20 }],
        looks: [{ id: "corona", from: 21, to: 29 }],
    };
    const lines = [
        { id: "look", from: 30, to: 40, clouds: "falls_away" },
        { id: "reading", from: 10, to: 15, clouds: "goes_on" },
        { id: "plan-b", from: 12, to: 15, clouds: "only_then" },
    ];
    const ids = (column) => linesOf(table, lines, column).map(({ id }) => id);
    assert.deepEqual(ids("planned"), ["reading", "may_come_off", "corona", "look"]);
    assert.deepEqual(ids("cloud"), ["reading", "plan-b"]);
    assert.deepEqual(ids("stop"), ["reading", "look"]);
    assert.deepEqual(between(lines, 12, 30), [lines[0]], "what began before is not called again");
});

test("times on the place's clock, over a change of it, and countdowns", () => {
    // 25 October 2026, 01:00 UTC: summer time ends in Madrid (IANA).
    const offsets = [
        { from: 0, seconds: 7200 },
        { from: Date.UTC(2026, 9, 25, 1), seconds: 3600 },
    ];
    assert.equal(clockTime(offsets, Date.UTC(2026, 9, 25, 0, 59, 59)), "02:59:59");
    assert.equal(clockTime(offsets, Date.UTC(2026, 9, 25, 1, 0, 0)), "02:00:00");
    assert.equal(offsetAt(offsets, -1), offsets[0]);
    const near = Date.UTC(2026, 9, 24, 21, 0, 0, 250);
    const typed = (words) => momentOf(offsets, words, near);
    assert.equal(typed("23:00:05"), Date.UTC(2026, 9, 24, 21, 0, 5));
    assert.equal(typed("0:10"), Date.UTC(2026, 9, 24, 22, 10), "across midnight the nearer one");
    assert.deepEqual(["25:00", "10:61", "", "10", "x"].map(typed), [null, null, null, null, null]);
    assert.deepEqual([1, 1000, 1001, 61000, 3723000, 3 * 86400000].map(countdown), [
        "0:01",
        "0:01",
        "0:02",
        "1:01",
        "1:02:03",
        "3 d",
    ]);
});

test("the disc between two samples, and past the ends of them", () => {
    const samples = [
        { s: 100, x: 0, y: 2, r: 1, o: 0, up: true },
        { s: 160, x: 1, y: 0, r: 1, o: 0.5, up: true },
    ];
    assert.deepEqual(sampleAt(samples, 130000), { ...samples[0], x: 0.5, y: 1, o: 0.25 });
    assert.deepEqual(
        [99999, 100000, 160000, 160001].map((at) => isSampled(samples, at)),
        [false, true, true, false],
    );
    assert.equal(sampleAt(samples, 0), samples[0]);
    assert.equal(sampleAt(samples, 1e9), samples[1]);
});

/** A device: what its own clock and its steady one show, and what the server's would. */
function device(wrongMs = 0) {
    const is = { steady: 1000, wrong: wrongMs };
    const right = () => 5e6 + is.steady + (is.slept ?? 0);
    const clock = new DayClock({ wall: () => right() + is.wrong, steady: () => is.steady });
    const goOn = (ms) => (is.steady += ms);
    const trip = (there, back) => {
        const sent = is.steady;
        goOn(there);
        const server = right();
        goOn(back);
        clock.compare(sent, is.steady, server);
    };
    const error = () => Math.abs(clock.now() - right()) / 1000;
    return { is, clock, goOn, trip, error };
}

test("a clock that was never compared is not sure of anything", () => {
    const { clock } = device(3000);
    assert.equal(clock.uncertaintyS(), Infinity);
    assert.equal(clock.isCompared(), false);
});

test("the smallest of several round trips wins, and the error is never more than what is admitted", () => {
    // Deterministic chance: a linear congruential generator (Numerical Recipes, from memory).
    let seed = 1;
    const chance = (most) => ((seed = (1664525 * seed + 1013904223) % 2 ** 32) / 2 ** 32) * most;
    for (let i = 0; i < 500; i++) {
        const { clock, trip, goOn, error } = device(chance(1e7) - 5e6);
        for (let j = 0; j < 8; j++) {
            trip(chance(800), chance(800));
            assert.ok(error() <= clock.uncertaintyS() + 1e-9);
            goOn(chance(60000));
        }
        goOn(4 * 3600e3);
        assert.ok(error() <= clock.uncertaintyS() && clock.uncertaintyS() >= 0.7, "it grows without a network");
    }
    const { clock, trip } = device();
    trip(20, 20);
    trip(400, 0);
    assert.ok(clock.uncertaintyS() < 0.021, "a slow one does not take the place of a quick one");
});

test("a clock that is set does not move the time; a sleep is held possible until somebody knows", () => {
    const { is, clock, trip, error } = device();
    trip(5, 5);
    is.wrong = -40000;
    assert.equal(clock.watch(false), -40000);
    assert.ok(error() < 0.01, "set back: nothing sleeps backwards");
    is.wrong = 0;
    clock.watch(true);
    assert.ok(error() < 0.01 && clock.uncertaintyS() < 0.1, "set forward on a screen that was awake");

    is.wrong = 40000;
    clock.watch(false);
    assert.ok(
        error() <= clock.uncertaintyS() && clock.uncertaintyS() >= 20,
        "set forward, or slept: both are possible",
    );
    clock.settle(false);
    assert.ok(error() < 0.01 && clock.uncertaintyS() < 0.1);

    for (let i = 0; i < 100; i++) {
        is.wrong += 10;
        assert.equal(clock.watch(false), 0, "a clock that creeps has not jumped");
    }
    is.slept = 600000;
    clock.watch(false);
    assert.ok(error() <= clock.uncertaintyS() && clock.uncertaintyS() >= 300);
    clock.settle(true);
    assert.ok(error() < 0.01);
    is.slept = 700000;
    clock.watch(false);
    trip(5, 5);
    assert.ok(error() < 0.01 && clock.uncertaintyS() < 0.1, "or until it is compared");
});

test("a typed time stands in for the server, and where they differ neither is believed to more than that", () => {
    const known = { hasSeconds: true, worthS: 1 };
    const alone = device(90000);
    alone.clock.type(5e6 + 1000, known);
    assert.ok(alone.error() < 0.01 && alone.clock.uncertaintyS() >= 2, "the hand, and what the other clock is worth");
    alone.clock.type(alone.clock.now() + 9000, known);
    assert.ok(alone.clock.uncertaintyS() >= 9, "a second reading that disagrees widens it");
    const { clock, trip } = device();
    trip(5, 5);
    clock.type(clock.now() + 12000, known);
    assert.ok(clock.uncertaintyS() >= 12);
    clock.forgetTyped();
    assert.ok(clock.uncertaintyS() < 0.1);
    clock.type(clock.now() - 20000, { hasSeconds: false, worthS: 1 });
    assert.ok(clock.uncertaintyS() < 0.1, "10:47 typed at 10:47:20 agrees");
    clock.type(clock.now() - 120000, { hasSeconds: false, worthS: 1 });
    assert.ok(clock.uncertaintyS() >= 90);
});

test("hours and minutes alone, or a clock of which nobody knows what it is worth, show a time by which nothing comes off", () => {
    for (const [seconds, typed] of [
        [0, { hasSeconds: false, worthS: 1 }],
        [59, { hasSeconds: false, worthS: 1 }],
        [0, { hasSeconds: true, worthS: Infinity }],
    ]) {
        const { clock, is } = device(3600000);
        // It is some second of a minute; the minute is typed.
        is.steady = 55000000 - 5e6 + 1000 * seconds;
        clock.type(5e6 + is.steady - (typed.hasSeconds ? 0 : 1000 * seconds), typed);
        assert.equal(clock.uncertaintyS(), Infinity);
        assert.ok(Math.abs(clock.now() - (5e6 + is.steady)) <= 30000);
    }
    assert.deepEqual(["10:47", "10:47:30", "10.47.30", "9 05 01"].map(isToTheSecond), [false, true, true, true]);
});

test("a page that is opened again without a network goes by the last comparison, less surely; after a day by none", () => {
    const first = device(7000);
    first.trip(5, 5);
    const kept = first.clock.kept();
    const later = device(7000);
    later.goOn(3600e3);
    later.clock.restore(kept);
    assert.equal(later.clock.uncertaintyS(), Infinity, "until somebody says that nobody set it");
    later.clock.trust();
    assert.ok(later.error() <= later.clock.uncertaintyS() && later.clock.uncertaintyS() > 5 && later.error() < 0.1);
    const old = device(7000);
    old.goOn(25 * 3600e3);
    old.clock.restore(kept);
    assert.equal(old.clock.uncertaintyS(), Infinity);
    old.clock.restore(undefined);
    assert.equal(old.clock.uncertaintyS(), Infinity);
});
