import { newUuid, post } from "../send.js";
import { keepStation } from "./outbox.js";

/** So many tags before the end the next ones are fetched, so that there are some when the network drops. */
const FETCH_BEFORE = 30;

/** The tags of a station: which it holds, the next ones, and those of others. A part of station.js. */
export const tags = {
    /** The next tags: those that were fetched before, or new ones; some are fetched while there are some left. */
    async onward() {
        // The next ones may be on their way: to ask for others would leave those to nobody.
        if (!this.at.tray?.tags.length) await this.coming;
        const { tray, next, spent } = this.at;
        if (tray && !tray.tags.length && next) {
            this.at = { ...this.at, tray: next, next: null, spent: [...spent, tray.uuid] };
            await keepStation(this.key, this.at);
        }
        if (!this.at.tray?.tags.length) {
            // What is done must be known to the server, or it would give the same tags again.
            if ((await this.send()) === "sent") await this.fetch("tray", { instead: this.at.tray?.uuid ?? null });
            else this.said = [this.said, this.words.noMore].filter(Boolean).join(". ");
        } else if (!this.at.next && !this.coming && !this.timer && this.at.tray.tags.length <= FETCH_BEFORE) {
            this.coming = this.fetch("next", {}).finally(() => (this.coming = null));
        }
    },

    async fetch(place, { from = null, instead = null }) {
        const uuid = newUuid();
        const fields = { uuid, occasion: this.occasion, size: Number(this.$refs.size.value), from, instead };
        const { status, body } = await post(`${this.url}/trays`, fields);
        if (status !== 200) return;
        if (body.tags.length) {
            this.at = { ...this.at, [place]: { uuid, tags: body.tags } };
            // The ones after these are written with the next pair: two writers at once would undo each other.
            if (place === "tray") await keepStation(this.key, this.at);
        } else if (place === "tray") {
            this.said = from === null ? this.words.noneFree : this.words.notFree.replace(":tag", from);
        }
        this.hears(body);
    },

    /** Whether the tags are still held here: somebody may have taken them over. */
    async hear() {
        const { status, body } = await post(`${this.url}/entries`, {
            occasion: this.occasion,
            tray: this.at.tray.uuid,
            entries: [],
        });
        if (status !== 200) return;
        this.hears(body);
        if (!body.isHeld) this.at = { ...this.at, tray: null, next: null };
    },

    jump(event) {
        event.preventDefault();
        const from = Number(this.$refs.from.value);
        this.$refs.from.value = "";
        this.$refs.from.blur();
        if (!Number.isInteger(from) || from < 1) return;
        this.turn = this.turn
            .then(() => this.send())
            .then((state) => state === "sent" && this.fetch("tray", { from, instead: this.at.tray?.uuid ?? null }))
            .then(() => this.show());
    },

    /** Somebody has gone home: their tags are free again. */
    takeOver(event) {
        const { uuid } = event.currentTarget.dataset;
        this.turn = this.turn
            .then(() => post(`${this.url}/trays/release`, { uuid, occasion: this.occasion }))
            .then(({ status, body }) => status === 200 && this.hears(body))
            .then(() => this.onward())
            .then(() => this.show());
    },

    giveBackSpent() {
        const [uuid, ...spent] = this.at?.spent ?? [];
        if (!uuid) return;
        this.at = { ...this.at, spent };
        post(`${this.url}/trays/release`, { uuid, occasion: this.occasion });
    },

    hears({ counts, left, others }) {
        const own = [this.at.tray, this.at.next].map((tray) => tray?.uuid).concat(this.at.spent);
        Object.assign(this, { counts, left, others: others.filter(({ uuid }) => !own.includes(uuid)) });
    },
};
