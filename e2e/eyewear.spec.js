import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("a checker works through pairs by key on a phone and takes one back", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, "checker");
    await page.goto("/");
    await page.getByRole("link", { name: /Totality on the sea wall/ }).click();
    await page.getByRole("link", { name: /Glasses/ }).click();
    await expect(page.getByRole("link", { name: "Add a lot" })).toHaveCount(0);
    await page.getByRole("link", { name: "Gaviota 27-A" }).click();
    await expectNoSidewaysScroll(page);

    await page.getByRole("button", { name: "Record" }).focus();
    await page.keyboard.press("9");
    await expect(page.getByRole("checkbox", { name: /dirt/ })).toBeChecked();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("row", { name: /37 Hold .*dirt/ })).toBeVisible();
    await expect(page.getByLabel("Tag", { exact: true })).toHaveValue("38");

    await page.getByRole("button", { name: "Take back tag 37" }).click();
    await expect(page.getByRole("row", { name: /37 taken back/ })).toBeVisible();
    await expectAccessible(page);
});

test("a tag outside the lot is refused beside its field and the marks are kept", async ({ page }) => {
    await signIn(page, "checker");
    await page.goto("/events/2/glasses/1");
    await page.getByLabel("Tag", { exact: true }).fill("9999");
    await page.getByRole("checkbox", { name: /crease/ }).check();
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.locator("#tag-fault")).toContainText("from 1 to 400");
    await expect(page.getByRole("checkbox", { name: /crease/ })).toBeChecked();
});

test("back after recording, a fault that is found then is recorded too", async ({ page }) => {
    await signIn(page, "checker");
    await page.goto("/events/2/glasses/1");
    await page.getByLabel("Tag", { exact: true }).fill("390");
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.getByRole("row", { name: /390 Fit to use/ })).toBeVisible();

    await page.goBack();
    await page.getByLabel("Tag", { exact: true }).fill("390");
    await page.getByRole("checkbox", { name: /scratch/ }).check();
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.getByRole("row", { name: /390 Withdraw .*scratch/ })).toBeVisible();
    for (const kind of ["Withdraw", "Fit"]) {
        await page
            .getByRole("row", { name: new RegExp(`390 ${kind}`) })
            .getByRole("button")
            .click();
        await expect(page.getByRole("row", { name: /390 taken back/ }).first()).toBeVisible();
    }
});

test("a light meter and a shade are judged as they are typed, on a phone", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/2/glasses");
    await page.getByRole("link", { name: "Measure and count" }).click();
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    const meter = page.locator("#meter");
    await page.getByLabel("3 Behind the filter, lx").fill("90");
    await expect(meter).toContainText("Outside the limits");
    await page.getByLabel("3 Behind the filter, lx").fill("0,1");
    await expect(meter).toContainText("Undecided");
    await page.getByLabel("2 In the open, lx").fill("0");
    await expect(page.locator("#open_lx-fault")).toContainText("measure in full sunlight");
    await page.getByLabel("What is known").selectOption("density");
    await page.getByLabel("Its value").fill("5");
    await expect(page.locator("#shade")).toContainText("shade 12.67");
    await page.getByLabel("Tested").fill("400");
    await expect(page.locator("#sample")).toContainText("With 95 % confidence none of 400 is bad.");
    await expectAccessible(page);
});

test("a scan is added, read by keys, judged, and taken away again", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/glasses/1");
    await page.getByRole("link", { name: "Scans" }).click();
    const scan = (infrared) =>
        ["nm,transmittance", ...Array.from({ length: 1121 }, (_, i) => `${280 + i},${i < 500 ? 8e-6 : infrared}`)].join(
            "\n",
        );
    const add = async (name, text) => {
        await page.getByLabel("Name").fill(name);
        await page
            .getByLabel("CSV file")
            .setInputFiles({ name: "scan.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
        await page.getByRole("button", { name: "Add this scan" }).click();
    };
    await add("Tag 1", "nm,transmittance\n500,dark");
    await expect(page.locator("#file-fault")).toContainText('Line 2, column transmittance: "dark" is not a number.');
    await expect(page.getByLabel("Name")).toHaveValue("Tag 1");
    await add("Tag 1", scan(0.3));
    await expect(page.getByRole("row", { name: /Infrared not met.*10.0 times outside/ })).toBeVisible();
    await expectAccessible(page);
    await page.getByLabel("Wavelength, nm").focus();
    await page.keyboard.press("End");
    await expect(page.locator("#spectrum-words")).toContainText("1400 nm · Tag 1, right lens");
    await expect(page.locator("#spectrum-words")).toContainText("30.0 %");
    await page
        .locator(".spectrum svg")
        .first()
        .hover({ position: { x: 70, y: 100 } });
    await expect(page.locator("#spectrum-words")).toContainText("0.000800 %");
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSidewaysScroll(page);
    await page.getByRole("button", { name: /^Remove Tag 1/ }).click();
    await expect(page.getByText("is removed.")).toBeVisible();
    await page.goto("/events/2/glasses/1");
    await expect(page.getByRole("region", { name: "Verdict" })).toContainText("Papers in order");
});
