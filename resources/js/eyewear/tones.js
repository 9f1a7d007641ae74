import { play } from "../tone.js";

/** A pass is high and short, a hold lower and longer, a withdrawal low and twice: told apart without looking. Hertz, seconds each. */
const TONES = {
    yes: [[880, 0.07]],
    hold: [[440, 0.2]],
    no: [
        [220, 0.12],
        [0, 0.05],
        [220, 0.2],
    ],
};
const LOUD = 0.2;

export function tone(level) {
    play(TONES[level], LOUD);
}
