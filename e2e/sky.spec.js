import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

const moon = (page) =>
    page
        .locator(".disc-moon")
        .evaluate((m) => ({ x: +m.getAttribute("cx"), y: +m.getAttribute("cy"), r: +m.getAttribute("r") }));

test("the disc follows the keys, the buttons and the ribbon's cursor follows the disc", async ({ page }) => {
    await signIn(page);
    await page.goto("/");
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
    // Source: plain vectors (core/tests/Sky): the Moon stands 344° from the zenith, anticlockwise; y runs downwards.
    const turn = (Math.atan2(-touching.x, -touching.y) * 180) / Math.PI;
    expect((turn + 360) % 360).toBeCloseTo(343.8, 0);
    await expect(page.locator(".disc output")).toContainText("filters on");
    await page.getByRole("button", { name: "Max", exact: true }).click();
    await expect(page.locator(".disc output")).toContainText("totality: filters may come off");
    for (const contact of ["C2", "C3"]) {
        await page.getByRole("button", { name: contact, exact: true }).click();
        await expect(page.locator(".disc output")).toContainText("filters on");
    }
    await page.getByRole("button", { name: "C1", exact: true }).click();
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
    await page.goto("/");
    await page.getByRole("link", { name: /Evening crescent/ }).click();
    await expect(page.getByText("The Sun sets eclipsed at 21:19")).toBeVisible();
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});

test("the map is asked by mouse and by keys, and an event is planned where it was tapped", async ({ page }) => {
    await signIn(page);
    await page.goto("/");
    await page.getByRole("link", { name: /Evening crescent/ }).click();
    await page.getByRole("link", { name: "Map and where to go" }).click();
    await expect(page.locator(".map-land")).toHaveAttribute("d", /^M/);
    await expect(page.locator(".map-path")).toHaveAttribute("d", /^M/);
    await expect(page.getByText(/The path \(total\) begins \d+ km north/)).toBeVisible();
    await expectAccessible(page);

    // At the site by button; the middle by key: Cádiz itself, where it is partial.
    const map = page.getByRole("application");
    await page.getByRole("button", { name: "Here" }).click();
    await map.focus();
    await page.keyboard.press("Enter");
    await expect(page.locator(".map-there")).toContainText("Partial: 93.1 %");
    for (let i = 0; i < 2; i += 1) await page.keyboard.press("ArrowUp");
    await page.keyboard.press("Enter");
    await expect(page.locator(".map-there")).toContainText("Totality");

    // Its middle, once it stands still.
    await map.click();
    await page.getByRole("link", { name: "Plan an event there" }).click();
    await expect(page.getByLabel("Name of the place")).toHaveValue(/^Near /);
    await expect(page.getByLabel("Latitude")).toHaveValue(/^4[12]/);
});
