import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("a group is added without names, and the pairs it takes are counted", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/3/audience");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    await page.getByRole("link", { name: "Add a group" }).click();
    await page.getByLabel("Name of the group").fill("Ana, Luis, Eva");
    await page.getByLabel("How many come").fill("30");
    await page.getByRole("radio", { name: "teenagers" }).check();
    await page.getByRole("button", { name: "Save this group" }).click();
    await expect(page.locator("#name-fault")).toContainText("looks like names of people");
    await expect(page.getByLabel("How many come")).toHaveValue("30");
    await page.getByLabel("Name of the group").fill("Class 9C");
    await page.getByRole("button", { name: "Save this group" }).click();
    await expect(page.getByRole("row", { name: /Class 9C.*teenagers.*30.*Yes/ })).toBeVisible();

    const before = await page.locator("#sum .lead-answer").innerText();
    await page.getByLabel("Each looks once every … min").fill("10");
    await expect(page.locator("#sum .lead-answer")).not.toHaveText(before);
    await expectAccessible(page);

    await page.getByRole("link", { name: "Class 9C" }).click();
    await page.getByRole("button", { name: "Remove this group" }).click();
    await expect(page.getByText("“Class 9C” is removed.")).toBeVisible();
    await expect(page.getByRole("row", { name: /Class 9C/ })).toHaveCount(0);
});
