import { openDB } from "idb";
import { get, post } from "../send.js";
import { memory } from "./memory.js";

const MOST_AT_ONCE = 100;

let database;

async function opened() {
    return openDB("keen-shadow-day", 1, {
        upgrade(db) {
            db.createObjectStore("unsent", { keyPath: "seq", autoIncrement: true });
            db.createObjectStore("log", { keyPath: "uuid" }).createIndex("event", "event");
            db.createObjectStore("kept");
        },
    });
}

function device() {
    database ??= opened().catch(memory);
    return database;
}

/**
 * The log of one event's day on this device, for one person. What is written is kept here first and leaves only when the
 * server says that it is stored; what came from the server is kept, so that the day goes on without it.
 */
export class DayLog {
    constructor({ event, maker, url }) {
        Object.assign(this, { event, maker, url });
    }

    /** A line of the log, or the beginning of a rehearsal. */
    async add(kind, row) {
        await (
            await device()
        ).add("unsent", { kind, row: { ...row }, event: this.event, maker: this.maker, url: this.url });
    }

    /** What the server does not have yet, and what it refused, with the reason. */
    async unsent() {
        const rows = await (await device()).getAll("unsent");
        return rows.filter(({ event, maker }) => event === this.event && maker === this.maker);
    }

    async forget(seq) {
        await (await device()).delete("unsent", seq);
    }

    /** All that the server told of this day so far. */
    async told() {
        return (await device()).getAllFromIndex("log", "event", this.event);
    }

    async remember(entries) {
        const kept = (await device()).transaction("log", "readwrite");
        entries.forEach((entry) => kept.store.put({ ...entry, event: this.event }));
        await kept.done;
    }

    async keep(key, value) {
        await (await device()).put("kept", value, `${this.event} ${key}`);
    }

    async kept(key) {
        return (await device()).get("kept", `${this.event} ${key}`);
    }

    /**
     * Sends what waits and hears what is new.
     *
     * @returns {Promise<{state: "there" | "away" | "signedOut", body: object | null}>}
     */
    async exchange(since, nowMs) {
        const waiting = (await this.unsent()).filter(({ why }) => !why);
        if (waiting.length === 0) return this.answer(await get(`${this.url}/live?since=${since}`));
        const batch = waiting.slice(0, MOST_AT_ONCE);
        const of = (kind) => batch.filter((each) => each.kind === kind).map(({ row }) => row);
        const { status, body } = await post(`${this.url}/entries`, {
            sent_at: Math.round(nowMs()),
            since,
            rehearsals: of("rehearsal"),
            entries: of("entry"),
        });
        if (status === 200 || status === 422) await this.settle(batch, body ?? {});
        return this.answer({ status, body: status === 200 ? body : null });
    }

    /** Stored ones leave the device; refused ones stay, with the reason; of a form that could not be read, the rows it names. */
    async settle(batch, { stored = null, message = "", errors = {} }) {
        const isNamed = (list, i) => Object.keys(errors).some((key) => key.startsWith(`${list}.${i}.`));
        const kept = (await device()).transaction("unsent", "readwrite", { durability: "strict" });
        for (const [list, kind] of Object.entries({ rehearsals: "rehearsal", entries: "entry" })) {
            const rows = batch.filter((each) => each.kind === kind);
            rows.forEach((each, i) => {
                const why = stored ? (stored[each.row.uuid] ?? "") : isNamed(list, i) ? message || "refused" : null;
                if (why === "") kept.store.delete(each.seq);
                else if (why !== null) kept.store.put({ ...each, why });
            });
        }
        await kept.done;
    }

    answer({ status, body }) {
        if (status === 200) return { state: "there", body };
        return { state: [401, 403, 404, 419].includes(status) ? "signedOut" : "away", body: null };
    }
}

/** All but what waits to be sent. */
export async function wipeLog() {
    const db = await device();
    await Promise.all(["log", "kept"].map((store) => db.clear(store)));
}

/** Sends whatever one person has written on days of events, from any page; tells how much still waits. */
export async function sendAllDays(maker) {
    const rows = (await (await device()).getAll("unsent")).filter((row) => row.maker === maker && !row.why);
    for (const url of new Set(rows.map((row) => row.url))) {
        const log = new DayLog({ ...rows.find((row) => row.url === url) });
        const { offset = 0 } = (await log.kept("clock")) ?? {};
        await log.exchange(0, () => Date.now() + offset);
    }
    return (await (await device()).getAll("unsent")).filter((row) => row.maker === maker && !row.why).length;
}
