import { expect, expectAccessible, expectNoSidewaysScroll, signInAs, test } from "./support.js";
import { newEvent, newOrganiser } from "./support-server.js";

const PNG = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

test("a supplier, a lot from them, its label's photo, a pair found fit, handed out, and come back", async ({
    page,
    playwright,
    baseURL,
}) => {
    const email = newOrganiser();
    const [event] = await newEvent(playwright, baseURL, email);
    await signInAs(page, email);
    await page.goto(`/events/${event}/glasses/suppliers`);
    await page.getByRole("link", { name: "Add a supplier" }).click();
    await page.getByLabel("Name").fill("Harbour optics");
    await page.getByLabel("checked, may be bought from").check();
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.locator("#evidence-fault")).toContainText("what the judgement stands on");
    await page.getByLabel("What that stands on").fill("The maker wrote so.");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("row", { name: /Harbour optics.*The maker wrote so\..*Tester/ })).toBeVisible();

    await page.goto(`/events/${event}/glasses/create`);
    await page.getByRole("link", { name: "Hand-held viewers" }).click();
    await page.getByLabel("Label of the lot").fill("V-1");
    await page.getByLabel("Number of pairs").fill("12");
    await page.getByLabel("a supplier of our register").check();
    await page.getByLabel("Which supplier").selectOption({ label: "Harbour optics (checked, may be bought from)" });
    for (const question of [
        "Is the maker named",
        "maker's address",
        "instructions for use",
        "warnings there",
        "over spectacles",
    ]) {
        await page.getByRole("group", { name: question }).getByLabel("yes").check();
    }
    await page.getByLabel("names this product and batch").check();
    await page.getByLabel("ISO 12312-2", { exact: true }).check();
    await page.getByLabel("both").check();
    await expectAccessible(page);
    await page.getByRole("button", { name: "See the verdict" }).click();
    await expect(page.getByRole("region", { name: "Verdict" })).toContainText("Papers in order");

    await page.getByRole("link", { name: "Papers and files" }).click();
    const upload = async (name, text) => {
        await page.getByLabel("What it shows").fill("Print on the frame");
        await page
            .getByLabel("Photo or PDF")
            .setInputFiles({ name, mimeType: "image/png", buffer: Buffer.from(text, "base64") });
        await page.getByRole("button", { name: "Add this file" }).click();
    };
    await upload("label.png", Buffer.from("<svg><script>alert(1)</script></svg>").toString("base64"));
    await expect(page.locator("#file-fault")).toContainText("neither a JPEG");
    await upload("label.png", PNG);
    const picture = page.locator(".lot-files img");
    await expect(picture).toBeVisible();
    await expect.poll(() => picture.evaluate((image) => image.naturalWidth)).toBe(1);

    await page.getByRole("link", { name: "Verdict and pairs" }).click();
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.getByRole("row", { name: /1 Fit to use/ })).toBeVisible();
    await page.goto(`/events/${event}/glasses/stock`);
    const move = async (what, pairs) => {
        await page.getByLabel(what).check();
        await page.getByLabel("Pairs").fill(pairs);
        await page.getByRole("button", { name: "Record", exact: true }).click();
    };
    await move("handed out", "2");
    await expect(page.locator("#pairs-fault")).toContainText("Only 1 pair of this lot is fit and here.");
    await move("handed out", "1");
    await expect(page.getByRole("row", { name: /V-1 1 handed out/ })).toBeVisible();
    await move("came back", "1");
    await expect(page.getByRole("row", { name: /V-1 1 came back/ })).toBeVisible();
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});
