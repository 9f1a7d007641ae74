import { expect, expectAccessible, signIn, test } from "./support.js";

const rows = Array.from(
    { length: 450 },
    (_, i) => `School ${i + 1};${(36 + (i % 20) / 10).toFixed(2)};-6,${10 + (i % 80)};0`,
);

test("a district's file is computed by the queue while the page shows how far it is", async ({ page }) => {
    await signIn(page);
    await page.goto("/");
    await page.getByRole("link", { name: /Totality on the sea wall/ }).click();
    await page.getByRole("link", { name: "Times for many places" }).click();
    await expectAccessible(page);

    await page.getByLabel("File of places").setInputFiles({
        name: "district.csv",
        mimeType: "text/csv",
        buffer: Buffer.from("name;lat;lon;height_m\nNowhere;95;0;0\n"),
    });
    await page.getByRole("button", { name: "Import" }).click();
    await expect(page.getByRole("alert")).toContainText("Line 2");

    await page.getByLabel("File of places").setInputFiles({
        name: "district.csv",
        mimeType: "text/csv",
        buffer: Buffer.from(["name;lat;lon;height_m", ...rows].join("\n").replaceAll(".", ",")),
    });
    await page.getByRole("button", { name: "Import" }).click();
    await expect(page.getByRole("status")).toContainText("450 places, all computed", { timeout: 60_000 });
    await page.getByRole("link", { name: "Duration" }).click();
    await page.getByRole("link", { name: "Duration" }).click();
    await expect(page.getByRole("columnheader", { name: "Duration" })).toHaveAttribute("aria-sort", "descending");
    await expect(page.locator("tbody tr").first()).toContainText(/total.*4 min/s);
    await expectAccessible(page);

    const download = page.waitForEvent("download");
    await page.locator("tbody tr").first().getByRole("link", { name: /^ics/ }).click();
    expect((await download).suggestedFilename()).toMatch(/^school-\d+\.ics$/);
});
