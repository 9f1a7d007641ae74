/** A quartz may go wrong by so much, each second (own judgement: twice what is usual). */
const DRIFT = 50e-6;
/** A clock that was not watched by this page, between two visits (own judgement). */
const UNWATCHED_S = 5;
const LONGEST_UNWATCHED_MS = 24 * 3600e3;
/** A hand that presses when it reads a time (own judgement). */
const HAND_S = 1;
/** Hours and minutes alone are right to half of this, either side of its middle. */
const MINUTE_MS = 60000;
/** Less is the noise of two clocks that are read one after the other. */
const JUMP_MS = 250;

/**
 * The right time, as far as it is known. It runs by the browser's steady clock, which nobody can set, from the surest
 * comparison with the server or with a time that somebody typed. How wrong it may be grows with time, and by what cannot be told.
 */
export class DayClock {
    /** @param {{wall?: () => number, steady?: () => number}} clocks in milliseconds */
    constructor({ wall = () => Date.now(), steady = () => performance.now() } = {}) {
        this.wall = wall;
        this.steady = steady;
        this.base = wall() - steady();
        this.atSteady = steady();
        this.heldS = Infinity;
        this.lead = wall() - steady();
        this.jump = null;
        this.typedApartS = 0;
        this.restored = null;
    }

    now() {
        return this.base + this.steady();
    }

    /** How far the time may be from the right one, to either side, in seconds; infinite where it was never compared. */
    uncertaintyS() {
        const open = this.jump === null ? 0 : this.jump / 2000;
        return Math.max(this.heldS, this.typedApartS) + DRIFT * this.sinceS() + open;
    }

    /** Seconds since it was compared. */
    sinceS() {
        return (this.steady() - this.atSteady) / 1000;
    }

    isCompared() {
        return Number.isFinite(this.heldS);
    }

    /** By how much the device's own clock is behind, in milliseconds. */
    offsetMs() {
        return this.now() - this.wall();
    }

    /** One round trip: what the server's clock showed between two moments of the steady one. The surest of all holds. */
    compare(sentSteady, receivedSteady, serverMs) {
        const uncertaintyS = Math.max(0.001, (receivedSteady - sentSteady) / 2000);
        if (uncertaintyS > this.uncertaintyS() && this.jump === null) return;
        this.jump = null;
        this.hold(serverMs - (sentSteady + receivedSteady) / 2, uncertaintyS);
    }

    /**
     * A time read elsewhere while a button is pressed. Where the one that is held is another nobody knows which is right. Without
     * seconds it is any of its minute, and of a clock of which nobody knows what it is worth it may be wrong by anything: the time is
     * shown, and no filter comes off by it.
     *
     * @param {number} worthS how far the other clock may be wrong; infinite where nobody knows
     */
    type(ms, { hasSeconds, worthS }) {
        const read = hasSeconds ? ms : ms + MINUTE_MS / 2;
        const looseS = HAND_S + (hasSeconds ? 0 : MINUTE_MS / 2000);
        const apartS = Math.abs(read - this.now()) / 1000;
        if (this.isCompared() && this.jump === null) {
            this.typedApartS = apartS > looseS + this.heldS ? apartS : 0;
            return;
        }
        this.jump = null;
        this.hold(read - this.steady(), hasSeconds ? HAND_S + worthS : Infinity);
    }

    /** What was typed counts no more. */
    forgetTyped() {
        this.typedApartS = 0;
    }

    /** What a page of before found, read again without a network. The device's clock was not watched since: it counts only when somebody says that nobody set it. */
    restore({ offset, uncertainty, at } = {}) {
        const away = this.wall() - at;
        if (this.isCompared() || !(away >= 0 && away < LONGEST_UNWATCHED_MS) || !Number.isFinite(uncertainty)) return;
        this.restored = {
            base: this.wall() + offset - this.steady(),
            s: uncertainty + UNWATCHED_S + (DRIFT * away) / 1000,
        };
    }

    /** Nobody set the device's clock between the two pages. */
    trust() {
        if (!this.isCompared()) this.hold(this.restored.base, this.restored.s);
        this.restored = null;
    }

    /** To be read again by a later page. */
    kept() {
        return { offset: this.offsetMs(), uncertainty: this.uncertaintyS(), at: this.wall() };
    }

    /**
     * Looks whether the device's clock jumped against the steady one. Backwards somebody set it. Forwards somebody set it, or
     * the device slept and the steady one stood still: a page that was seen and kept awake all the while did not sleep; else
     * nobody can tell, and both are held possible.
     */
    watch(wasAwake) {
        const lead = this.wall() - this.steady();
        const jump = lead - this.lead;
        // What creeps is the two clocks' drift; it is in the uncertainty.
        this.lead = lead;
        if (Math.abs(jump) < JUMP_MS) return 0;
        if (jump > 0 && !wasAwake) {
            this.base += jump / 2;
            this.jump = (this.jump ?? 0) + jump;
        }
        return jump;
    }

    /** Somebody knows what happened: that it slept, or that its clock was set. */
    settle(hasSlept) {
        this.base += (hasSlept ? 1 : -1) * (this.jump / 2);
        this.jump = null;
    }

    hold(base, uncertaintyS) {
        Object.assign(this, { base, heldS: uncertaintyS, atSteady: this.steady(), restored: null });
    }
}
