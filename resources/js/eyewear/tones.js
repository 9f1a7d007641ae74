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

let context;

export function tone(level) {
    context ??= new AudioContext();
    let at = context.currentTime;
    const [oscillator, gain] = [context.createOscillator(), context.createGain()];
    gain.gain.setValueAtTime(0, at);
    for (const [hertz, seconds] of TONES[level]) {
        if (hertz > 0) oscillator.frequency.setValueAtTime(hertz, at);
        gain.gain.setTargetAtTime(hertz > 0 ? LOUD : 0, at, 0.005);
        at += seconds;
    }
    gain.gain.setTargetAtTime(0, at, 0.01);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start();
    oscillator.stop(at + 0.1);
}
