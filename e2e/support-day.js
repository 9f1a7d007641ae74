import { expect } from "./support.js";

export const DAY = "/events/2/day";
export const SPEED = 60;

/** Begins a rehearsal on a day's screen that is open. */
export async function rehearse(page, from, speed = SPEED, isForAll = false) {
    await page.getByText("Rehearse", { exact: true }).click();
    await page.locator("select[name=from]").selectOption({ label: from });
    await page.getByLabel("How fast").selectOption(String(speed));
    if (isForAll) await page.getByLabel("for all screens").check();
    await page.getByRole("button", { name: "Begin" }).click();
    await expect(page.locator(".day-played")).toContainText("This is not the day");
}

export const state = (page, name) =>
    expect(page.getByRole("heading", { level: 1 })).toHaveText(name, { timeout: 90_000 });

/** A time from another clock, typed and pressed; worth is what is chosen of that clock. */
export async function typeTime(page, time, worth = "") {
    await page.getByLabel("A time from another clock").fill(time);
    await page.getByLabel("What that clock is").selectOption(worth);
    await page.getByRole("button", { name: "It shows this time now" }).click();
}
