import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("a place typed in one part is pointed out, and takes its name and zone with one press", async ({ page }) => {
    await signIn(page);
    await page.goto("/");
    await page.getByRole("link", { name: "New event" }).click();
    await expect(page.getByLabel("Latitude")).toHaveValue("");
    await page.getByLabel("Find a town").fill("Cádiz");
    await page.getByLabel("Find a town").press("Enter");
    await expect(page.getByLabel("Name of the place")).toHaveValue("Cadiz, Andalusia, Spain");
    await page.getByLabel("Latitude").fill("-33.45");
    await page.getByLabel("Longitude").fill("-70.66");
    await expect(page.locator(".misfit")).toContainText("The time zone Europe/Madrid does not fit");
    await expectAccessible(page);
    await page.getByRole("button", { name: /^Use “Near Santiago/ }).click();
    await expect(page.getByLabel("Time zone")).toHaveValue("America/Santiago");
    await expect(page.getByLabel("Name of the place")).toHaveValue(/^Near Santiago/);
    await expect(page.locator(".misfit")).toHaveCount(0);
    // What is not seen there is folded away.
    await expect(page.getByRole("row", { name: /2 Aug 2027/ })).toBeHidden();
    await page.getByText(/eclipses not seen there/).click();
    await expect(page.getByRole("row", { name: /2 Aug 2027/ })).toContainText("not seen here");
});

test("a name that is only spelled alike waits for a choice", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/create");
    await page.getByLabel("Find a town").fill("Akureiri");
    await page.getByLabel("Find a town").press("Enter");
    await expect(page.locator(".found")).toContainText("Similar names");
    await expect(page.getByLabel("Latitude")).toHaveValue("");
    await expect(page.getByRole("button", { name: /Akureyri, Northeast, Iceland/ })).toBeFocused();
    await page.keyboard.press("Enter");
    await expect(page.getByLabel("Time zone")).toHaveValue("Atlantic/Reykjavik");
});

test("an earlier place is offered, an event is removed and brought back", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/");
    await expectNoSidewaysScroll(page);
    await page.getByRole("link", { name: "New event" }).click();
    await page.getByRole("link", { name: "Cádiz, sea wall" }).first().click();
    await expect(page.getByLabel("Time zone")).toHaveValue("Europe/Madrid");
    await page
        .getByRole("row", { name: /2 Aug 2027/ })
        .getByRole("radio")
        .check();
    await page.getByLabel("Title").fill("Made to be removed");
    await page.getByRole("button", { name: "Create the event" }).click();
    await expectNoSidewaysScroll(page);
    await page.getByRole("link", { name: "Change" }).click();
    await page.getByRole("button", { name: "Remove this event" }).click();
    await expect(page.getByRole("status")).toContainText("“Made to be removed” is removed");
    await expect(page.getByRole("link", { name: /Made to be removed/ })).toHaveCount(0);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.locator(".status")).toContainText("is back");
    await page.getByRole("link", { name: "Change" }).click();
    await page.getByRole("button", { name: "Remove this event" }).click();
    await page.getByText("1 removed event").click();
    await expect(page.getByRole("button", { name: "Restore Made to be removed" })).toBeVisible();
    await expectAccessible(page);
});

test("towns inside the path are searched", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/sky/map");
    await page.getByLabel("Town, region or country").fill("tarifa");
    await page.getByRole("button", { name: "Search" }).click();
    await expect(page.getByRole("rowheader", { name: /^Tarifa/ })).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: "fit" })).toContainText("1 of 1 towns");
});
