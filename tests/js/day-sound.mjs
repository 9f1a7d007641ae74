// A day played in virtual time, with what is heard of it: tones, words from the first to the last syllable, and when they were cut off.
import { Caller } from "../../resources/js/day/caller.js";
import { DayMachine } from "../../resources/js/day/machine.js";
import { columnAt, linesOf, stateAt } from "../../resources/js/day/table.js";

const TICK_MS = 100;
const TONE_MS = { short: 230, long: 1800 };
/** A browser's voice says some five syllables a second; a word of a call has two (common practice, no source). */
export const WORD_MS = 400;

export const WORDS = {
    states: Object.fromEntries(
        ["before", "filters_on", "may_come_off", "kept_on", "filters_back_on", "after", "clouded", "stopped"].map(
            (state) => [state, { name: `state ${state}` }],
        ),
    ),
    backOn: "back_on",
    missed: ":calls",
};

/** Things that happen at moments of a clock of their own. */
class Timers {
    constructor(now) {
        this.now = now;
        this.queue = [];
        this.number = 0;
    }

    at(moment, what) {
        const timer = { moment, what, number: this.number++ };
        this.queue.push(timer);
        return timer;
    }

    forget(timer) {
        this.queue = this.queue.filter((other) => other !== timer);
    }

    runTo(end) {
        for (;;) {
            const next = this.queue
                .filter(({ moment }) => moment <= end)
                .sort((a, b) => a.moment - b.moment || a.number - b.number)[0];
            if (!next) break;
            this.forget(next);
            this.now = next.moment;
            next.what();
        }
        this.now = end;
    }
}

/** A browser that sounds: what was heard stands in `heard`, in real milliseconds. */
function device(timers, { latencyMs, isMute, fails }) {
    const heard = [];
    let tone = null;
    let voice = null;
    const stop = (what) => {
        if (what && what.end > timers.now)
            Object.assign(what, { end: Math.max(what.begin, timers.now), isWhole: false });
    };
    return {
        heard,
        play(kind, isSpoken) {
            tone = {
                what: "tone",
                kind,
                begin: timers.now,
                end: timers.now + (isSpoken ? TONE_MS.short : TONE_MS.long),
                isWhole: true,
            };
            heard.push(tone);
            return { isHeard: true, lengthMs: tone.end - tone.begin };
        },
        hush: () => stop(tone),
        voice: isMute
            ? null
            : {
                  speak(words, { began, ended, failed }) {
                      const begin = timers.now + latencyMs();
                      if (fails()) {
                          timers.at(begin, failed);
                          return;
                      }
                      const said = {
                          what: "voice",
                          words,
                          begin,
                          end: begin + WORD_MS * words.split(" ").length,
                          isWhole: true,
                      };
                      voice = said;
                      timers.at(begin, () => {
                          if (voice !== said) return;
                          heard.push(said);
                          began();
                      });
                      timers.at(said.end, () => voice === said && ended());
                  },
                  cancel() {
                      stop(voice);
                      voice = null;
                  },
              },
        after: (ms, what) => timers.at(timers.now + ms, what),
        forget: (timer) => timers.forget(timer),
        now: () => timers.now,
    };
}

/**
 * Plays a day from one moment to another.
 *
 * @param {{table: object, lines?: object[], from: number, to: number, speed?: number, presses?: {at: number, kind: string, words?: string}[],
 *          latencyMs?: () => number, isMute?: boolean, fails?: () => boolean, sleeps?: {from: number, to: number}}} day presses at moments of the day
 * @returns {{heard: object[], shown: {state: string, at: number}[], read: object[], stateBy: (at: number) => string}} all in milliseconds of the day
 */
export function playDay({
    table,
    lines = [],
    from,
    to,
    speed = 1,
    presses = [],
    latencyMs = () => 150,
    isMute = false,
    fails = () => false,
    sleeps = null,
}) {
    const timers = new Timers(0);
    const browser = device(timers, { latencyMs, isMute, fails });
    const caller = new Caller(browser);
    const dayAt = (real) => from + speed * real;
    const [calls, shown, read] = [[], [], []];
    const machine = new DayMachine({
        caller,
        words: WORDS,
        speed: () => speed,
        hears: () => true,
        shows: (line, at) => read.push({ ...line, at }),
        forgets: () => {},
        misses: () => {},
    });
    machine.startOver(from);
    const step = () => {
        const at = dayAt(timers.now);
        const { state } = machine.step({
            table,
            lines,
            calls: calls.map(({ kind, at: made }) => ({ kind, at: made })),
            at,
        });
        if (shown.at(-1)?.state !== state) shown.push({ state, at });
    };
    // As the screen does: a tick at least ten times a second, and at the very moment at which something begins.
    const tick = () => {
        step();
        const at = dayAt(timers.now);
        const own = linesOf(table, lines, columnAt(calls, at), stateAt(table, at, calls)).map((line) => line.from);
        const next = Math.min(
            ...[...own, ...table.spans.map((span) => span.to ?? Infinity)].filter((moment) => moment > at),
        );
        const awake = timers.now + Math.min(TICK_MS, Math.max(1, (next - at) / speed));
        const isAsleep = sleeps && dayAt(awake) >= sleeps.from && dayAt(awake) < sleeps.to;
        timers.at(isAsleep ? (sleeps.to - from) / speed : awake, tick);
    };
    timers.at(0, tick);
    for (const { at, kind, words } of presses)
        timers.at((at - from) / speed, () => {
            if (kind === "message") caller.call({ kind: "line", words });
            else calls.push({ kind, at });
            step();
        });
    timers.runTo((to - from) / speed);
    const heard = browser.heard.map((one) => ({ ...one, begin: dayAt(one.begin), end: dayAt(one.end) }));
    return {
        heard,
        shown,
        read,
        stateBy: (at) =>
            stateAt(
                table,
                at,
                calls.filter((call) => call.at <= at),
            ),
    };
}
