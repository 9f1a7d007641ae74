import { randomUUID } from "node:crypto";
import { test, expect } from "@playwright/test";
import { EVENT, LOT, newEvent, newOrganiser, processes, send, session, sql } from "./support-server.js";

/**
 * Processes are killed while people write: children and masters of php-fpm, nginx's master, workers, backends of
 * PostgreSQL. What was acknowledged must be there, once; what was not is whole or absent; sent again it is there, once.
 */
const SECONDS = 25;
const PLACES = 300;

// The same kills in every run.
let seed = 20270802;
const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

const VICTIMS = {
    "child of php-fpm": () => processes("php-fpm: pool"),
    "master of php-fpm": () => processes("php-fpm: master"),
    "master of nginx": () => processes("nginx: master"),
    worker: () => processes("queue:work database"),
    "backend of PostgreSQL": () =>
        sql("select pid from pg_stat_activity where usename = current_user and pid <> pg_backend_pid()")
            .split("\n")
            .filter(Boolean)
            .map(Number),
};
// How often each dies; a backend takes the others with it, and the database needs a moment to come back.
const DEATHS = [
    ...Array(30).fill("child of php-fpm"),
    ...Array(6).fill("worker"),
    ...Array(3).fill("master of php-fpm"),
    ...Array(2).fill("master of nginx"),
    ...Array(3).fill("backend of PostgreSQL"),
];

/** Kinds of writes: where they go, what they say, and how many of it the database has, whole. */
function writes(lot, event) {
    return {
        events: (uuid) => [`/events`, { ...EVENT, uuid, title: `Kill ${uuid}` }],
        lots: (uuid) => [`/events/${event}/glasses`, { ...LOT, uuid, label: `Kill ${uuid}`, pairs: "40" }],
        viewers: (uuid) => [
            `/events/${event}/viewers`,
            { uuid, build: "box", name: `Kill ${uuid}`, distance_mm: "300", hole_mm: "0.6", screen_side: "front" },
        ],
        pair_checks: (uuid, i) => [`/events/${event}/glasses/${lot}/checks`, { uuid, tag: String((i % 300) + 1) }],
        place_lists: (uuid) => [
            `/events/${event}/place-lists`,
            {
                uuid,
                name: `Kill ${uuid}`,
                file: {
                    name: "a.csv",
                    mimeType: "text/csv",
                    buffer: Buffer.from(`name,lat,lon\n${"School,36.5,-6.3\n".repeat(PLACES)}`),
                },
            },
        ],
    };
}

test("nothing acknowledged is lost when processes are killed in the middle of writing", async ({
    playwright,
    baseURL,
}) => {
    test.setTimeout(240_000);
    const up = async () => {
        const context = await playwright.request.newContext({ baseURL });
        // Every child of php-fpm finds out by itself that its connection has gone: all of them are asked.
        const all = () => Promise.all(Array.from({ length: 24 }, async () => (await context.get("/up")).status()));
        await expect(async () => expect(new Set(await all())).toEqual(new Set([200]))).toPass({ timeout: 60_000 });
        await context.dispose();
    };
    await up();
    const email = newOrganiser();
    const [event, person] = await newEvent(playwright, baseURL, email);
    const lot = randomUUID();
    await send(person, `/events/${event}/glasses`, { ...LOT, uuid: lot, label: "Inspected meanwhile", pairs: "300" });
    const kinds = writes(sql(`select id from lots where uuid = '${lot}'`), event);
    const people = await Promise.all(Object.keys(kinds).map(() => session(playwright, baseURL, email)));
    const sent = [];
    const killed = {};
    const end = Date.now() + SECONDS * 1000;
    const writer = async (kind, person) => {
        for (let i = 0; Date.now() < end; i++) {
            const uuid = randomUUID();
            const result = await send(person, ...kinds[kind](uuid, i));
            sent.push({ kind, uuid, i, result });
            // Lists are long; the queue is to keep up. Who was cut off waits a moment.
            if (kind === "place_lists") await sleep(1000);
            else if (result !== "kept") await sleep(100);
        }
    };
    const killer = async () => {
        for (const victim of [...DEATHS].sort(() => random() - 0.5)) {
            await sleep((1000 * SECONDS) / DEATHS.length);
            if (Date.now() > end) break;
            try {
                const found = VICTIMS[victim]();
                if (found.length === 0) continue;
                process.kill(found[Math.floor(random() * found.length)], "SIGKILL");
                killed[victim] = (killed[victim] ?? 0) + 1;
            } catch {
                // Just gone, or the database is on its way back.
            }
        }
    };
    await Promise.all([...Object.keys(kinds).map((kind, i) => writer(kind, people[i])), killer()]);
    await up();

    for (const victim of Object.keys(VICTIMS)) expect(killed[victim] ?? 0, victim).toBeGreaterThan(0);
    /** How often the database has each of them: the numbers that occur. */
    const counts = (kind, writes) => {
        const rows = writes.map(({ uuid }) => `('${uuid}'::uuid)`).join(",");
        const times = `select count(*) from ${kind} where uuid = sent.uuid`;
        return sql(`select distinct (${times}) from (values ${rows}) sent (uuid)`).split("\n").map(Number);
    };
    expect(sent.filter(({ result }) => result === "refused")).toEqual([]);
    const unknown = sent.filter(({ result }) => result.startsWith("unknown"));
    expect(unknown.length, "some were cut off").toBeGreaterThan(0);
    for (const kind of Object.keys(kinds)) {
        const kept = sent.filter((write) => write.kind === kind && write.result === "kept");
        expect(kept.length, kind).toBeGreaterThan(3);
        expect(counts(kind, kept), kind).toEqual([1]);
    }

    // Whole or absent; and the same once more is the same.
    const again = async (kind, person) => {
        const cutOff = unknown.filter((write) => write.kind === kind);
        if (cutOff.length === 0) return;
        expect(Math.max(...counts(kind, cutOff)), kind).toBeLessThanOrEqual(1);
        for (const write of cutOff) {
            expect(await send(person, ...kinds[kind](write.uuid, write.i)), JSON.stringify(write)).toBe("kept");
        }
        expect(counts(kind, cutOff), kind).toEqual([1]);
    };
    const fresh = await Promise.all(people.map(() => session(playwright, baseURL, email)));
    await Promise.all(Object.keys(kinds).map((kind, i) => again(kind, fresh[i])));
    const halves = `select count(*) from place_lists l where size <> (select count(*) from listed_places where place_list_id = l.id)`;
    expect(sql(halves), "no half list").toBe("0");
    expect(
        sql("select count(*) from plan_revisions r where not exists (select from events where id = r.event_id)"),
    ).toBe("0");

    // What a killed worker had begun is taken up again by itself.
    const waiting = `select count(*) from place_lists l where name like 'Kill%' and failed_at is null
        and exists (select from listed_places where place_list_id = l.id and computed_at is null)`;
    await expect(() => expect(sql(waiting)).toBe("0")).toPass({ timeout: 90_000, intervals: [2000] });
});

