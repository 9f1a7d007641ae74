import { expect, expectAccessible, expectNoSidewaysScroll, signIn, signInAs, test } from "./support.js";
import { thermometer } from "./support-logbook.js";
import { newEvent, newOrganiser } from "./support-server.js";

test("what a helper writes on the day's screen without a network stands in the log once there is one", async ({
    browser,
    baseURL,
}) => {
    const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await signIn(page, "helper");
    await page.goto("/events/2/day");
    await expect(page.getByText("Connected.")).toBeVisible();
    await context.setOffline(true);
    const write = async (observed, number, words) => {
        await page.locator("footer").getByRole("button", { name: "Log" }).click();
        await page.locator("[name=observed]").selectOption(observed);
        if (number !== null) await page.locator("[name=value]").fill(number);
        await page.getByLabel("What happened, in words").fill(words);
        await page.locator("button[value=note]").click();
    };
    await write("temperature", "warm", "");
    await expect(page.getByText("Type a number, such as 24.3.")).toBeVisible();
    await page.locator("footer").getByRole("button", { name: "Log" }).click();
    await write("temperature", "24,3", "in the shade");
    await write("animals", null, "swallows land on the wires");
    await expect(page.getByText("2 lines wait on this device")).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText("2 lines wait on this device")).toBeHidden({ timeout: 20_000 });
    await page.goto("/events/2/logbook");
    await expect(page.getByRole("row", { name: /Temperature 24\.3 °C in the shade/ })).toContainText("Nora Brisa");
    await expect(page.getByRole("row", { name: /Animals swallows land/ })).toBeVisible();
    await expectNoSidewaysScroll(page);
    await context.close();
});

test("the end of the job: a sheet typed, a logger read, an incident, a held lot, eyes, the report", async ({
    page,
    playwright,
    baseURL,
}) => {
    test.setTimeout(120_000);
    const email = newOrganiser();
    const [event] = await newEvent(playwright, baseURL, email);
    await signInAs(page, email);
    await page.goto(`/events/${event}/logbook`);
    await expect(page.getByText("Nothing is written down yet.")).toBeVisible();
    await expectAccessible(page);

    await page.getByRole("link", { name: "Type a sheet of paper" }).click();
    await page.getByLabel("Who observed").fill("Class 4A");
    await page.getByLabel("Time of line 1", { exact: true }).fill("10:40");
    await page.getByLabel("Number of line 1", { exact: true }).fill("23,4");
    await page.getByLabel("Time of line 2").fill("10:50");
    await page.getByLabel("Number of line 2").fill("cool");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("alert")).toContainText("“cool” is no number.");
    await expectAccessible(page);
    await page.getByLabel("Number of line 2").fill("21.9");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("row", { name: /10:50:00 .*Temperature 21\.9 °C/ })).toBeVisible();
    await page.getByRole("link", { name: "Correct 10:50:00" }).click();
    await page.getByLabel("°C").fill("21.8");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("row", { name: /Temperature 21\.8 °C/ })).toBeVisible();
    await page.getByText("What was corrected or taken out, as it was").click();
    await expect(page.getByRole("row", { name: /Temperature 21\.9 °C/ })).toBeVisible();

    await page.getByRole("link", { name: "Instruments" }).click();
    await page.getByLabel("CSV file").setInputFiles(thermometer("2027-08-02T08:46:53Z"));
    await page.getByLabel("Name of the instrument").fill("In the shade");
    await page.getByRole("button", { name: "Read and store" }).click();
    await expect(page.locator(".lead-answer")).toContainText(/The air cooled by [34]\.\d ± 0\.\d K, lowest (8|9|10) ±/);
    await expect(page.locator(".measured-line-1").first()).toBeVisible();
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSidewaysScroll(page);
    await page.setViewportSize({ width: 1280, height: 800 });

    await page.getByRole("link", { name: "Incidents" }).click();
    await page.getByRole("link", { name: "Write one down" }).click();
    await page.getByLabel("What happened").fill("A cap came off");
    await page.getByLabel("When, on the clock here").fill("10:30");
    await page.getByLabel("through a telescope").check();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.locator(".lead-answer")).toHaveText("A cap came off");
    await expectAccessible(page);

    await page.getByRole("link", { name: "Putting away" }).click();
    await page.getByRole("button", { name: "to do" }).first().press("Enter");
    await expect(page.getByRole("button", { name: "done" })).toHaveCount(1);
    await expectAccessible(page);

    await page.getByRole("link", { name: "Eyes afterwards" }).click();
    await expectAccessible(page);
    await page.getByRole("link", { name: "Write down what they say" }).click();
    await page.getByLabel("A word by which you know who it is").fill("red cap");
    await page.getByLabel("a dark spot").check();
    await page.getByLabel("the left one").check();
    await page.getByLabel("without any filter").check();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByText("See an eye doctor. At once, today")).toBeVisible();
    await expectAccessible(page);
    const sheet = page.waitForEvent("download");
    await page.getByRole("link", { name: "Sheet for the eye doctor (A4)" }).click();
    expect((await sheet).suggestedFilename()).toMatch(/-eyes-\d+\.pdf$/);

    await page.getByRole("link", { name: "Report", exact: true }).click();
    await page.getByLabel("What to do better").fill("Tape every cap.");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByLabel("What to do better")).toHaveValue("Tape every cap.");
    await expectAccessible(page);
    await page.getByRole("link", { name: "Data for others" }).click();
    await expectAccessible(page);
    const data = page.waitForEvent("download");
    await page.getByRole("button", { name: "The table (CSV)" }).click();
    expect((await data).suggestedFilename()).toMatch(/-observations\.csv$/);
});
