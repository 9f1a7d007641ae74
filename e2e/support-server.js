import { execFileSync } from "node:child_process";
import { randomUUID } from "node:crypto";

/** Asks the database of this run, with the application's own rights. */
export function sql(query) {
    const { DB_HOST, DB_PORT, DB_USERNAME, DB_DATABASE, DB_PASSWORD } = process.env;
    const args = ["-qtAX", "-h", DB_HOST, "-p", DB_PORT, "-U", DB_USERNAME, "-d", DB_DATABASE, "-c", query];
    return execFileSync("psql", args, {
        env: { ...process.env, PGPASSWORD: DB_PASSWORD },
        stdio: ["ignore", "pipe", "ignore"],
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
