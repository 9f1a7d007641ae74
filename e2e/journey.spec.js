import { readFileSync } from "node:fs";
import ICAL from "ical.js";
import { expect, expectAccessible, signIn, test } from "./support.js";

test("a place is picked on the map by keys and by a tap", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/create");
    await page.getByText("Pick it on a map").click();
    const map = page.getByRole("application");
    await expect(page.locator(".map-land")).toHaveAttribute("d", /^M/);
    await map.focus();
    await page.keyboard.press("Enter");
    await expect(page.getByLabel("Latitude")).toHaveValue("0");
    // By way of the locator: the page may still be scrolling to what got the focus.
    const { width, height } = await map.boundingBox();
    await map.click({ position: { x: width * 0.59, y: height * 0.356 } });
    await expect(page.getByLabel("Time zone")).toHaveValue("Africa/Cairo");
    await expect(page.getByLabel("Name of the place")).toHaveValue(/^(Near|\d+ km) .*Egypt$/);
    await expectAccessible(page);
});

test("a newcomer goes from sign-in to a designed box", async ({ page }) => {
    await page.goto("/login");
    await expectAccessible(page);
    await page.getByLabel("E-mail address").fill("organiser@marea-baja.example");
    await page.getByLabel("Password").fill(process.env.DEMO_PASSWORD);
    await page.getByRole("button", { name: "Sign in" }).click();
    await expect(page.getByRole("heading", { name: "Events" })).toBeVisible();
    await expectAccessible(page);

    // A new event: a town that is found, an eclipse from the list that follows it, a title.
    await page.getByRole("link", { name: "New event" }).click();
    await expectAccessible(page);
    await page.getByLabel("Find a town").fill("luxor");
    await page.getByRole("button", { name: /Luxor, Egypt/ }).click();
    await expect(page.getByLabel("Time zone")).toHaveValue("Africa/Cairo");
    const row = page.getByRole("row", { name: /2 Aug 2027/ });
    await expect(row).toContainText("total at 13:05 (EEST, UTC+3), for 6 min");
    await page.getByRole("button", { name: "Create the event" }).click();

    // Two things were forgotten: said at their fields, and the place is still there.
    await expect(page.getByRole("alert")).toContainText("Nothing was saved yet.");
    await expect(page.locator("#eclipse_date ~ .fault")).toContainText("Choose an eclipse");
    await expect(page.getByLabel("Latitude")).toHaveValue("25.69893");
    await row.getByRole("radio").check();
    await page.getByLabel("Title").fill("Totality by the temple");
    await page.getByRole("button", { name: "Create the event" }).click();

    // The times.
    await expect(page.getByText(/Totality 6 min \d\d s, from 13:0\d:\d\d \(EEST, UTC\+3\)/)).toBeVisible();
    for (const contact of ["C1", "C2", "Max", "C3", "C4"]) {
        await expect(page.getByRole("row", { name: new RegExp(`^${contact} `) })).toContainText(/\d\d:\d\d:\d\d/);
    }
    // The calendar, read by another library than the one that writes it: 13 h 02 in Cairo's summer time is 10 h 02 UTC.
    const download = page.waitForEvent("download");
    await page.getByRole("link", { name: /iCalendar/ }).click();
    const calendar = new ICAL.Component(ICAL.parse(readFileSync(await (await download).path(), "utf8")));
    const starts = calendar
        .getAllSubcomponents("vevent")
        .map((entry) => new ICAL.Event(entry).startDate)
        .map((time) => `${time.toString()} ${time.zone.tzid}`);
    expect(starts).toHaveLength(5);
    expect(starts[1]).toMatch(/^2027-08-02T13:02:\d\d Africa\/Cairo$/);
    expect(calendar.getFirstSubcomponent("vevent").getAllSubcomponents("valarm")).toHaveLength(2);

    await page.getByText("Show the calculation").click();
    await expect(page.getByText("ΔT = TT − UT1")).toBeVisible();
    await expectAccessible(page);

    // A lot of glasses, first with a doubtful report, then mended.
    await page.getByRole("link", { name: /Glasses/ }).click();
    await expectAccessible(page);
    await page.getByRole("link", { name: "Add a lot" }).click();
    await page.getByLabel("Label of the lot").fill("Temple batch");
    await page.getByLabel("Number of pairs").fill("12");
    const answer = (question, choice) =>
        page.getByRole("group", { name: question }).getByRole("radio", { name: choice, exact: true }).check();
    await answer("Is the maker named", "yes");
    await answer("Is the maker's address", "yes");
    await answer("Which standard", "ISO 12312-2");
    await answer("Are there instructions", "yes");
    await answer("Are the warnings", "yes");
    await answer("Where did it come from", "the maker");
    await answer("Does it go over spectacles", "not sure");
    await answer("Does it keep out light", "no");
    await answer("Whose face", "both");
    await answer("Which test report", "none");
    await expectAccessible(page);
    await page.getByRole("button", { name: "See the verdict" }).click();
    await expect(page.getByRole("region", { name: "Verdict" })).toContainText("There is no laboratory report.");
    await page.getByRole("link", { name: "Change the papers" }).click();
    await answer("Which test report", "names this product and batch");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("region", { name: "Verdict" })).toContainText("Papers in order");

    // One pair is fit, the next is scratched.
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.getByLabel("Tag", { exact: true })).toHaveValue("2");
    await page.getByRole("checkbox", { name: /scratch/ }).check();
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.getByRole("row", { name: /^2 Withdraw and destroy scratch/ })).toBeVisible();
    await expect(page.getByRole("row", { name: /^1 Fit to use/ })).toBeVisible();
    await expectAccessible(page);

    // A box whose hole is too wide, until the best one is taken.
    await page.getByRole("link", { name: /Viewers/ }).click();
    await page.getByRole("link", { name: "Shoe or cereal box" }).click();
    await page.getByLabel("Name").fill("Temple box");
    const hole = page.getByRole("textbox", { name: "Width of the hole" });
    await page.getByRole("textbox", { name: "Hole to screen" }).fill("450");
    await hole.fill("9");
    await expect(page.getByText("Shows no Sun")).toBeVisible();
    await page.getByRole("button", { name: "Use it Hole as wide" }).click();
    await expect(page.getByText("Shows the Sun")).toBeVisible();
    await expect(hole).toHaveValue("0.78");
    await expectAccessible(page);
    await page.getByRole("button", { name: "Save this design" }).click();
    await expect(page.getByRole("status")).toContainText("Saved.");
    await page.getByRole("link", { name: /Viewers/ }).click();
    await expect(page.getByRole("row", { name: /Temple box/ })).toContainText("4.1 mm");
    await expectAccessible(page);
});
