import { expect } from "@playwright/test";
import { execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";
import { readdirSync, readFileSync, readlinkSync } from "node:fs";

/** What the form of an event says, but for its title. */
export const EVENT = {
    place_name: "Sea wall",
    lat: "36.53",
    lon: "-6.29",
    height_m: "10",
    timezone: "Europe/Madrid",
    eclipse: "2027-08-02",
    as_typed: "1",
};

/** Glasses whose papers are in order, but for label and number. */
export const LOT = {
    kind: "card_glasses",
    maker_name: "yes",
    maker_address: "yes",
    printed_standard: "iso12312",
    instructions: "yes",
    warnings: "yes",
    expires_on: "",
    origin: "maker",
    test_report: "product_and_batch",
    over_spectacles: "no",
    blocks_side_light: "no",
    worn_by: "anyone",
};

/** The living processes of this run whose command line has the words. */
export function processes(words) {
    const session = readFileSync(`${process.env.RUN_DIR}/leader.pid`, "utf8");
    return readdirSync("/proc")
        .filter((pid) => /^\d+$/.test(pid))
        .filter((pid) => {
            try {
                const fields = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ").at(-1).split(" ");
                const command = readFileSync(`/proc/${pid}/cmdline`, "utf8").replaceAll("\0", " ");
                return fields[3] === session && command.includes(words) && readlinkSync(`/proc/${pid}/cwd`);
            } catch {
                return false;
            }
        })
        .map(Number);
}

/** Asks the database of this run, with the application's own rights. */
export function sql(query) {
    const { DB_HOST, DB_PORT, DB_USERNAME, DB_DATABASE, DB_PASSWORD } = process.env;
    const args = ["-qtAX", "-h", DB_HOST, "-p", DB_PORT, "-U", DB_USERNAME, "-d", DB_DATABASE, "-c", query];
    return execFileSync("psql", args, {
        env: { ...process.env, PGPASSWORD: DB_PASSWORD },
        stdio: ["ignore", "pipe", "inherit"],
    })
        .toString()
        .trim();
}

/** An organiser of an organisation of their own, with the demo's password: the e-mail address. */
export function newOrganiser() {
    const organisation = sql(`insert into organisations (name) values ('Test ${randomUUID()}') returning id`);
    const email = `${randomUUID()}@test.example`;
    sql(`insert into users (organisation_id, name, email, password, role)
        select ${organisation}, 'Tester', '${email}', password, 'organiser' from users where email like 'organiser@%' limit 1`);
    return email;
}

export function tokenIn(page) {
    return page.match(/name="_token" value="([^"]+)"/)[1];
}

/** Somebody signed in without a browser: their requests, and the token that their forms carry. */
export async function session(playwright, baseURL, email = "organiser@marea-baja.example") {
    const context = await playwright.request.newContext({ baseURL, timeout: 30_000, maxRedirects: 0 });
    const _token = tokenIn(await (await context.get("/login")).text());
    await context.post("/login", { form: { _token, email, password: process.env.DEMO_PASSWORD } });
    return { context, token: tokenIn(await (await context.get("/events/create")).text()) };
}

/** Sends a form; what came of it: "kept", "refused", or nothing is known. */
export async function send({ context, token }, path, fields) {
    try {
        const answer = await context.post(path, { multipart: { _token: token, ...fields } });
        if (answer.status() !== 302) return `unknown: ${answer.status()}`;
        return /\/(login|create|edit)$/.test(answer.headers().location) ? "refused" : "kept";
    } catch (error) {
        return `unknown: ${error.message.split("\n")[0]}`;
    }
}

/** An event of an organisation of its own, so that the demo stays as it is for other tests: its number, and who made it. */
export async function newEvent(playwright, baseURL, email) {
    const person = await session(playwright, baseURL, email);
    const uuid = randomUUID();
    await send(person, "/events", { ...EVENT, uuid, title: "The one that lives" });
    return [sql(`select id from events where uuid = '${uuid}'`), person];
}

/** A list of places of an event, its times computed. */
export async function newPlaces(person, event, rows) {
    await send(person, `/events/${event}/place-lists`, {
        uuid: randomUUID(),
        name: "District",
        file: { name: "a.csv", mimeType: "text/csv", buffer: Buffer.from(["name,lat,lon", ...rows].join("\n")) },
    });
    const computed = `select count(*) from listed_places join place_lists on place_list_id = place_lists.id
        where event_id = ${event} and computed_at is not null`;
    await expect.poll(() => sql(computed), { timeout: 60_000 }).toBe(String(rows.length));
}
