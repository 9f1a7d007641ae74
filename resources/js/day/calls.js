import { hush, play } from "../tone.js";
import { Caller } from "./caller.js";

/** Loud and short, told apart without words: off rises, the warning knocks, on falls and repeats. Hertz, seconds each. */
const NOTES = {
    may_come_off: [
        [523, 0.15],
        [659, 0.15],
        [784, 0.4],
    ],
    warning: [
        [880, 0.1],
        [0, 0.1],
        [880, 0.1],
        [0, 0.1],
        [880, 0.1],
    ],
    back_on: [
        [988, 0.2],
        [494, 0.3],
        [0, 0.08],
        [988, 0.2],
        [494, 0.3],
        [0, 0.08],
        [988, 0.2],
        [494, 0.5],
    ],
    stop: [
        [988, 0.3],
        [494, 0.6],
        [988, 0.3],
        [494, 0.6],
    ],
    try: [
        [988, 0.2],
        [494, 0.3],
    ],
    line: [
        [659, 0.12],
        [0, 0.06],
        [659, 0.18],
    ],
};
/** Before words that must not wait. */
const SHORT = {
    warning: [
        [880, 0.08],
        [0, 0.05],
        [880, 0.1],
    ],
    back_on: [
        [988, 0.1],
        [494, 0.13],
    ],
    stop: [
        [988, 0.1],
        [494, 0.13],
    ],
};
const LOUD = 0.9;
const RATE = 1.1;

/** What the browser has to speak with; null where it has nothing. */
function browserVoice() {
    const { speechSynthesis: voice } = window;
    if (!voice) return null;
    return {
        speak(words, { began, ended, failed }) {
            const spoken = new SpeechSynthesisUtterance(words);
            spoken.lang = document.documentElement.lang;
            spoken.rate = RATE;
            Object.assign(spoken, { onstart: began, onend: ended, onerror: failed });
            voice.speak(spoken);
        },
        cancel: () => voice.cancel(),
    };
}

/** The one who calls on this device. */
export function caller() {
    return new Caller({
        play(kind, isSpoken) {
            const notes = (isSpoken && SHORT[kind]) || NOTES[kind] || NOTES.line;
            return {
                isHeard: play(notes, LOUD),
                lengthMs: 1000 * notes.reduce((sum, [, seconds]) => sum + seconds, 0),
            };
        },
        hush,
        voice: browserVoice(),
        after: (ms, what) => setTimeout(what, ms),
        forget: (timer) => clearTimeout(timer),
        now: () => performance.now(),
    });
}
