import { expect, expectAccessible, expectNoSidewaysScroll, signIn, signInAs, test } from "./support.js";
import { newEvent, newOrganiser, newPlaces } from "./support-server.js";

const data = (page) => page.evaluate(() => JSON.parse(document.getElementById("exercise-data").textContent));

test("cards by keys on a phone: what was wrong comes back, and without a network nothing is lost", async ({
    browser,
    baseURL,
}) => {
    // A browser of its own: without a network it complains.
    const page = await (await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } })).newPage();
    await signIn(page);
    await page.goto("/events/2/training/cards/helper");
    await expectAccessible(page);
    const { cards } = await data(page);
    const thing = page.locator(".card-thing");
    const answerOf = async () => {
        const [name, facts] = [await thing.textContent(), await page.locator(".card-facts li").allTextContents()];
        return Object.values(cards).find((c) => c.thing === name && c.facts.join("|") === facts.join("|")).answer;
    };
    const key = { yes: "1", if: "2", no: "3" };
    const first = await thing.textContent();
    await page.keyboard.press((await answerOf()) === "yes" ? "3" : "1");
    await expect(page.locator(".card-verdict")).toContainText("the book says");
    await expectAccessible(page);
    await expectNoSidewaysScroll(page);
    await page.keyboard.press("Enter");
    await page.context().setOffline(true);
    for (let i = 0; i < 3; i++) {
        await expect(thing).not.toHaveText(first);
        await page.keyboard.press(key[await answerOf()]);
        await expect(page.locator(".card-verdict")).toContainText("Right.");
        await page.getByRole("button", { name: /Next card/ }).click();
    }
    await expect(thing).toHaveText(first);
    await expect(page.locator(".exercise-network")).toContainText("3 results wait on this device");
    await page.context().setOffline(false);
    await page.evaluate(() => dispatchEvent(new Event("online")));
    await expect(page.locator(".exercise-network")).toHaveText("Written down.");
    await page.goto("/events/2/training");
    await expect(page.locator("main")).toContainText("3 of the last 4 right");
    await expectAccessible(page);
});

test("a scene with its clock, an order by keys, a tray of pairs", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/training/scenes/gust");
    await expectAccessible(page);
    await page.getByRole("button", { name: /Begin/ }).click();
    await expect(page.locator(".scene-clock")).toContainText(/[45]/);
    await page.keyboard.press("1");
    await expect(page.locator(".card-verdict")).toHaveText("Right.");
    await page.keyboard.press("1");
    await expect(page.locator(".card-verdict")).toHaveText("Not so.");
    await expect(page.locator(".card-back")).toContainText("are not patched");
    await expect(page.locator(".scene-text")).toContainText("An eye came to the eyepiece");
    await expect(page.locator(".exercise-network")).toHaveText("Written down.");
    await expectAccessible(page);
    await page.getByRole("button", { name: "Once more" }).click();
    await page.getByRole("button", { name: /Begin/ }).click();
    await expect(page.locator(".card-verdict")).toHaveText("Too late.", { timeout: 8000 });

    await page.goto("/events/2/training/steps/closing");
    await expectAccessible(page);
    await page.getByRole("button", { name: "Check the order" }).click();
    await expect(page.locator(".card-verdict")).toHaveText("Something breaks:");
    const right = ["people", "turn", "cap", "filter", "collect", "check", "store", "log"];
    for (const [to, id] of right.entries()) {
        const step = page.locator(`.steps-words[data-step="${id}"]`);
        const at = () => page.evaluate((each) => [...document.querySelectorAll(".steps-words")].findIndex((s) => s.dataset.step === each), id); // prettier-ignore
        await step.focus();
        for (let i = await at(); i > to; i--) {
            await page.keyboard.press("ArrowUp");
            await expect.poll(at).toBe(i - 1);
            await expect(step).toBeFocused();
        }
    }
    await page.getByRole("button", { name: "Check the order" }).click();
    await expect(page.locator(".card-verdict")).toHaveText("In order.");

    await page.goto("/events/2/training/lenses");
    await expectAccessible(page);
    for (let i = 0; i < 24; i++) await page.keyboard.press("Space");
    await expect(page.locator(".card-back")).toContainText(
        "24 pairs: 0 faults found, 8 missed, 0 good ones taken out.",
    );
    await expectAccessible(page);
});

