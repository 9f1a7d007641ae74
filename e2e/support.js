import axe from "axe-core";
import { test as base, expect } from "@playwright/test";
import { tokenIn } from "./support-server.js";

/** A page that fails its test on any error in the console, a refused policy among them. */
export const test = base.extend({
    page: async ({ page }, use) => {
        const errors = [];
        page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
        page.on("pageerror", (error) => errors.push(error.message));
        await use(page);
        expect(errors.filter((text) => !text.match(/status of (409|422)/))).toEqual([]);
    },
});

export { expect };

export function signIn(page, who = "organiser") {
    return signInAs(page, `${who}@marea-baja.example`);
}

/** With the demo's password, without a look at the form: the first page is the one that is asked for next. */
export async function signInAs(page, email) {
    const _token = tokenIn(await (await page.request.get("/login")).text());
    const form = { _token, email, password: process.env.DEMO_PASSWORD };
    const answer = await page.request.post("/login", { form, maxRedirects: 0 });
    expect(answer.headers().location).not.toMatch(/login$/);
}

/** WCAG 2.2 AA by axe, with no exception. */
export async function expectAccessible(page) {
    await page.evaluate(axe.source);
    const violations = await page.evaluate(async () => {
        const wcag = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];
        const found = await window.axe.run(document, { runOnly: wcag, resultTypes: ["violations"] });
        return found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(" | ")}`);
    });
    expect(violations).toEqual([]);
}

export async function expectNoSidewaysScroll(page) {
    await page.waitForLoadState();
    const [content, window] = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
    expect(content).toBeLessThanOrEqual(window);
}

/** Where something is, once it has come to rest: what the server answered has moved the page, or put it there anew. */
export async function restingBox(locator) {
    let before;
    await expect
        .poll(async () => {
            const now = JSON.stringify(await locator.boundingBox());
            const rests = now !== "null" && now === before;
            before = now;
            return rests;
        })
        .toBe(true);
    return JSON.parse(before);
}

/** What the test changed is taken back, for the next one to find the demo's plan. */
export async function undoAll(page, times) {
    for (let i = 0; i < times; i++) {
        const answer = page.waitForResponse((response) => response.url().endsWith("/site/undo"));
        await page.getByRole("button", { name: "Undo" }).click();
        await answer;
    }
}
