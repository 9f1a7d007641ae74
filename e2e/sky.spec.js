import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

const moon = (page) =>
    page
        .locator(".disc-moon")
        .evaluate((m) => ({ x: +m.getAttribute("cx"), y: +m.getAttribute("cy"), r: +m.getAttribute("r") }));

test("the disc follows the keys, the buttons and the ribbon's cursor follows the disc", async ({ page }) => {
    await signIn(page);
    await page.getByRole("link", { name: /Totality on the sea wall/ }).click();
    const slider = page.getByRole("slider", { name: "Minute of the eclipse" });

    await expect(page.locator(".disc output")).toContainText("10:46:52");
    await expect(page.locator(".disc output")).toContainText("100 % of the area");
    const total = await moon(page);
    expect(Math.hypot(total.x, total.y)).toBeLessThan(total.r - 1);

    await page.getByRole("button", { name: "C1", exact: true }).click();
    await expect(page.locator(".disc output")).toContainText("09:40:46");
    const touching = await moon(page);
    expect(Math.hypot(touching.x, touching.y)).toBeCloseTo(1 + touching.r, 3);
    const cursor = page.locator("#ribbon-cursor");
    const atC1 = parseFloat(await cursor.getAttribute("x1"));

    await slider.focus();
    for (let minute = 0; minute < 20; minute += 1) await page.keyboard.press("ArrowRight");
    await expect(page.locator(".disc output")).toContainText("10:00");
    await expect(slider).toHaveAttribute("aria-valuetext", /10:00, 2\d\.\d % of the area/);
    expect(parseFloat(await cursor.getAttribute("x1"))).toBeGreaterThan(atC1);
    const bitten = await moon(page);
    expect(Math.hypot(bitten.x, bitten.y)).toBeLessThan(1 + bitten.r);
});

test("an eclipse that sets is read on a phone", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.getByRole("link", { name: /Evening crescent/ }).click();
    await expect(page.getByText("The Sun sets eclipsed at 21:19")).toBeVisible();
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});
