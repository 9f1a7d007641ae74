/**
 * What is called aloud, one thing at a time. Whether it still holds is asked at the moment it sounds, of tone and voice alike; what no
 * longer holds is cut off. A call of a lower rank never cuts a higher one off: it waits a moment, or stands there to be read.
 */

/** What cuts off what. A stop and filters on stand above the permission, and that above everyday lines. */
const RANKS = { stop: 4, back_on: 4, warning: 3, may_come_off: 2, line: 1 };
const SAFETY = 3;
/** From the beginning of a call to its words: of a safety call they are heard within half a second, so its tone is short. */
export const LEAD_MS = { safety: 250, other: 900 };
/** A voice that has not begun by then is asked again; so is one that was cut off. */
const SILENT_MS = 1500;
const MOST_TIMES = { safety: 10, other: 2 };
/** Longer ago than this a line that had to wait is only read. */
const WAITS_MS = 8000;
/** Played faster than this there is no time for words: tones alone. */
const FASTEST_SPOKEN = 3;

const rankOf = (kind) => RANKS[kind] ?? RANKS.line;

export class Caller {
    /**
     * @param {{play: (kind: string, isSpoken: boolean) => {isHeard: boolean, lengthMs: number}, hush: () => void, voice: null | {speak: (words: string, on: {began: () => void, ended: () => void, failed: () => void}) => void, cancel: () => void},
     *          after: (ms: number, what: () => void) => unknown, forget: (timer: unknown) => void, now: () => number}} device
     */
    constructor(device) {
        this.device = device;
        this.current = null;
        this.waiting = null;
    }

    /**
     * @param {{kind: string, words: string, speed?: number, holds?: () => boolean}} what `holds` says whether it may still be heard at this moment
     * @returns {boolean} whether the browser lets it sound; true as well of what waits
     */
    call({ kind, words, speed = 1, holds = () => true }) {
        const one = { kind, words, speed, holds, since: this.device.now(), times: 0 };
        if (!holds()) return true;
        if (this.current && rankOf(this.current.kind) > rankOf(kind)) {
            if (rankOf(kind) === RANKS.line) this.waiting = one;
            return true;
        }
        return this.begin(one);
    }

    /** Asked whenever anything may have changed: what no longer holds is silent at once. */
    check() {
        if (this.waiting && !this.waiting.holds()) this.waiting = null;
        if (this.current && !this.current.holds()) this.end();
    }

    /** All of it is over: another moment of the day is shown. */
    silence() {
        this.waiting = null;
        this.end();
    }

    begin(one) {
        // An everyday line that is cut off is said afterwards.
        const was = this.current;
        if (was && rankOf(was.kind) === RANKS.line && rankOf(one.kind) > RANKS.line)
            this.waiting = { ...was, times: 0 };
        this.cut();
        this.current = one;
        const isSpoken = Boolean(this.device.voice && one.words && one.speed <= FASTEST_SPOKEN);
        const { isHeard, lengthMs } = this.device.play(one.kind, isSpoken);
        const isSafety = rankOf(one.kind) >= SAFETY;
        const leadMs = isSafety ? LEAD_MS.safety : LEAD_MS.other;
        this.timer = this.device.after(isSpoken ? leadMs : lengthMs, () => (isSpoken ? this.speak(one) : this.end()));
        return isHeard;
    }

    speak(one) {
        if (one !== this.current) return;
        if (!one.holds()) {
            this.end();
            return;
        }
        one.times += 1;
        const attempt = one.times;
        const isThis = () => one === this.current && one.times === attempt;
        const most = rankOf(one.kind) >= SAFETY ? MOST_TIMES.safety : MOST_TIMES.other;
        const again = () => isThis() && (one.times < most ? this.speak(one) : this.end());
        this.device.forget(this.timer);
        // What was said before was cut off when this began; some browsers lose words that follow a cancel at once.
        if (attempt > 1) this.device.voice.cancel();
        this.timer = this.device.after(SILENT_MS, again);
        this.device.voice.speak(one.words, {
            began: () => isThis() && this.device.forget(this.timer),
            ended: () => isThis() && this.end(),
            failed: again,
        });
    }

    cut() {
        this.device.forget(this.timer);
        this.device.hush();
        this.device.voice?.cancel();
    }

    end() {
        if (!this.current) return;
        this.current = null;
        this.cut();
        const next = this.waiting;
        this.waiting = null;
        if (next && next.holds() && this.device.now() - next.since <= WAITS_MS) this.begin(next);
    }
}
