let context;
let playing = null;

/** Whatever is pressed first lets a browser sound; before that it stays silent. */
export async function unlock() {
    context ??= new AudioContext();
    await context.resume();
    return context.state === "running";
}

/** Plays notes one after the other: hertz, or 0 for a pause, and seconds each. Tells whether the browser lets it sound. */
export function play(notes, loud) {
    context ??= new AudioContext();
    if (context.state === "suspended") context.resume();
    let at = context.currentTime;
    const [oscillator, gain] = [context.createOscillator(), context.createGain()];
    gain.gain.setValueAtTime(0, at);
    for (const [hertz, seconds] of notes) {
        if (hertz > 0) oscillator.frequency.setValueAtTime(hertz, at);
        gain.gain.setTargetAtTime(hertz > 0 ? loud : 0, at, 0.005);
        at += seconds;
    }
    gain.gain.setTargetAtTime(0, at, 0.01);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start();
    oscillator.stop(at + 0.1);
    playing = { oscillator, gain };
    return context.state === "running";
}

/** Cuts off what plays. */
export function hush() {
    if (!playing) return;
    playing.gain.gain.cancelScheduledValues(context.currentTime);
    playing.gain.gain.setTargetAtTime(0, context.currentTime, 0.005);
    playing.oscillator.stop(context.currentTime + 0.03);
    playing = null;
}
