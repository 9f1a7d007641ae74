import { openDB } from "idb";
import { post } from "../send.js";

/**
 * What a checker has found is kept on the device before anything else happens, and leaves it only when the server says
 * that it is stored. It is sent in the order in which it was made, by whoever made it, from any page.
 */
const MOST_AT_ONCE = 100;

let database;

function device() {
    database ??= openDB("keen-shadow", 1, {
        upgrade(db) {
            db.createObjectStore("entries", { keyPath: "seq", autoIncrement: true });
            db.createObjectStore("stations");
        },
    });
    return database;
}

/** Keeps an entry, and how the station stands after it, both or neither. */
export async function keep(entry, key, station) {
    const kept = (await device()).transaction(["entries", "stations"], "readwrite", { durability: "strict" });
    kept.objectStore("entries").add(plain(entry));
    kept.objectStore("stations").put(plain(station), key);
    await kept.done;
}

/** A copy of what a page watches, for the device takes nothing that is watched. */
function plain(value) {
    return JSON.parse(JSON.stringify(value));
}

export async function stationOf(key) {
    return (await device()).get("stations", key);
}

export async function keepStation(key, station) {
    await (await device()).put("stations", plain(station), key);
}

export async function dropStation(key) {
    await (await device()).delete("stations", key);
}

/** What a checker has made on this device and what is not stored by the server: those that wait, and those it refused. */
export async function unsent(checker) {
    const mine = (await (await device()).getAll("entries")).filter((entry) => entry.checker === checker);
    return { waiting: mine.filter(({ why }) => !why), refused: mine.filter(({ why }) => why) };
}

/** How many entries of others wait on this device. */
export async function ofOthers(checker) {
    return (await (await device()).getAll("entries")).filter((entry) => entry.checker !== checker).length;
}

export async function forget(seq) {
    await (await device()).delete("entries", seq);
}

/**
 * Sends whatever waits, until nothing does.
 *
 * @returns {Promise<{state: "sent" | "away" | "signed-out", answer: object | null}>} the last answer of the server
 */
export function sendWaiting(checker) {
    const alone = navigator.locks ? (work) => navigator.locks.request("keen-shadow-outbox", work) : (work) => work();
    return alone(() => sendAll(checker));
}

async function sendAll(checker) {
    let answer = null;
    for (;;) {
        const { waiting } = await unsent(checker);
        if (waiting.length === 0) return { state: "sent", answer };
        const [{ url, occasion, tray }] = waiting;
        const batch = [];
        for (const entry of waiting.slice(0, MOST_AT_ONCE)) {
            if (entry.url !== url || entry.occasion !== occasion) break;
            batch.push(entry);
        }
        const entries = batch.map(({ uuid, tag, faults, voids, seen_at }) => ({ uuid, tag, faults, voids, seen_at }));
        const { status, body } = await post(`${url}/entries`, {
            occasion,
            tray,
            entries,
            sent_at: new Date().toISOString(),
        });
        if (status === 401 || status === 419) return { state: "signed-out", answer };
        if (status === 0 || status >= 500 || status === 429) return { state: "away", answer };
        if (status === 200) answer = body;
        await settle(batch, status === 200 ? body.entries : null, body?.message);
    }
}

/** Stored ones leave the device; refused ones stay, with the reason. */
async function settle(batch, told, message) {
    const kept = (await device()).transaction("entries", "readwrite", { durability: "strict" });
    for (const entry of batch) {
        const why = told ? told[entry.uuid] : (message ?? "refused");
        if (why === "") kept.store.delete(entry.seq);
        else kept.store.put({ ...entry, why: why ?? "not answered" });
    }
    await kept.done;
}
