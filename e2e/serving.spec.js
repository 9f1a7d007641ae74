import { execFileSync } from "node:child_process";
import { readdirSync, readFileSync } from "node:fs";
import http from "node:http";
import { test, expect } from "@playwright/test";
import { newOrganiser, session, tokenIn } from "./support-server.js";

/** A request as no browser would send it: the status, the headers, the text. */
function raw(baseURL, path, headers, body = null, method = "GET") {
    return new Promise((resolve, reject) => {
        const request = http.request(`${baseURL}${path}`, { method, headers }, (response) => {
            let text = "";
            response.on("data", (part) => (text += part));
            response.on("end", () => resolve({ status: response.statusCode, headers: response.headers, text }));
        });
        request.on("error", reject);
        if (body) request.write(body);
        request.end();
    });
}

test("files and pages carry what protects them, and nothing of what serves them", async ({ baseURL }) => {
    const page = await raw(baseURL, "/login", {});
    const built = page.text.match(/\/build\/assets\/[\w.-]+\.css/)[0];
    for (const path of ["/login", "/mark.svg", "/robots.txt", built]) {
        const { status, headers } = await raw(baseURL, path, {});
        expect(status, path).toBe(200);
        expect(headers["x-content-type-options"], path).toBe("nosniff");
        expect(headers["x-powered-by"], path).toBeUndefined();
        expect(headers.server, path).toBe("nginx");
    }
    expect((await raw(baseURL, built, {})).headers["cache-control"]).toContain("immutable");
    for (const path of [
        "/.htaccess",
        "/../.env",
        "/build/../../.env",
        "/storage/logs/laravel.log",
        "/errors/413.html",
    ]) {
        const { status, text } = await raw(baseURL, path, {});
        expect([400, 404], path).toContain(status);
        expect(text).not.toContain("APP_KEY");
    }
    expect((await raw(baseURL, "/login", { Host: "evil.example" })).status).toBe(400);
    expect((await raw(baseURL, "/login", {}, null, "DELETE")).text).toContain("That cannot be done here.");
});

test("what is too long is turned away before it is read", async ({ playwright, baseURL }) => {
    const { context, token } = await session(playwright, baseURL);
    const cookie = (await context.storageState()).cookies.map(({ name, value }) => `${name}=${value}`).join("; ");
    const json = { cookie, "Content-Type": "application/json", Accept: "application/json" };
    const put = (headers, body) => raw(baseURL, "/events/2/site", { ...json, ...headers }, body, "PUT");
    expect((await put({ "Content-Length": 5_000_000 }, "x".repeat(5_000_000))).status).toBe(413);
    expect((await put({ "Transfer-Encoding": "chunked" }, "{}")).status, "a plan says its length").toBe(413);
    // The most that is read, of the kind that takes most memory: seen to hold too much, and no more.
    const deep = `{"_token":"${token}","things":[${"[1],".repeat(249_000)}[1]]}`;
    expect(await put({ "Content-Length": deep.length }, deep)).toMatchObject({
        status: 413,
        headers: { "content-type": expect.stringContaining("json") },
    });
    const upload = Buffer.alloc(7_000_000, "x");
    const tooLong = await raw(
        baseURL,
        "/events/2/place-lists",
        { cookie, "Content-Length": upload.length },
        upload,
        "POST",
    );
    expect([tooLong.status, tooLong.text]).toEqual([413, expect.stringContaining("This is too long.")]);
    expect(tooLong.headers["content-security-policy"]).toContain("default-src 'none'");
    expect((await context.get("/up")).status()).toBe(200);
});

test("many guesses at once are no more than one after the other", async ({ playwright, baseURL }) => {
    const email = newOrganiser();
    const contexts = await Promise.all(Array.from({ length: 20 }, () => playwright.request.newContext({ baseURL })));
    const pages = await Promise.all(contexts.map(async (context) => (await context.get("/login")).text()));
    const answers = await Promise.all(
        contexts.map((context, i) =>
            context.post("/login", { form: { _token: tokenIn(pages[i]), email, password: `guess ${i}` } }),
        ),
    );
    const texts = await Promise.all(answers.map((answer) => answer.text()));
    expect(texts.filter((text) => text.includes("do not match")).length).toBe(5);
    expect(texts.filter((text) => text.includes("Too many attempts")).length).toBe(15);
});

test("what is written while it runs is its owner's alone, and logs hold no line that was sent", async ({ baseURL }) => {
    const run = process.env.RUN_DIR;
    const readable = execFileSync("find", [
        run,
        "bootstrap/cache",
        "-type",
        "f",
        "-perm",
        "/077",
        "-not",
        "-name",
        ".gitignore",
    ]);
    expect(readable.toString()).toBe("");
    await raw(baseURL, "/login?x=%0A[2027-08-02]%20forged", {
        "User-Agent": "forged-agent",
        "X-Forwarded-For": "203.0.113.9",
    });
    for (const name of readdirSync(run).filter((file) => /\.(log|out)$/.test(file))) {
        expect(readFileSync(`${run}/${name}`, "utf8"), name).not.toMatch(/forged|203\.0\.113|marea-baja/);
    }
});
