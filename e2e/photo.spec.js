import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("what is changed of a camera is answered at once, to scale", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/photographs");
    await expect(page.locator(".lead-answer")).toHaveText("3 cameras");
    await expectAccessible(page);
    await page.getByRole("link", { name: "Refractor", exact: true }).click();
    const answer = page.locator("#plan-answer");
    await expect(answer.locator(".verdict-word")).toHaveText("Ready");
    await expectAccessible(page);

    // The drawing read back: 600 mm show 2.13° of sky across 22.3 mm, and the Sun is 5.5 mm wide.
    const drawing = await answer.locator(".frame-drawing svg").evaluate((svg) => ({
        pxPerMm: Number(svg.dataset.pxPerMm),
        sun: Number(svg.querySelector(".frame-sun").getAttribute("r")),
        width: Number(svg.querySelector(".frame-sky").getAttribute("width")),
    }));
    expect(drawing.width / drawing.pxPerMm).toBeCloseTo(22.3, 1);
    expect((2 * drawing.sun) / drawing.pxPerMm).toBeCloseTo(5.5, 1);
    await expect(answer.locator(".figures")).toContainText("2.13°");

    // Two stops more are too bright for a shutter; a mount that stands still lets the corona drift.
    await page.getByLabel("ISO, no filter").fill("400");
    await expect(answer).toContainText("no camera has an exposure that short");
    await page.getByLabel("It stands on").selectOption({ label: "Heavy tripod" });
    await expect(answer).toContainText("On a mount that stands still");
    await expect(answer.locator(".frame-way")).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByLabel("It stands on")).toHaveValue(/\d+/);
    await expect(answer).not.toContainText("On a mount that stands still");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByLabel("ISO, no filter")).toHaveValue("100");
    await expect(answer.locator(".verdict-word")).toHaveText("Ready");
    await page.getByRole("button", { name: "Redo" }).click();
    await expect(answer).toContainText("no camera has an exposure that short");
    await page.getByLabel("ISO, no filter").fill("many");
    await expect(page.getByRole("alert")).toContainText("previous numbers");
    await expect(page.locator("#iso-fault")).toContainText("Write a number.");
    await page.getByRole("button", { name: "Save this camera" }).click();
    await expect(page.locator(".faults")).toContainText("Nothing was saved yet.");
    await expect(page.getByLabel("ISO, no filter")).toHaveValue("many");
    await expectAccessible(page);
});

test("kit is written down, a filter looked at and a camera planned with keys alone, on a phone", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/3/photographs/kit/create/filter");
    await page.getByLabel("Name").focus();
    await page.keyboard.type("Ring filter");
    for (let i = 0; i < 3; i++) await page.keyboard.press("Tab");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Save" }).focus();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("status")).toContainText("Saved: Ring filter.");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);

    await page.getByRole("link", { name: "check, test shots Ring filter" }).press("Enter");
    await expect(page.locator("main")).toContainText("Nobody has held it against the Sun yet.");
    await page.getByRole("checkbox", { name: "looked for holes, found none" }).press("Space");
    await page.getByRole("button", { name: "Write it down" }).press("Enter");
    await expect(page.locator("main")).toContainText("looked for holes, found none");
    await expectAccessible(page);

    // The ring is Sun as well: whatever is wished, the filter stays on.
    await page.goto("/events/3/photographs/create");
    await page.getByLabel("Name").first().fill("Ring camera");
    await page.getByLabel("Camera", { exact: true }).selectOption({ label: "Large camera" });
    await page.getByLabel("Lens or telescope").selectOption({ label: "Tele lens 300" });
    await page.getByLabel("Filter", { exact: true }).selectOption({ label: "Ring filter" });
    await page.getByLabel("Who stands at it").fill("Pilar");
    await expect(page.locator("#plan-answer")).toContainText("Nothing is taken without the filter.");
    await page.getByRole("button", { name: "Save this camera" }).press("Enter");
    await expect(page.getByRole("status")).toContainText("Saved.");
    await expect(page.locator(".camera-headline")).toContainText("The filter stays on all the time");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    await page.getByRole("button", { name: "Remove this camera" }).press("Enter");
    await page.getByRole("button", { name: "Undo" }).press("Enter");
    await expect(page.getByRole("status")).toContainText("“Ring camera” is back.");
    await page.getByRole("button", { name: "Remove this camera" }).press("Enter");
    await expect(page.locator(".lead-answer")).toHaveText("No camera is planned yet.");
});

test("many phases in one picture, and the lines on the run sheet", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/photographs/composite");
    await expect(page.locator(".lead-answer")).toContainText("Point it 97°");
    await expectAccessible(page);
    await page.getByLabel("Focal length, mm").fill("100");
    await expect(page.locator("#composite-answer")).toContainText("It does not fit");
    await page.getByLabel("A picture every, min").fill("1");
    await expect(page.locator("#composite-answer")).toContainText("The discs stand closer than that");

    await page.goto("/events/2/photographs");
    await page.getByRole("button", { name: "Put their lines on the run sheet" }).click();
    await expect(page.getByRole("status")).toContainText("15 lines are on the run sheet");
    await page.goto("/events/2/run-sheet");
    await expect(page.locator("#sheet-list")).toContainText("Refractor: the list, once it is called");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.locator("#sheet-list")).not.toContainText("Refractor: the list");
});
