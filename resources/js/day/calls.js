import { play } from "../tone.js";

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
    line: [
        [659, 0.12],
        [0, 0.06],
        [659, 0.18],
    ],
};
const LOUD = 0.9;
const BETWEEN_MS = 250;

/** Sounds a call and, where the browser has a voice, speaks it. What is on its way is cut off: the last call is the one that counts. */
export function sound(kind, words) {
    const notes = NOTES[kind] ?? NOTES.line;
    const isHeard = play(notes, LOUD);
    const { speechSynthesis: voice } = window;
    if (voice && words) {
        voice.cancel();
        const spoken = new SpeechSynthesisUtterance(words);
        spoken.lang = document.documentElement.lang;
        spoken.rate = 1.1;
        setTimeout(() => voice.speak(spoken), 1000 * notes.reduce((sum, [, seconds]) => sum + seconds, 0) + BETWEEN_MS);
    }
    return isHeard;
}
