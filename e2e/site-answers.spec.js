import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test, undoAll } from "./support.js";

test("the best spot is mapped; doorway, mirror and shadows answer", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/3/site");
    await page.getByRole("link", { name: "Where is the best spot?" }).click();
    await expect(page.locator(".plan-bests li")).toHaveCount(3);
    await expect(page.locator(".plan-bests")).toContainText("the maximum is seen");
    await expectAccessible(page);
    await page.getByRole("link", { name: "Doorway", exact: true }).click();
    await page.getByLabel("Doorway, window or wall").selectOption("School 3");
    await expect(page.locator("#doorway-answer .lead-answer")).toContainText("does not face the Sun");
    await page.getByLabel("Doorway, window or wall").selectOption("Doorway B");
    await page.getByLabel("Holes for").fill("17:00");
    await expect(page.locator(".cutting")).toContainText("Cutting plan for 17:00");
    // The doorway is 1.98 m wide; CSS fixes a millimetre at 96/25.4 px.
    const banner = await page.locator(".cut-sheet").boundingBox();
    const oneTo = Number((await page.locator(".cutting .note").textContent()).match(/1 : (\d+)/)[1]);
    expect((banner.width * 25.4 * oneTo) / 96 / 1000).toBeCloseTo(1.98, 1);
    await expectAccessible(page);
    await page.getByRole("link", { name: "Mirror", exact: true }).click();
    await expect(page.locator("#mirror-answer .lead-answer")).toContainText("turn the mirror to");
    await expectAccessible(page);
    await page.getByRole("link", { name: "Supports and shadows" }).click();
    await page.getByLabel("Length of the tube").fill("-1");
    await expect(page.locator("#tube_m-fault")).toContainText("Tube: “-1” is not a length from 0.05 to");
    await expect(page.getByRole("alert")).toContainText("is for the previous numbers");
    await expectAccessible(page);
});

test("on a phone: the receiver is read, bad check sums are told, and the spot is put there", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/3/site/files");
    await page.getByRole("button", { name: "Read the GPS receiver" }).click();
    await page.getByRole("button", { name: "Use this position" }).click({ timeout: 30000 });
    await expect(page.locator(".reading")).toContainText(/Mean of \d+ fixes/);
    await expect(page.locator(".reading")).toContainText("wrong check sum");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    await page.getByLabel("Spot").fill("Here");
    await page.getByRole("button", { name: "Move the spot there" }).click();
    await expect(page.locator(".spot-view .lead-answer")).toContainText("“Here”");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    await undoAll(page, 1);
    await expect(page.locator(".plan-thing[data-name='Here']")).toHaveCount(0);
});
