import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("a hole of 0 or 500 mm is refused where it is typed and the picture stays", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.getByRole("link", { name: /Ring of fire/ }).click();
    await page.getByRole("link", { name: /Viewers/ }).click();
    await page.getByRole("link", { name: "Design a box" }).click();
    await page.getByLabel("Name").fill("Odd box");
    for (const hole of ["0", "500"]) {
        await page.getByLabel("Width of the hole").fill(hole);
        await expect(page.getByRole("alert")).toContainText("the last sizes that fit");
    }
    await expect(page.locator(".figures")).toContainText("2.8 mm");
    await page.getByRole("button", { name: "Save this design" }).click();
    await expect(page.locator("#hole_mm-fault")).toContainText("from 0.1 to 50 mm");
    await expect(page.getByLabel("Name")).toHaveValue("Odd box");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});

test("the true-size picture measures what the number says", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/viewers/2");
    const circle = page.locator("svg[aria-label*='on the screen'] circle.screen-sun").first();
    const { width } = await circle.boundingBox();
    // CSS fixes a millimetre at 96/25.4 px.
    expect((width * 25.4) / 96).toBeCloseTo(8.25, 1);
});
