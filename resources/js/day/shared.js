import { get } from "../send.js";

const POLL_MS = 2000;
/** What is not only written down but told to whoever has a screen. */
const TOLD = ["message", "no_show", "filter_off"];
const RETRY_MS = 10000;

/** What the screens of one day share: the log with its calls, messages, and a plan that may be changed meanwhile. */
export const sharedParts = {
    entries: [],
    isListening: false,
    unsent: [],
    refused: [],
    network: "",
    waits: "",
    message: "",
    newPack: "",

    async setUpShared() {
        this.take(await this.log.told());
        this.unsent = await this.log.unsent();
        this.refused = this.unsent.filter(({ why }) => why);
        this.take(
            this.unsent.filter(({ kind }) => kind === "entry").map(({ row }) => ({ ...row, who: this.words.you })),
        );
        this.poll();
        window.addEventListener("online", () => this.exchange());
    },

    async poll() {
        clearTimeout(this.polling);
        const isThere = await this.exchange();
        this.polling = setTimeout(() => this.poll(), isThere ? POLL_MS : RETRY_MS);
    },

    /** Sends what waits and hears what is new; one exchange after the other. */
    exchange() {
        this.turn = (this.turn ?? Promise.resolve()).then(() => this.exchangeOnce()).catch(() => false);
        return this.turn;
    },

    async exchangeOnce() {
        const since = Math.max(0, ...this.entries.map(({ id }) => id ?? 0));
        const { state, body } = await this.log.exchange(since, () => this.clock.now());
        if (body) {
            await this.log.remember(body.entries);
            this.take(body.entries);
            // What was said before this page was opened is history; from here on it is heard.
            this.isListening = true;
            if (body.entries.length > 0) this.refresh();
            this.hearOfRehearsal(body.rehearsal);
            await this.renew(body.stamp);
        }
        this.unsent = await this.log.unsent();
        this.refused = this.unsent.filter(({ why }) => why);
        const waits = this.unsent.length - this.refused.length;
        this.network = this.words[state];
        this.waits = waits === 0 ? "" : this.words[waits === 1 ? "waits" : "wait"].replace(":count", waits);
        return state === "there";
    },

    /** Entries from the server take the place of one's own. */
    take(entries) {
        const known = new Map(this.entries.map((entry) => [entry.uuid, entry]));
        for (const entry of entries) {
            if (!known.has(entry.uuid) && this.isListening) this.hear(entry);
            known.set(entry.uuid, entry);
        }
        this.entries = [...known.values()].sort((a, b) => a.made - b.made);
    },

    /** What is said in another rehearsal is not for this one; what is said on the day itself is for everybody. */
    hear(entry) {
        const isReal = !entry.rehearsal;
        if (isReal && entry.kind === "stop" && this.rehearsal) this.breakOff(this.words.stopped);
        if (!TOLD.includes(entry.kind) || !(isReal || entry.rehearsal === this.rehearsal?.uuid)) return;
        const what = [entry.kind === "message" ? "" : this.words.kinds[entry.kind], entry.text]
            .filter(Boolean)
            .join(": ");
        this.message = `${entry.who}: ${what}`;
        this.caller.call({ kind: "line", words: what });
    },

    /**
     * What was called in the rehearsal that is played, or on the day itself, at moments of the day. Whatever is known was
     * called already, whatever clocks say: none of it waits.
     */
    callsUpTo(now) {
        const own = this.rehearsal?.uuid ?? null;
        // What the server did not take, who may not call it, say, counts for nothing.
        const refused = new Set(this.refused.map(({ row }) => row.uuid));
        const at = ({ made }) => Math.min(now, this.rehearsal ? this.playedAt(made) : made);
        return this.entries
            .filter((entry) => (entry.rehearsal ?? null) === own && !refused.has(entry.uuid))
            .map((entry) => ({ kind: entry.kind, at: at(entry) }));
    },

    /** A newer plan takes the place of the old between two cues, and it is said. */
    async renew(stamp) {
        if (stamp === this.pack.stamp) return;
        const { status, body } = await get(`${this.log.url}/pack`);
        if (status !== 200) return;
        this.coming = body.pack;
        this.setUpOffline();
    },

    /** Where nothing begins just now, so that nobody loses their place. */
    takeOver(isBetween) {
        if (!this.coming || !isBetween) return;
        this.pack = this.coming;
        this.coming = null;
        this.newPack = this.words.newPack;
    },

    seen() {
        this.message = "";
        this.newPack = "";
        this.missed = "";
    },

    async dismiss(event) {
        await this.log.forget(Number(event.currentTarget.dataset.seq));
        this.unsent = await this.log.unsent();
        this.refused = this.unsent.filter(({ why }) => why);
    },
};