test("the drill is scored to the tenth of a second, on a slow device as well", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/training/drill");
    await expectAccessible(page);
    const slow = await page.context().newCDPSession(page);
    await slow.send("Emulation.setCPUThrottlingRate", { rate: 6 });
    const { begin, freeFrom } = await data(page);
    await page.getByLabel("How fast").selectOption("10");
    // The browser says when a press was made, whenever the page comes to it.
    await page.evaluate(() => {
        window.presses = [];
        ["click", "keydown"].forEach((kind) =>
            addEventListener(kind, (event) => window.presses.push(event.timeStamp), true),
        );
    });
    const sent = page.waitForRequest((request) => request.url().endsWith("/results") && request.method() === "POST");
    await page.getByRole("button", { name: "Begin" }).click();
    // Filters may come off 45 s after it begins: 4.5 s here.
    await page.waitForTimeout(4700);
    await page.keyboard.press("1");
    await page.keyboard.press("2");
    const { off } = (await sent).postDataJSON().results[0].given;
    const [from, at] = await page.evaluate(() => window.presses);
    expect(Math.abs(off - (begin + (at - from) * 10))).toBeLessThan(50);
    const told = page.locator(".card-back");
    await expect(told).toContainText(/Filters off [\d.]+ s/);
    const seconds = Number((await told.textContent()).match(/Filters off ([\d.]+) s/)[1]);
    expect(Math.abs(seconds - Math.abs(off - freeFrom) / 1000)).toBeLessThan(0.0501);
});

test("what is printed: a card of one's own with the numbers of the place, taken out and back again", async ({
    page,
}) => {
    await signIn(page);
    await page.goto("/events/2/training/printed");
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSidewaysScroll(page);
    const form = page.locator("form:has(#question-new)");
    await form.getByLabel("Question").fill("When is it darkest?");
    await form.getByLabel("Answer").fill("At {noon}.");
    await form.getByRole("button", { name: "Add this card" }).click();
    await expect(page.getByText("No number here is called noon.").first()).toBeVisible();
    await expect(form.getByLabel("Question")).toHaveValue("When is it darkest?");
    await form.getByLabel("Answer").fill("At {maximum}.");
    await form.getByRole("button", { name: "Add this card" }).click();
    const row = page.getByRole("row").filter({ hasText: "When is it darkest?" });
    await expect(row).toContainText("At 10:46:52.");
    await row.locator("summary").click();
    await expectAccessible(page);
    await row.getByRole("button", { name: "Remove" }).click();
    await expect(row).toHaveCount(0);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(row).toHaveCount(1);
    const [file] = await Promise.all([
        page.waitForEvent("download"),
        page.getByRole("link", { name: "A4 Letter to parents" }).click(),
    ]);
    expect(file.suggestedFilename()).toBe("totality-on-the-sea-wall-letter-a4.pdf");
});

test("a kit for the school of a district: asked for, made by the queue, its handout taken by itself", async ({
    page,
    playwright,
    baseURL,
}) => {
    const email = newOrganiser();
    const [event, person] = await newEvent(playwright, baseURL, email);
    await newPlaces(person, event, ["Salt Pan School,36.5,-6.2"]);
    await signInAs(page, email);
    await page.goto(`/events/${event}/training/kit`);
    await expect(page.getByText("There are no cards for the queue yet")).toBeVisible();
    await page.getByRole("button", { name: "Make the kits" }).click();
    await expect(page.getByText("A kit for 1 school.")).toBeVisible({ timeout: 60_000 });
    await expectAccessible(page);
    await page.getByRole("link", { name: "Each school by itself" }).click();
    await expect(page.getByRole("row", { name: /Salt Pan School/ })).toContainText("filters may come off from");
    await expectAccessible(page);
    const download = page.waitForEvent("download");
    await page.getByRole("link", { name: "Handout Salt Pan School" }).click();
    expect((await download).suggestedFilename()).toBe("salt-pan-school-handout.pdf");
    await person.context.dispose();
});
