import { randomUUID } from "node:crypto";
import { expect, expectAccessible, expectNoSidewaysScroll, signIn, signInAs, test } from "./support.js";
import { newEvent, newOrganiser, send, sql } from "./support-server.js";

const GROUP = { band: "teen", people: "24" };

/** A group with its methods chosen, as the audience's pages do. */
async function group(person, event, name, methods) {
    const uuid = randomUUID();
    await send(person, `/events/${event}/audience`, { ...GROUP, uuid, name });
    sql(`update audience_groups set methods = '${JSON.stringify(methods)}' where uuid = '${uuid}'`);
    return sql(`select id from audience_groups where uuid = '${uuid}'`);
}

const revision = (event) => sql(`select sheet_revision_id from events where id = ${event}`);

/** A helper who comes to events: their number. */
async function helper(person, events, name) {
    const uuid = randomUUID();
    await send(person, `/events/${events[0]}/run-sheet/helpers`, { uuid, name, "training[]": "instrument" });
    const id = sql(`select id from helpers where uuid = '${uuid}'`);
    for (const event of events)
        await send(person, `/events/${event}/run-sheet/helpers/${id}/comes`, {
            _method: "put",
            from: revision(event),
            comes: "1",
        });
    return id;
}

test("turns and duties are proposed, changed by keys, one does not come, and the private address tells", async ({
    page,
    playwright,
    baseURL,
}) => {
    const email = newOrganiser();
    const [event, person] = await newEvent(playwright, baseURL, email);
    await group(person, event, "Class 5A", ["telescope", "card"]);
    await signInAs(page, email);
    await page.goto(`/events/${event}/run-sheet/crew`);
    await expect(page.getByText("Nobody is asked to help yet.")).toBeVisible();
    await expectAccessible(page);

    // Without a mouse: somebody is written down and asked.
    for (const name of ["Ines", "Omar", "Ruth", "Teo", "Noor"]) {
        await page.getByRole("link", { name: "Add a helper" }).focus();
        await page.keyboard.press("Enter");
        await page.getByLabel("Name, as they are called").fill(name);
        await page.getByLabel("instruments").check();
        await page.getByRole("button", { name: "Save this helper" }).press("Enter");
        await page
            .getByRole("row", { name: new RegExp(name) })
            .getByRole("button", { name: "Comes" })
            .press("Enter");
        await expect(page.getByText("Saved.")).toBeVisible();
    }
    await page.getByRole("link", { name: "Groups and stations" }).press("Enter");
    await expect(page.getByText("1 group goes round, and has no turns yet.")).toBeVisible();
    await page.getByRole("button", { name: "Propose turns and duties" }).press("Enter");
    await expect(page.getByText("1 of 1 groups have all their turns; 1 have one in the best minutes.")).toBeVisible();
    await expectAccessible(page);

    // A turn by keys: by whole steps, with what is wrong said at once; a step back.
    const row = page.getByRole("row", { name: /Class 5A/ });
    const before = await row.getByRole("link").allTextContents();
    const block = page.locator(".cue-block.is-turn").first();
    await block.focus();
    await page.keyboard.press("ArrowLeft");
    await expect.poll(() => row.getByRole("link").allTextContents()).not.toEqual(before);
    await expect(block).toBeFocused();
    await page.keyboard.press("Control+z");
    await expect.poll(() => row.getByRole("link").allTextContents()).toEqual(before);

    await page.getByRole("link", { name: "Crew" }).press("Enter");
    await expect(page.getByText("5 helpers, and every post has somebody.")).toBeVisible();
    await expectAccessible(page);
    const first = await page.locator(".cue-block.is-post").first().getAttribute("aria-label");
    const gone = page.getByRole("row", { name: /Ines/ });
    await gone.getByText("Hours, or does not come").press("Enter");
    await gone.getByRole("button", { name: "Does not come: find others" }).press("Enter");
    await expect(page.getByText("Ines is not there any more")).toBeVisible();
    await expect(gone.getByRole("link")).toHaveCount(1);
    await page.getByRole("button", { name: "Undo" }).press("Enter");
    await expect(page.locator(".cue-block.is-post").first()).toHaveAttribute("aria-label", first);

    // What Omar sees of his own, signed out and on a phone.
    await page.getByRole("link", { name: "Omar" }).click();
    const address = await page.locator("a.address").getAttribute("href");
    await expectAccessible(page);
    await page.context().clearCookies();
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(address);
    await expect(page.getByRole("heading", { name: "Duties of Omar" })).toBeVisible();
    await expect(page.getByText("Ines")).toHaveCount(0);
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    expect(await page.context().cookies()).toEqual([]);
});

test("two who ask for the same helper at the same moment: one of them gets her, every time", async ({
    playwright,
    baseURL,
}) => {
    const email = newOrganiser();
    const [here, person] = await newEvent(playwright, baseURL, email);
    const [there, other] = await newEvent(playwright, baseURL, email);
    for (const event of [here, there]) await group(person, event, "Class", ["telescope"]);
    const ines = await helper(person, [here, there], "Ines");
    for (let hour = 10; hour < 16; hour++) {
        const duty = { helper: `h${ines}`, station: "telescope", start: `${hour}:00`, end: `${hour}:40` };
        const asked = [
            [person, here],
            [other, there],
        ].map(([who, event]) =>
            send(who, `/events/${event}/run-sheet/posts`, { ...duty, uuid: randomUUID(), from: revision(event) }),
        );
        expect((await Promise.all(asked)).every((answer) => !answer.startsWith("unknown"))).toBe(true);
        const kept = sql(
            `select count(*) from duties where helper_id = ${ines} and lower(during) at time zone 'Europe/Madrid' = '2027-08-02 ${hour}:00'`,
        );
        expect(kept, `${hour}:00`).toBe("1");
    }
    expect(sql(`select count(*) from duties where helper_id = ${ines}`)).toBe("6");
    expect(() =>
        sql(`insert into duties (event_id, organisation_id, helper_id, post, station, during)
            select event_id, organisation_id, helper_id, gen_random_uuid(), 'box', during from duties where helper_id = ${ines} limit 1`),
    ).toThrow();
    // What was refused left nothing behind: each sheet has just the duties that are rows.
    for (const event of [here, there])
        expect(
            sql(`select (select jsonb_array_length(sheet->'rota'->'posts') from sheet_revisions where id = sheet_revision_id)
                = (select count(*) from duties where event_id = events.id) from events where id = ${event}`),
        ).toBe("t");
    await person.context.dispose();
    await other.context.dispose();
});

test("who may not plan sees turns and duties, no contact, and nothing to change", async ({ page }) => {
    await signIn(page, "helper");
    for (const [path, words] of [
        ["rotation", "groups have all their turns"],
        ["crew", "every post has somebody"],
        ["places", "each with its own times"],
    ]) {
        await page.goto(`/events/2/run-sheet/${path}`);
        await expect(page.getByText(words).first()).toBeVisible();
        await expect(page.locator("main form, [data-move]")).toHaveCount(0);
        await expect(page.getByText("ines@marea-baja.example")).toHaveCount(0);
        await expectAccessible(page);
    }
});
