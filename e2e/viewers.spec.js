import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("a hole of 0 or 5000 mm is refused where it is typed and the picture stays", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/");
    await page.getByRole("link", { name: /Ring of fire/ }).click();
    await page.getByRole("link", { name: /Viewers/ }).click();
    await expectNoSidewaysScroll(page);
    await page.getByLabel("a shoe or cereal box").check();
    await page.getByRole("button", { name: "Show what fits" }).click();
    await page.getByRole("link", { name: "Shoe or cereal box" }).click();
    await page.getByLabel("Name").fill("Odd box");
    const hole = page.getByRole("textbox", { name: "Width of the hole" });
    for (const width of ["0", "5000", "3 ft 2 in"]) {
        await hole.fill(width);
        await expect(page.locator("#hole_mm-fault")).toBeVisible();
        await expect(page.getByRole("alert")).toContainText("the last design that can be built");
    }
    await expect(page.locator(".figures")).toContainText("2.8 mm");
    await page.getByRole("button", { name: "Save this design" }).click();
    await expect(page.locator("#hole_mm-fault")).toContainText("one number with one unit");
    await expect(page.getByLabel("Name")).toHaveValue("Odd box");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});

test("hand, keys, slider and offers change the design, and everything follows", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/viewers/2");
    const distance = page.getByRole("textbox", { name: "Hole to screen" });
    const hole = page.getByRole("textbox", { name: "Width of the hole" });
    const image = page.locator(".figures dd").first();
    await expect(image).toContainText("8.3 mm");

    // The screen is dragged in the drawing: a fifth of the way nearer.
    const screen = page.getByRole("slider", { name: "Distance to the screen" });
    await screen.scrollIntoViewIfNeeded();
    const { x, y, width, height } = await screen.boundingBox();
    const drawing = await page.locator(".side-view").boundingBox();
    const way = ((540 / 720) * drawing.width) / 5;
    await page.mouse.move(x + width / 2, y + height / 2);
    await page.mouse.down();
    await page.mouse.move(x + width / 2 - way / 2, y + height / 2, { steps: 5 });
    await page.mouse.move(x + width / 2 - way, y + height / 2, { steps: 5 });
    await page.mouse.up();
    await expect(distance).toHaveValue("720");
    await expect(image).toContainText("6.6 mm");

    // The opening by keys along its curve, and by its slider.
    const here = page.getByRole("slider", { name: "Width of the opening" });
    await here.focus();
    for (let i = 0; i < 5; i++) await page.keyboard.press("ArrowRight");
    await expect(hole).toHaveValue("1.4");
    await expect(here).toHaveAttribute("aria-valuenow", "1.4");
    await expect(here).toBeFocused();
    await page.locator("[data-of=hole_mm]").fill("500");
    await expect(hole).toHaveValue("1.2");

    // What the page offers is taken over, taken back, and done again.
    await page.getByRole("button", { name: /Use it Sharpest hole/ }).click();
    await expect(hole).toHaveValue("0.89");
    await expect(page.locator(".figures")).toContainText("opening 0.89");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(hole).toHaveValue("1.2");
    await page.getByRole("button", { name: "Redo" }).click();
    await expect(hole).toHaveValue("0.89");
    await expect(page.getByRole("button", { name: "Redo" })).toBeDisabled();
});

test("the picture has its true size, follows the time, and is what the server computed", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/viewers/2");
    await expect.poll(() => page.locator(".on-screen-large").evaluate((img) => img.naturalWidth)).toBe(256);
    // The Sun in it by its light, read from the pixels: 8.25 mm between the places of half its brightness, a little more with the blur.
    await page.locator("#screen-time").fill("0");
    await expect(page.locator(".on-screen-words")).toContainText("0.0 % of the area covered");
    const read = () =>
        page.evaluate(async () => {
            const img = document.querySelector(".on-screen-large");
            // The next picture may come while this one is read.
            try {
                await img.decode();
            } catch {
                return 0;
            }
            const canvas = new OffscreenCanvas(256, 256).getContext("2d");
            canvas.drawImage(img, 0, 0);
            const row = [...canvas.getImageData(0, 128, 256, 1).data].filter((_, i) => i % 4 === 0);
            // sRGB 188 is half of the light of 255; limb darkening and blur leave the edge at about a fourth of the middle.
            const bright = row.map((grey, i) => [grey, i]).filter(([grey]) => grey > 128);
            const mm = document.querySelector(".on-screen-true").width.baseVal.valueInSpecifiedUnits;
            return (((bright.at(-1)?.[1] ?? 0) - (bright[0]?.[1] ?? 0)) * mm) / 256;
        });
    await expect.poll(read).toBeGreaterThan(8.0);
    expect(await read()).toBeLessThan(8.9);
    // CSS fixes a millimetre at 96/25.4 px.
    const frame = await page.locator(".on-screen-true").boundingBox();
    const mm = await page.locator(".on-screen-true").evaluate((svg) => svg.width.baseVal.valueInSpecifiedUnits);
    expect((frame.width * 25.4) / 96).toBeCloseTo(mm, 1);

    // A finger on the ribbon, and the moments below the picture.
    const ribbon = await page.locator(".ribbon svg").first().boundingBox();
    await page.mouse.click(ribbon.x + ribbon.width / 2, ribbon.y + 54);
    await expect(page.locator(".on-screen-words")).toContainText(/(7|8|9)\d\.\d % of the area covered|Totality/);
    await page.getByRole("button", { name: /20 min after C1/ }).click();
    await expect(page.locator(".on-screen-words")).toContainText("20.2 % of the area covered");
    await expectAccessible(page);
});

