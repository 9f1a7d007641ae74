import { newUuid } from "../send.js";

/** The day played at another time. Whoever leads may ask all screens to play along; each goes by its own clock. */
export const rehearsalParts = {
    rehearsal: null,
    offered: null,
    speedWords: "",

    async setUpRehearsal() {
        const kept = await this.log.kept("rehearsal");
        if (kept) this.playAlong(kept);
    },

    playedAt(now) {
        const { from, begun, speed } = this.rehearsal;
        return from + speed * Math.max(0, now - begun);
    },

    isRehearsal() {
        return this.rehearsal !== null;
    },

    async begin(event) {
        event.preventDefault();
        const form = new FormData(event.target);
        const rehearsal = {
            uuid: newUuid(),
            from: Number(form.get("from")),
            begun: Math.round(this.clock.now()),
            speed: Number(form.get("speed")),
            is_for_all: form.get("all") === "1",
        };
        await this.log.add("rehearsal", rehearsal);
        this.playAlong(rehearsal);
        event.target.closest("details").open = false;
        this.$root.scrollIntoView();
        this.exchange();
    },

    playAlong(rehearsal) {
        this.rehearsal = rehearsal;
        this.$root.dataset.played = "1";
        this.speedWords = this.words.rehearsal.replace(":speed", rehearsal.speed);
        this.log.keep("rehearsal", { ...rehearsal });
        this.last = this.played();
        this.tick();
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

    leave() {
        this.rehearsal = null;
        delete this.$root.dataset.played;
        this.log.keep("rehearsal", null);
        this.last = this.played();
        this.tick();
    },

    /** What the server says of a rehearsal for all: it is offered once, and over when it says so. */
    hearOfRehearsal(running) {
        if (running && running.uuid !== this.rehearsal?.uuid) this.offered = { ...running, is_for_all: true };
        if (!running) {
            this.offered = null;
            const isUnsent = this.unsent.some(({ row }) => row.uuid === this.rehearsal?.uuid);
            if (this.rehearsal?.is_for_all && !isUnsent) this.leave();
        }
    },
};
