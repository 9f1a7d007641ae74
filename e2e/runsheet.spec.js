import { expect, expectAccessible, expectNoSidewaysScroll, signIn, signInAs, test } from "./support.js";

test("a run sheet is proposed, written and moved by keys and by hand, and taken back", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/1/run-sheet");
    await expect(page.getByText("No run sheet yet.")).toBeVisible();
    await page.getByLabel("A public event").check();
    await page.getByRole("button", { name: "Add the usual cues" }).click();
    await expect(page.getByRole("cell", { name: "5 min before sunset" })).toBeVisible();
    await expectAccessible(page);

    // One of their own, without a mouse.
    await page.getByRole("link", { name: "Add a cue" }).focus();
    await page.keyboard.press("Enter");
    await expect(page.getByLabel("What happens")).toBeVisible();
    await expectAccessible(page);
    await page.getByLabel("What happens").fill("Look for Venus");
    await page.getByLabel("Look", { exact: true }).check();
    await page.getByLabel("It hangs on").selectOption("sunset");
    await page.getByLabel("After it, or before with a minus").fill("soon");
    await page.getByRole("button", { name: "Save this cue" }).press("Enter");
    await expect(page.locator("#offset-fault")).toContainText("−10 min");
    await page.getByLabel("After it, or before with a minus").fill("−20 min");
    await page.getByRole("button", { name: "Save this cue" }).press("Enter");
    const row = page.getByRole("row", { name: /Look for Venus/ });
    await expect(row).toContainText("20 min before sunset");

    // Keys move it by a minute, with Shift by five seconds, with Alt they make it longer; Ctrl+Z takes one step back.
    const block = page.locator(".cue-block", { hasText: "Look for Venus" });
    await block.focus();
    await page.keyboard.press("ArrowLeft");
    await expect(row).toContainText("21 min before sunset");
    await page.keyboard.press("Shift+ArrowRight");
    await expect(row).toContainText("20:55 before sunset");
    await page.keyboard.press("Alt+ArrowRight");
    await expect(row).toContainText("1 min");
    await expect(block).toBeFocused();
    await page.keyboard.press("Control+z");
    await page.keyboard.press("Control+z");
    await expect(row).toContainText("21 min before sunset");
    await page.getByRole("button", { name: "Redo" }).click();
    await expect(row).toContainText("20:55 before sunset");

    // By hand: a tenth of the axis to the left.
    const lane = await page.locator(".lane svg").first().boundingBox();
    const { begin, end } = await page.locator(".axis").evaluate((axis) => axis.dataset);
    await block.scrollIntoViewIfNeeded();
    const { x, y, width, height } = await block.boundingBox();
    await page.mouse.move(x + width / 2, y + height / 2);
    await page.mouse.down();
    await page.mouse.move(x + width / 2 - lane.width / 20, y + height / 2, { steps: 4 });
    await page.mouse.move(x + width / 2 - lane.width / 10, y + height / 2, { steps: 4 });
    await page.mouse.up();
    const minutes = 20 + 55 / 60 + (end - begin) / 600;
    await expect(row).not.toContainText("20:55");
    const hangs = await row.getByRole("cell", { name: /before sunset/ }).textContent();
    const [, min, s = "0"] = hangs.match(/(\d+)(?::(\d\d)| min)/);
    expect(Math.abs(Number(min) + Number(s) / 60 - minutes)).toBeLessThan(1.1);

    // Closer: the ribbon and what stands under it grow together.
    await page.getByRole("button", { name: "Closer" }).click();
    const ribbon = await page.locator(".ribbon svg").first().boundingBox();
    expect(Math.abs(ribbon.width - (await page.locator(".lane svg").first().boundingBox()).width)).toBeLessThan(2);
    expect(ribbon.width).toBeGreaterThan(1.9 * lane.width);

    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});

test("who may not plan sees the sheet and cannot change it", async ({ page }) => {
    await signInAs(page, "helper@marea-baja.example");
    await page.goto("/events/2/run-sheet");
    await expect(page.getByText("Filters may come off from")).toBeVisible();
    await expect(page.getByRole("link", { name: "Add a cue" })).toHaveCount(0);
    await expect(page.locator("[data-move]")).toHaveCount(0);
    await expectAccessible(page);
});
