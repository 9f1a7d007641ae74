import { openDB } from "idb";
import { newUuid, post } from "../send.js";

/** What was practised is kept on the device first, and leaves it when the server says that it is stored. */
const MOST_AT_ONCE = 100;

let database;

function device() {
    database ??= openDB("keen-shadow-training", 1, {
        upgrade(db) {
            db.createObjectStore("results", { keyPath: "seq", autoIncrement: true });
        },
    });
    return database;
}

export async function keep(result) {
    const kept = { uuid: newUuid(), done: Date.now(), ...result };
    await (await device()).add("results", JSON.parse(JSON.stringify(kept)));
    return kept.uuid;
}

export async function waitingOf(trainee) {
    return (await (await device()).getAll("results")).filter((result) => result.trainee === trainee);
}

/**
 * Sends what waits of somebody.
 *
 * @returns {Promise<{state: "sent" | "away" | "signed-out" | "refused", words: object, why: string}>}
 */
export async function sendWaiting(trainee) {
    const all = {};
    for (;;) {
        const waiting = await waitingOf(trainee);
        if (waiting.length === 0) return { state: "sent", words: all, why: "" };
        const { url } = waiting[0];
        const batch = waiting.filter((result) => result.url === url).slice(0, MOST_AT_ONCE);
        const results = batch.map(({ uuid, exercise, duty, about, given, done }) => ({ uuid, exercise, duty, about, given, done })); // prettier-ignore
        const { status, body } = await post(url, { sent_at: Date.now(), results });
        if (status === 401 || status === 419) return { state: "signed-out", words: all, why: "" };
        if (status === 0 || status >= 500 || status === 429) return { state: "away", words: all, why: "" };
        const db = await device();
        await Promise.all(batch.map(({ seq }) => db.delete("results", seq)));
        const why =
            status === 200
                ? Object.values(body.results).find((word) => word !== "")
                : (body?.message ?? String(status));
        Object.assign(all, body?.words);
        if (why) return { state: "refused", words: all, why };
    }
}
