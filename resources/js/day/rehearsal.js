import { newUuid } from "../send.js";
import { momentOf } from "./table.js";

const APART_MS = 500;
/** One that nobody has ended is over by then, as for the server. */
const LONGEST_MS = 6 * 3600e3;

/** The day played at another time. Whoever leads may ask all screens to play along; each goes by its own clock. */
export const rehearsalParts = {
    rehearsal: null,
    offered: null,
    speedWords: "",
    atFault: "",

    async setUpRehearsal() {
        const kept = await this.log.kept("rehearsal");
        if (kept && this.clock.now() - kept.begun < LONGEST_MS) this.playAlong(kept);
    },

    /** The moment of the day that was played when something was made. */
    playedAt(made) {
        const { from, begun, speed } = this.rehearsal;
        return from + speed * Math.max(0, made - begun);
    },

    /** What is played now goes by the steady clock alone: what is doubtful about the other moves nothing. */
    playedNow() {
        return this.anchor.at + this.rehearsal.speed * (performance.now() - this.anchor.steady);
    },

    /** When something is made now, so that it stands at the moment that is played. */
    madeNow() {
        if (!this.rehearsal) return this.clock.now();
        return this.rehearsal.begun + (this.playedNow() - this.rehearsal.from) / this.rehearsal.speed;
    },

    isRehearsal() {
        return this.rehearsal !== null;
    },

    async begin(event) {
        event.preventDefault();
        const form = new FormData(event.target);
        const chosen = Number(form.get("from"));
        const typed = form.get("at").trim();
        const from = typed ? momentOf(this.offsets, typed, chosen) : chosen;
        this.atFault = from === null ? this.words.notATime : this.isEclipse() ? this.words.noRehearsal : "";
        if (this.atFault) return;
        const rehearsal = {
            uuid: newUuid(),
            from,
            begun: Math.round(this.clock.now()),
            speed: Number(form.get("speed")),
            is_for_all: form.get("all") === "1",
        };
        await this.log.add("rehearsal", rehearsal);
        this.playAlong(rehearsal);
        event.target.closest("details").open = false;
        this.$root.firstElementChild.scrollTop = 0;
        this.exchange();
    },

    playAlong(rehearsal) {
        this.rehearsal = rehearsal;
        if (this.offered?.uuid === rehearsal.uuid) this.offered = null;
        this.anchor = { at: this.playedAt(this.clock.now()), steady: performance.now() };
        this.$root.dataset.played = "1";
        this.speedWords = (rehearsal.speed === 1 ? this.words.asFast : this.words.rehearsal).replace(
            ":speed",
            rehearsal.speed,
        );
        this.log.keep("rehearsal", { ...rehearsal });
        this.startOver();
    },

    join() {
        this.playAlong(this.offered);
        this.offered = null;
    },

    /** One person's ends for them, one for all for all. */
    async end() {
        const { is_for_all: isForAll } = this.rehearsal;
        if (isForAll && this.$root.dataset.leads) await this.write("rehearsal_ends");
        this.leave();
    },

    /** The eclipse itself, or a stop on the day: whoever still plays is back on it. */
    breakOff(why) {
        this.missed = why;
        this.leave();
    },

    /** All play the same moment: a device that slept catches up. */
    keepStep() {
        if (!this.rehearsal) return;
        const at = this.playedAt(this.clock.now());
        if (Math.abs(at - this.playedNow()) > APART_MS * this.rehearsal.speed) {
            this.anchor = { at, steady: performance.now() };
            this.machine.last = at;
        }
    },

    leave() {
        this.rehearsal = null;
        delete this.$root.dataset.played;
        this.log.keep("rehearsal", null);
        this.startOver();
    },

    /** What was shown at another moment of the day counts no more. */
    startOver() {
        this.machine.startOver(this.played());
        this.refresh();
    },

    /** What the server says of a rehearsal for all: it is offered once, and over when it says so. */
    hearOfRehearsal(running) {
        if (running?.uuid === this.rehearsal?.uuid && this.clock.isCompared()) this.keepStep();
        else if (running) this.offered = { ...running, is_for_all: true };
        if (!running) {
            this.offered = null;
            const isUnsent = this.unsent.some(({ row }) => row.uuid === this.rehearsal?.uuid);
            if (this.rehearsal?.is_for_all && !isUnsent) this.leave();
        }
    },
};
