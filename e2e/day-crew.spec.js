import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";
import { DAY, rehearse, state } from "./support-day.js";
import { sql } from "./support-server.js";

test("whoever leads plays the day for all: a cloud, a message, who is at their post, a stop; and ends it for all", async ({
    page,
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const helper = await context.newPage();
    await signIn(helper, "helper");
    await helper.goto(DAY);
    await signIn(page);
    await page.goto(DAY);
    await rehearse(page, "10:43, 2 min before C2", 2, true);
    await helper.getByRole("button", { name: "Play along" }).click();
    await expect(helper.locator(".day-played")).toContainText("2 times as fast");
    await state(helper, "Filters on");
    const at = (screen) => screen.locator(".day").evaluate((day) => Number(day.dataset.at));
    expect(Math.abs((await at(page)) - (await at(helper)))).toBeLessThan(2000);

    await helper.getByLabel("I am").selectOption("Noor");
    const mine = helper.locator(".day-mine li").filter({ hasText: "09:50" }).first();
    await mine.getByRole("button", { name: "I am there" }).click();
    await expect(mine).toContainText("there");
    const post = page.locator(".day-posts li").filter({ hasText: "Noor" });
    await expect(post).toHaveAttribute("data-late", "true");
    await expect(post).not.toHaveAttribute("data-late");

    await expect(helper.getByRole("button", { name: "Clear again" })).toHaveCount(0);
    await helper.getByRole("button", { name: "Cloud" }).click();
    await state(page, "Clouded: filters on");
    await expect(page.locator(".day-next")).toContainText("Under clouds: darkness arrives");
    await page.getByRole("button", { name: "Log", exact: true }).click();
    await page.getByLabel("What happened").fill("It may break open in 5 min");
    await page.getByRole("button", { name: "Tell all" }).click();
    await expect(helper.locator(".day-said")).toContainText("It may break open in 5 min");
    await page.getByRole("button", { name: "Clear again" }).click();
    await state(helper, "Filters on");
    await helper.getByRole("button", { name: "Stop" }).click();
    await state(page, "Stop: filters on");
    await expect(helper.getByText("An organiser takes it back.")).toBeVisible();
    sql("update events set updated_at = now() where id = 2");
    await expect(helper.locator(".day-said")).toContainText("The run sheet was changed");
    await page.getByRole("button", { name: "End the rehearsal" }).click();
    await state(helper, "Not begun yet");
    await expectAccessible(helper);
    await context.close();
});

test("the very first line of a day is heard by whoever has it open, and what was said before is history", async ({
    page,
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const other = await context.newPage();
    await signIn(other, "helper");
    await other.goto("/events/3/day");
    await expect(other.locator(".day-network")).toContainText("Connected");
    await signIn(page);
    await page.goto("/events/3/day");
    await page.getByRole("button", { name: "Log", exact: true }).click();
    await page.getByLabel("What happened").fill("Good morning");
    await page.getByRole("button", { name: "Tell all" }).click();
    await expect(other.locator(".day-said")).toContainText("Good morning");
    await other.reload();
    await expect(other.locator(".day-network")).toContainText("Connected");
    await expect(other.locator(".day-said")).not.toContainText("Good morning");
    await context.close();
});

test("a helper without an account has the day at the private address: own posts, what is called for all, no more; also offline", async ({
    page,
    browser,
    baseURL,
}) => {
    const [key, name] = sql(
        "select duty_key, name from helpers h where exists (select from duties d where d.helper_id = h.id and d.event_id = 2) order by id limit 1",
    ).split("|");
    const others = sql(`select name from helpers where name <> '${name}'`).split("\n");
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const phone = await context.newPage();
    await phone.goto(`/duties/${key}`);
    await phone.getByRole("link", { name: "The screen of the day" }).first().click();
    await expect(phone.getByText("Kept on this device: it works without a network.")).toBeVisible({ timeout: 30_000 });
    const source = await phone.content();
    for (const other of others) expect(source, other).not.toContain(`>${other}<`);
    await expect(phone.locator(".day-mine")).toContainText(name);
    await expectNoSidewaysScroll(phone);
    await expectAccessible(phone);

    await signIn(page);
    await page.goto(DAY);
    await page.getByRole("button", { name: "Log", exact: true }).click();
    await page.getByLabel("What happened").fill("All to their posts");
    await page.getByRole("button", { name: "Tell all" }).click();
    await expect(phone.locator(".day-said")).toContainText("All to their posts");
    // A stop that is no play breaks off whatever is played.
    await rehearse(phone, "10:43, 2 min before C2", 1);
    await page.getByRole("button", { name: "Stop" }).focus();
    await page.keyboard.press("Enter");
    await state(phone, "Stop: filters on");
    await expect(phone.getByText("the rehearsal is broken off")).toBeVisible();
    await expect(phone.locator(".day-played")).toBeHidden();
    // By keys as by hand: a press is no gesture, two seconds are.
    await page.getByRole("button", { name: "Hold 2 s" }).press("Enter");
    await page.waitForTimeout(2500);
    await state(page, "Stop: filters on");
    await page.keyboard.down("Enter");
    await state(phone, "Not begun yet");
    await page.keyboard.up("Enter");
    await context.setOffline(true);
    await phone.reload();
    await expect(phone.getByRole("heading", { level: 1 })).toHaveText("Not begun yet");
    await phone.getByRole("button", { name: "Log", exact: true }).click();
    await phone.getByLabel("What happened").fill("The filter of the telescope is loose");
    await phone.getByRole("button", { name: "A filter came off" }).click();
    await expect(phone.locator(".day-network")).toContainText("1 line waits");
    await context.setOffline(false);
    await expect(phone.locator(".day-network")).not.toContainText("wait", { timeout: 20_000 });
    expect(sql("select who, kind, made_by is null from day_entries where text like 'The filter of%'")).toBe(
        `${name}|filter_off|t`,
    );
    await context.close();
});
