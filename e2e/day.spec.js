import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";
import { DAY, SPEED, rehearse, state, typeTime } from "./support-day.js";
import { sql } from "./support-server.js";

/** A cue comes within a tenth of a second of its plan, but for what the machine itself was late just then. */
const NEAR_MS = 100;
const JUST_THEN_MS = 300;

/** What the screen shows and calls, with the moment of the day at which it does; and how late a plain timer was meanwhile. */
async function record(page) {
    await page.evaluate(() => {
        const day = document.querySelector(".day");
        window.seen = { states: [], calls: [], beats: [] };
        new MutationObserver(() => {
            const { at, state } = day.dataset;
            if (window.seen.states.at(-1)?.state !== state)
                window.seen.states.push({ state, at: Number(at), steady: performance.now() });
        }).observe(day, { attributes: true, attributeFilter: ["data-state"] });
        day.addEventListener("called", ({ detail }) =>
            window.seen.calls.push({ ...detail, steady: performance.now() }),
        );
        const beat = (due) => {
            window.seen.beats.push({ steady: performance.now(), late: performance.now() - due });
            const next = performance.now() + 20;
            setTimeout(() => beat(next), 20);
        };
        beat(performance.now());
    });
}

/** How late of the day that is played something may be that was seen at a moment of the steady clock. */
function mayBeLate(beats, steady) {
    const near = beats.filter((beat) => Math.abs(beat.steady - steady) < JUST_THEN_MS);
    return SPEED * (NEAR_MS + Math.max(0, ...near.map(({ late }) => late)));
}

async function setClock(page, byMs) {
    await page.evaluate((by) => {
        const before = Date.now;
        Date.now = () => before() + by;
    }, byMs);
}

test("a whole totality, offline from C1 on, asleep once, with a clock that is set: all at the right instants, each line once", async ({
    browser,
    baseURL,
}) => {
    test.setTimeout(150_000);
    // Of its own: the console of one without a network says so, again and again.
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    const errors = [];
    page.on("pageerror", (error) => errors.push(error.message));
    await signIn(page);
    await page.goto(DAY);
    await expect(page.locator(".day-clock")).toContainText("just compared");
    const { pack } = await (await page.request.get(`${DAY}/pack`)).json();
    const ofTheDay = () => sql("select count(*) from day_entries where rehearsal_id is null");
    const before = ofTheDay();
    await record(page);
    await rehearse(page, "09:38, 2 min before C1");
    await state(page, "Filters on");
    await expect(page.locator(".day-network")).toContainText("Connected");
    const uuid = sql("select uuid from rehearsals order by id desc limit 1");

    await context.setOffline(true);
    await page.getByRole("button", { name: "Log", exact: true }).click();
    await page.getByLabel("What happened").fill("The light goes grey");
    await page.locator(".day-panel").getByRole("button", { name: "Log", exact: true }).click();
    await expect(page.locator(".day-network")).toContainText("1 line waits on this device");
    await page.getByRole("button", { name: "Stop" }).click();
    await state(page, "Stop: filters on");
    await page.getByRole("button", { name: "bad weather" }).click();
    // A short press is no gesture.
    await page.getByRole("button", { name: "Hold 2 s" }).click();
    await state(page, "Stop: filters on");
    await page.getByRole("button", { name: "Hold 2 s" }).hover();
    await page.mouse.down();
    await state(page, "Filters on");
    await page.mouse.up();

    const devtools = await context.newCDPSession(page);
    await devtools.send("Page.setWebLifecycleState", { state: "frozen" });
    await new Promise((wait) => setTimeout(wait, 4000));
    await devtools.send("Page.setWebLifecycleState", { state: "active" });
    await setClock(page, -40_000);
    // It is seen at the next tick, and moves nothing.
    await page.waitForTimeout(500);
    // Forwards it might as well have slept: whoever is there knows.
    await setClock(page, 40_000);
    await expect(page.getByRole("heading", { name: "The clock of this device jumped by 40.0 s." })).toBeVisible();
    await expect(page.locator(".day-clock")).toContainText("right to 20.1 s");
    await page.getByRole("button", { name: "Its clock was set" }).click();
    await expect(page.locator(".day-clock")).toContainText("right to 0.1 s");
    await state(page, "Totality: filters may come off");
    await state(page, "Filters back on");
    await expect(page.locator(".day-network")).toContainText("4 lines wait");
    const seen = await page.evaluate(() => window.seen);

    const { spans, calls } = pack.tables[0];
    const planned = seen.states.filter((s) => s.state !== "stopped");
    for (const [name, from] of [
        ["may_come_off", spans[1].to],
        ["filters_back_on", spans[2].to],
    ]) {
        const { at, steady } = planned.find((s) => s.state === name);
        expect(at, name).toBeGreaterThanOrEqual(from);
        expect(at - from, name).toBeLessThan(mayBeLate(seen.beats, steady));
    }
    for (const call of [
        ...calls,
        ...pack.lines.filter((l) => l.call && l.from > calls[0].from && l.from < calls[2].from),
    ]) {
        const heard = seen.calls.filter(({ id }) => id === call.id);
        expect(heard, call.name).toHaveLength(1);
        expect(heard[0].at - call.from, call.name).toBeGreaterThanOrEqual(0);
        expect(heard[0].at - call.from, call.name).toBeLessThan(mayBeLate(seen.beats, heard[0].steady));
    }

    await context.setOffline(false);
    await expect(page.locator(".day-network")).toContainText("Connected.");
    await expect(page.locator(".day-network")).not.toContainText("wait", { timeout: 20_000 });
    const rows = () =>
        sql(
            `select kind || ' ' || coalesce(text, '') from day_entries e join rehearsals r on r.id = e.rehearsal_id where r.uuid = '${uuid}' order by e.id`,
        ).split("\n");
    expect(rows().map((row) => row.trim())).toEqual(["note The light goes grey", "stop", "note bad weather", "go_on"]);
    await page.reload();
    await expect(page.locator(".day-played")).toContainText("This is not the day");
    await expect(page.locator(".day-network")).toContainText("Connected.");
    expect(rows()).toHaveLength(4);
    await page.getByRole("button", { name: "End the rehearsal" }).click();
    await state(page, "Not begun yet");
    expect(ofTheDay()).toBe(before);
    expect(errors).toEqual([]);
    await context.close();
});

