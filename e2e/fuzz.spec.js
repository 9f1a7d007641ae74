import { execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";
import { readFileSync } from "node:fs";
import { test, expect } from "@playwright/test";
import { logbookOf } from "./support-logbook.js";
import { photosOf } from "./support-photo.js";
import { FIELDS, SAMPLES, TEXTS } from "./support-nonsense.js";
import { LOT, newOrganiser, session, sql } from "./support-server.js";

/**
 * Nonsense for every route, with forms, JSON and files, the same in every run: no answer is an error of the server, none
 * takes longer than two seconds, none breaks the limit of memory. An organisation of its own is made for it.
 */
const SECONDS = 45;
const SLOWEST_MS = 2000;
const AT_ONCE = 3;
/** Signing out ends the test; the sign-in counts failures. */
const LEFT_OUT = ["logout", "login"];

let seed = 12312;
const random = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
const one = (list) => list[Math.floor(random() * list.length)];
const maybe = (share) => random() < share;
const times = (n, make) => Array.from({ length: n }, make);

const KEYS = ["", "0", "length", "__proto__", "constructor", "a.b", "a[b]", "*", "x".repeat(300)];

/** A sample with something broken in it. */
function broken(sample) {
    let bytes = Buffer.from(sample);
    for (let i = 0; i < 1 + Math.floor(random() * 4); i++) {
        const at = Math.floor(random() * bytes.length);
        const to = Math.min(bytes.length, at + Math.floor(random() * 40));
        const part = bytes.subarray(at, to);
        const change = one([
            () => Buffer.concat([bytes.subarray(0, at), bytes.subarray(to)]),
            () => Buffer.concat([bytes.subarray(0, at), Buffer.from(one(TEXTS)), bytes.subarray(to)]),
            () => Buffer.concat([bytes.subarray(0, at), ...times(one([2, 50, 4000]), () => part), bytes.subarray(to)]),
            () =>
                Buffer.concat([
                    bytes.subarray(0, at),
                    Buffer.from([Math.floor(random() * 256)]),
                    bytes.subarray(at + 1),
                ]),
            () => bytes.subarray(0, at),
            () => Buffer.concat([Buffer.from([0xef, 0xbb, 0xbf]), bytes]),
        ]);
        bytes = change();
    }
    return bytes;
}

function value(depth = 0) {
    if (depth < 3 && maybe(0.15)) return times(Math.floor(random() * 4), () => value(depth + 1));
    if (depth < 3 && maybe(0.15))
        return Object.fromEntries(times(Math.floor(random() * 4), () => [one([...KEYS, ...FIELDS]), value(depth + 1)]));
    return maybe(0.1) ? one([0, -1, 1e308, 3.5, true, null]) : one(TEXTS);
}

/** Fields as a form sends them: a[b][c]. */
function flat(name, what, into) {
    if (what !== null && typeof what === "object")
        Object.entries(what).forEach(([key, part]) => flat(`${name}[${key}]`, part, into));
    else into[name] = String(what);
    return into;
}

// What the file of a form is called, by the end of its address; elsewhere it is called file.
const NAMES = { lots: "stock", outline: "svg", tried: "photo", bells: "timetable" };

test("nonsense for every route and every reader of files is answered quickly and never by an error", async ({
    playwright,
    baseURL,
}) => {
    test.setTimeout(180_000);
    const { context, token: _token } = await session(playwright, baseURL, newOrganiser());
    const make = async (path, form, table) => {
        const uuid = randomUUID();
        await context.post(path, { multipart: { _token, uuid, ...form } });
        return table && sql(`select id from ${table} where uuid = '${uuid}'`);
    };
    const where = { place_name: "Sea wall", lat: "36.5297", lon: "-6.2926", height_m: "10", timezone: "Europe/Madrid" };
    const newEvent = () => make("/events", { ...where, title: "Fuzz", eclipse: "2027-08-02", as_typed: "1" }, "events");
    const event = await newEvent();
    const file = { name: "a.csv", mimeType: "text/csv", buffer: Buffer.from(SAMPLES[0]) };
    const known = {
        event,
        lot: await make(`/events/${event}/glasses`, { ...LOT, label: "F", pairs: "40" }, "lots"),
        viewer: await make(
            `/events/${event}/viewers`,
            { build: "box", name: "F", distance_mm: "300", hole_mm: "0.6", screen_side: "front" },
            "viewers",
        ),
        placeList: await make(`/events/${event}/place-lists`, { file }, "place_lists"),
        positionReading: "1",
        placeBundle: "1",
        pairCheck: "1",
    };
    known.audienceGroup = await make(
        `/events/${event}/audience`,
        { name: "F", people: "10", band: "adult" },
        "audience_groups",
    );
    known.lotScan = await make(
        `/events/${event}/glasses/${known.lot}/scans`,
        { name: "F", lens: "right", file: { ...file, buffer: Buffer.from(SAMPLES.at(-1)) } },
        "lot_scans",
    );
    known.lotFile = await make(
        `/events/${event}/glasses/${known.lot}/files`,
        { name: "F", file: { name: "a.pdf", mimeType: "application/pdf", buffer: Buffer.from("%PDF-1.4\n%%EOF") } },
        "lot_files",
    );
    known.supplier = await make(
        `/events/${event}/glasses/suppliers`,
        { name: "F", standing: "not_checked" },
        "suppliers",
    );
    known.meterReading = await make(
        `/events/${event}/glasses/${known.lot}/readings`,
        { what: "F", dark_lx: "0", open_lx: "100000", behind_lx: "1", resolution_lx: "0.1", accuracy_percent: "4" },
        "meter_readings",
    );
    known.stockEntry = await make(
        `/events/${event}/glasses/stock`,
        { what: "destroyed", lot_id: known.lot, tag: "2", how: "cut" },
        "stock_moves",
    );
    known.viewerTrial = await make(
        `/events/${event}/viewers/${known.viewer}/tried`,
        { tried_on: "2026-01-04", measured_mm: "2.8" },
        "viewer_trials",
    );
    await context.post(`/events/${event}/run-sheet/templates`, { multipart: { _token, template: "F" } });
    known.sheetTemplate = sql("select max(id) from sheet_templates");
    known.helper = await make(`/events/${event}/run-sheet/helpers`, { name: "F" }, "helpers");
    Object.assign(known, { tag: "7" }, await logbookOf(event, make, sql), await photosOf(event, make));
    known.queueCard = await make(`/events/${event}/training/queue`, { question: "F", answer: "F", needs: "any" }, "queue_cards"); // prettier-ignore
    known.position = "0";
    known.place = sql(`select id from listed_places where place_list_id = ${known.placeList} limit 1`);
    for (const [name, id] of Object.entries(known)) expect(id, name).toMatch(/^\d+$/);
    known.cue = randomUUID();
    await context.post(`/events/${event}/run-sheet/cues`, {
        multipart: { _token, from: "", uuid: known.cue, name: "F", kind: "call", anchor: "c1" },
    });
    Object.assign(known, {
        method: "telescope",
        observationKind: "wind",
        paper: "a4",
        part: "end_panel",
        wall: "a3",
        sheetPaper: "a4",
        calendarKey: "0".repeat(40),
        dutyKey: sql(`select duty_key from helpers where id = ${known.helper}`),
        publicKey: sql(`update events set public_key = '0123456789' where id = ${event} returning public_key`),
        turn: `g${known.audienceGroup}-telescope`,
        post: randomUUID(),
        kitKind: "mount",
        trainingDuty: "helper",
        handoutPrint: "plain",
        bundleKind: "kit",
        bundledFile: "handout.pdf",
        exercise: () => one(["gust", "filter", "table"]),
    });

    const routes = JSON.parse(execFileSync("php", ["artisan", "route:list", "--json"]).toString())
        .map(({ method, uri }) => ({ method: method.split("|")[0], uri }))
        .filter(({ uri }) => !LEFT_OUT.includes(uri));
    expect(routes.length).toBeGreaterThan(50);
    const faults = [];
    const seen = {};
    const nameOf = (record) => known[record]?.call?.() ?? known[record] ?? faults.push(`nothing is known of ${record}`);
    const ask = async ({ method, uri }) => {
        // What is removed is gone for the rest: another one takes its place now and then.
        const isRemoval = method === "DELETE";
        const path = uri.replaceAll(/\{(\w+)\??\}/g, (all, name) =>
            isRemoval || maybe(0.08)
                ? one(["1", "999999", "99999999999999999999", "0", "-1", "x", "%00"])
                : nameOf(name),
        );
        const fields = Object.fromEntries(
            times(Math.floor(random() * 9), () => [maybe(0.93) ? one(FIELDS) : one(KEYS), value()]),
        );
        if (/sky|site|glasses|viewers|places|eclipses/.test(uri) && maybe(0.5)) Object.assign(fields, where);
        const headers = maybe(0.4)
            ? { "X-Requested-With": "XMLHttpRequest", Accept: "application/json, text/html" }
            : {};
        const options = { method, headers };
        let url = path === "/" ? "/" : `/${path}`;
        const asForm = () => Object.entries(fields).reduce((into, [name, what]) => flat(name, what, into), {});
        if (method === "GET") url += `?${new URLSearchParams(asForm())}`;
        else if (
            /import$|place-lists$|files$|scans$|lots$|outline$|viewers\/file$|tried$|bells$|instruments$/.test(uri) ||
            maybe(0.1)
        ) {
            const upload = {
                name: one(["a.csv", "b.gpx", "漢.json", ".kml"]),
                mimeType: "text/plain",
                buffer: broken(one(SAMPLES)),
            };
            options.multipart = {
                _token,
                areas: "building",
                name: "F",
                uuid: randomUUID(),
                [NAMES[uri.split("/").at(-1)] ?? (uri.endsWith("viewers/file") ? "design" : "file")]: upload,
            };
        } else if (maybe(0.5)) options.data = { _token, ...fields };
        else options.form = { _token, ...asForm() };

        const describe = () => `${method} ${url.slice(0, 300)} ${JSON.stringify(options).slice(0, 1500)}`;
        const send = async () => {
            const begin = performance.now();
            const answer = await context.fetch(url, options);
            await answer.body();
            return [answer.status(), performance.now() - begin];
        };
        try {
            let [status, took] = await send();
            seen[`${method} ${uri}`] = (seen[`${method} ${uri}`] ?? 0) + 1;
            if (status >= 500) faults.push(`${status}: ${describe()}`);
            // Other work on the machine may have held it up: once more, alone in its turn.
            if (took > SLOWEST_MS) [status, took] = await send();
            if (took > SLOWEST_MS) faults.push(`${Math.round(took)} ms: ${describe()}`);
        } catch (error) {
            faults.push(`${error.message.split("\n")[0]}: ${describe()}`);
        }
    };

    const end = Date.now() + SECONDS * 1000;
    let turn = 0;
    await Promise.all(
        times(AT_ONCE, async () => {
            while (Date.now() < end && faults.length < 10) await ask(routes[turn++ % routes.length]);
        }),
    );
    expect(faults).toEqual([]);
    expect(Object.keys(seen).length, "every route was asked").toBe(
        new Set(routes.map((r) => `${r.method} ${r.uri}`)).size,
    );
    const log = readFileSync(`${process.env.RUN_DIR}/php-fpm.log`, "utf8");
    expect(log).not.toMatch(/Allowed memory size|Maximum execution time|Segmentation/);
    console.log(`${turn} requests`);
    await context.dispose();
});