test("a plan that is saved while processes are killed is the one before or the one after", async ({
    playwright,
    baseURL,
}) => {
    test.setTimeout(120_000);
    const [event, person] = await newEvent(playwright, baseURL, newOrganiser());
    const holds = () => sql(`select plan_revision_id from events where id = ${event}`);
    const plan = () =>
        JSON.parse(
            sql(
                `select coalesce((select plan->'things'->0->>'name' from plan_revisions r join events e on e.plan_revision_id = r.id where e.id = ${event}), '')`,
            ) || '""',
        );
    let [cut, kept] = [0, 0];
    for (let i = 1; i <= 40; i++) {
        const before = holds();
        const things = [{ kind: "viewers", name: String(i), points: "0 0" }];
        const saved = person.context
            .put(`/events/${event}/site`, {
                data: { _token: person.token, from: before, spot: "", accuracy_m: "0.5", horizon: "", things },
                headers: { "X-Requested-With": "XMLHttpRequest" },
            })
            .then((answer) => answer.status())
            .catch(() => 0);
        await sleep(random() * 60);
        for (const pid of VICTIMS["child of php-fpm"]()) if (i % 2 === 0) process.kill(pid, "SIGKILL");
        const status = await saved;
        if (status === 200) {
            kept++;
            expect(plan()).toBe(i);
        } else {
            cut++;
            expect([0, 502, 503]).toContain(status);
            const now = holds();
            expect(now === before || plan() === i).toBe(true);
        }
    }
    expect(kept).toBeGreaterThan(10);
    expect(cut).toBeGreaterThan(0);
    // No revision without its place in the chain: each of this event is one that held.
    expect(sql(`select count(*) from plan_revisions where event_id = ${event} and parent_id is null`)).toBe("1");
});

test("a reading whose worker is killed says that it broke off, and another may begin", async ({
    playwright,
    baseURL,
}) => {
    test.setTimeout(90_000);
    const [event, person] = await newEvent(playwright, baseURL, newOrganiser());
    const begin = () =>
        person.context.post(`/events/${event}/site/position/read`, {
            form: { _token: person.token },
            headers: { "X-Requested-With": "XMLHttpRequest", Accept: "text/html" },
        });
    await begin();
    const latest = (what) =>
        sql(`select ${what} from position_readings where event_id = ${event} order by id desc limit 1`);
    await expect(() => expect(latest("began_at is not null and fixes > 0")).toBe("t")).toPass({ timeout: 20_000 });
    for (const pid of processes("queue:work readings")) process.kill(pid, "SIGKILL");
    const files = async () => (await person.context.get(`/events/${event}/site/files`)).text();
    await expect(async () => expect(await files()).toContain("The reading broke off.")).toPass({ timeout: 30_000 });
    await begin();
    await expect(() => expect(latest("fault is null and ended_at is not null")).toBe("t")).toPass({ timeout: 20_000 });
});