test("in the hand, on a laptop and in a hall it can be read and worked", async ({ page }) => {
    await signIn(page);
    for (const [width, height] of [
        [390, 844],
        [1280, 800],
        [1920, 1080],
    ]) {
        await page.setViewportSize({ width, height });
        await page.goto(DAY);
        await expect(page.locator(".day-clock")).toContainText("just compared");
        await expectNoSidewaysScroll(page);
        await expectAccessible(page);
        await rehearse(page, "10:43, 2 min before C2", 20);
        await state(page, "Totality: filters may come off");
        await expectAccessible(page);
        await page.getByRole("button", { name: "End the rehearsal" }).click();
    }
});

test("in totality itself: by an unknown clock filters stay on, by a typed one they may come off, and nobody rehearses", async ({
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    // 10:46:30 at Cádiz on 2 August 2027: a minute after C2.
    await page.addInitScript(
        (at) => {
            const apart = at - Date.now();
            const real = Date.now;
            Date.now = () => real() + apart;
        },
        Date.UTC(2027, 7, 2, 8, 46, 30),
    );
    await page.route("**/time", (route) => route.abort());
    await signIn(page);
    await page.goto(DAY);
    await state(page, "Filters on");
    await expect(page.locator(".day-clock")).toContainText("was never compared");
    await expect(page.locator(".day-next")).not.toContainText("Filters on");

    await page.getByText("Rehearse", { exact: true }).click();
    await page.getByRole("button", { name: "Begin" }).click();
    await expect(page.getByText("nobody rehearses now")).toBeVisible();
    await expect(page.locator(".day-played")).toBeHidden();

    await page.getByText("Clock", { exact: true }).click();
    const shown = () => page.locator(".day-time b").textContent();
    await typeTime(page, "late");
    await expect(page.getByText("Type hours, minutes and seconds")).toBeVisible();
    await typeTime(page, (await shown()).slice(0, 5));
    await expect(page.getByText("Typed without seconds")).toBeVisible();
    await typeTime(page, await shown());
    await expect(page.getByText("no filters come off by it: say what that clock is")).toBeVisible();
    await state(page, "Filters on");
    await typeTime(page, await shown(), "1");
    await state(page, "Totality: filters may come off");
    await expect(page.locator(".day-clock")).toContainText("right to 2.1 s");
    await expect(page.locator(".day-next")).toContainText("Warning: filters on in 10 s");
    await context.close();
});

test("opened once it works without a network: the day, the rule book, the station; and whoever signs out leaves nothing", async ({
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await signIn(page);
    await page.goto(DAY);
    await expect(page.getByText("Kept on this device: it works without a network.")).toBeVisible({ timeout: 30_000 });
    await context.setOffline(true);

    await page.reload();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Not begun yet");
    await expect(page.locator(".day-clock")).toContainText("was never compared");
    await page.getByRole("button", { name: "Nobody set it" }).click();
    await expect(page.locator(".day-clock")).toContainText(/right to [56]\.\d s/);
    await expect(page.locator(".day-network")).toContainText("No network");
    await rehearse(page, "10:43, 2 min before C2");
    await state(page, "Totality: filters may come off");
    await page.getByRole("button", { name: "End the rehearsal" }).click();

    await page.goto("/events/2/may-i?item=bare-eyes");
    await expect(page.getByRole("heading", { name: "May I use this?" })).toBeVisible();
    await page.getByText("Nothing: bare eyes").click();
    await page.locator("details[open] summary").filter({ hasText: "any of the bright Sun" }).first().click();
    await expect(page.locator("details[open] .verdict-word").first()).toHaveText("No");
    await expectAccessible(page);
    await page.goto("/events/2/glasses/1/station");
    await expect(page.locator("#tag")).not.toBeEmpty();
    await expect(page.goto("/events/1/day")).rejects.toThrow(/INTERNET_DISCONNECTED/);
    await expect(page.goto("/events/2")).rejects.toThrow(/INTERNET_DISCONNECTED|FAILED/);

    await context.setOffline(false);
    await page.goto("/");
    expect(await page.evaluate(async () => (await caches.keys()).length)).toBe(1);
    await page.getByRole("button", { name: "Sign out" }).click();
    await expect(page.getByLabel("Password")).toBeVisible();
    const left = await page.evaluate(async () => [
        (await caches.keys()).length,
        (await navigator.serviceWorker.getRegistrations()).length,
        Object.keys(localStorage).filter((key) => key.startsWith("keen-shadow day")).length,
    ]);
    expect(left).toEqual([0, 0, 0]);
    await context.setOffline(true);
    await expect(page.goto(DAY)).rejects.toThrow(/INTERNET_DISCONNECTED/);
    await context.close();
});
