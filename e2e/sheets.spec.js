import { execFileSync } from "node:child_process";
import { expect, expectAccessible, signInAs, test } from "./support.js";
import { newEvent, newOrganiser, newPlaces, processes, send, sql } from "./support-server.js";

const PLACES = 40;
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

test("sheets of many places are made while workers are killed: all of them, each once, in one ZIP", async ({
    page,
    playwright,
    baseURL,
}) => {
    test.setTimeout(180_000);
    const email = newOrganiser();
    const [event, person] = await newEvent(playwright, baseURL, email);
    await send(person, `/events/${event}/run-sheet/propose`, { from: "", occasion: "public" });
    const rows = Array.from({ length: PLACES }, (_, i) => `School ${i},${36.4 + i / 50},${-6.3 + i / 60}`);
    await newPlaces(person, event, rows);

    await signInAs(page, email);
    await page.goto(`/events/${event}/run-sheet/places`);
    await expectAccessible(page);
    await page.getByRole("button", { name: "Make the sheets" }).click();
    await expect(page.locator("progress")).toBeVisible();
    const made = () =>
        Number(
            sql(`select count(*) from bundled_places join place_bundles on id = place_bundle_id
            where event_id = ${event}`),
        );
    for (const least of [3, 12]) {
        await expect.poll(made, { timeout: 60_000 }).toBeGreaterThanOrEqual(least);
        processes("queue:work database").forEach((pid) => process.kill(pid, "SIGKILL"));
        await sleep(200);
    }
    await expect(page.getByText(`${PLACES} sheets.`)).toBeVisible({ timeout: 120_000 });
    expect(made()).toBe(PLACES);
    await expectAccessible(page);

    const waiting = page.waitForEvent("download");
    await page.getByRole("link", { name: /ZIP/ }).click();
    const path = await (await waiting).path();
    const names = execFileSync("python3", ["-m", "zipfile", "-l", path]).toString();
    expect(names.match(/run-sheet\.pdf/g).length).toBe(PLACES);
    expect(names.match(/run-sheet\.ics/g).length).toBe(PLACES);
    execFileSync("python3", ["-m", "zipfile", "-t", path]);
    await person.context.dispose();
});