test("a pattern is drawn by hand and by keys, and comes from a file", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/3/viewers/create?build=pattern");
    const holes = page.locator(".figures div", { hasText: "Holes" }).locator("dd");
    await expect(holes).toContainText("41");
    const pad = page.getByRole("application", { name: "Or draw" });
    await pad.scrollIntoViewIfNeeded();
    const { x, y, width, height } = await pad.boundingBox();
    await page.mouse.move(x + 20, y + height / 2);
    await page.mouse.down();
    await page.mouse.move(x + width - 20, y + height / 2, { steps: 10 });
    await page.mouse.up();
    // A straight stroke of 400 mm with 23.2 mm from hole to hole: 18 holes.
    await expect(holes).toContainText("18");
    await page.getByRole("button", { name: "Clear" }).click();
    await expect(holes).toContainText("41");
    await pad.focus();
    // One point is no figure: said at the pad, and nothing else of it goes.
    await page.keyboard.press("Enter");
    await expect(page.locator("#outline-fault")).toBeVisible();
    for (const key of [...Array(6).fill("ArrowRight"), "Enter", ...Array(6).fill("ArrowDown"), "Enter"])
        await page.keyboard.press(key);
    await expect(holes).toContainText(/3\d/);
    const svg = (inside) => ({
        name: "a.svg",
        mimeType: "image/svg+xml",
        buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg">${inside}</svg>`),
    });
    await page.locator("#svg").setInputFiles(svg("<script>1</script>"));
    await expect(page.locator("#svg-fault")).toContainText("does more than draw");
    await page.locator("#svg").setInputFiles(svg('<circle cx="9" cy="9" r="5"/>'));
    await expect(holes).toContainText(/^5[34]/);
    await expectAccessible(page);
});

test("what is at hand becomes a design, a station, a template and a try", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/viewers");
    await page.getByRole("link", { name: "I have a tube 900 mm long" }).click();
    await page.getByRole("link", { name: "Long mailing tube" }).click();
    await expect(page.getByRole("textbox", { name: "Hole to screen" })).toHaveValue("900");
    await page.getByLabel("Name").fill("Tube of class 5B");
    await page.getByRole("button", { name: "Save this design" }).click();
    await page.getByLabel("Wanted: Tube of class 5B").fill("4");
    await page.getByRole("button", { name: /^Save Tube/ }).click();
    await expect(page.getByRole("status")).toContainText("Saved");

    await page.getByRole("link", { name: "To build it" }).click();
    await expect(page.getByRole("heading", { name: "Step by step" })).toBeVisible();
    await expectAccessible(page);
    const download = page.waitForEvent("download");
    await page.getByRole("link", { name: "All parts as PDF, A4" }).click();
    expect((await download).suggestedFilename()).toMatch(/a4\.pdf$/);

    await page.getByRole("link", { name: "The design" }).click();
    await page.getByRole("link", { name: "Tried out" }).click();
    await page.getByLabel("Width of the image").fill("11.2 mm");
    await page.getByRole("button", { name: "Write it down" }).click();
    await expect(page.getByRole("row", { name: /11.2/ })).toContainText("Not as designed");
    await expectAccessible(page);
    await page.getByRole("link", { name: "The corrected design" }).click();
    await expect(page.getByRole("textbox", { name: "Hole to screen" })).toHaveValue(/^1[12]\d\d$/);

    await page.goto("/events/2/viewers");
    for (const name of ["Tube of class 5B", "Shoe box"]) await page.getByLabel(`Compare ${name}`).check();
    await page.getByRole("button", { name: /Compare those ticked/ }).click();
    await expect(page.locator(".compared")).toContainText("Tube of class 5B");
    await expectAccessible(page);
    await page.goto("/events/2/audience/list");
    await expect(page.getByRole("row", { name: /Tube of class 5B/ })).toContainText("4");
});
