const LAST = 20;
const FEWEST = 3;

/** How quickly pairs go by: seconds of the last ones, and when the one before was done. Nothing is known after a pause. */
export const unknownPace = { seconds: [], since: null };

/** A pair is done, at a time in milliseconds; the first of all tells nothing of how long it took. */
export function afterPair({ seconds, since }, at) {
    return { seconds: since === null ? seconds : [...seconds, (at - since) / 1000].slice(-LAST), since: at };
}

/** Looking stops (null) or goes on at a time: what lies between counts for no pair. */
export function afterPause({ seconds }, at) {
    return { seconds, since: at };
}

/** Seconds a pair takes; undefined before there were a few. */
export function secondsEach({ seconds }) {
    return seconds.length < FEWEST ? undefined : seconds.reduce((sum, each) => sum + each, 0) / seconds.length;
}

/** Minutes for so many more, rounded up; undefined before the pace is known. */
export function minutesFor(pace, pairs) {
    const each = secondsEach(pace);
    return each === undefined ? undefined : Math.ceil((pairs * each) / 60);
}
