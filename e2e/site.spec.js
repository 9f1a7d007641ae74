import { expect, expectAccessible, restingBox, signIn, test, undoAll } from "./support.js";

/** Where a place of the plan, in metres east and north, lies on the screen. */
async function onScreen(page, east, north) {
    // The plan moves a little when the type arrives, and when the hint above it is shown, a frame after the click.
    await page.evaluate(() => document.fonts.ready);
    return page.locator("svg.plan").evaluate(
        async (plan, [x, y]) => {
            await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
            const point = new DOMPoint(x, y).matrixTransform(plan.getScreenCTM());
            return { x: point.x, y: point.y };
        },
        [east, -north],
    );
}

async function points(page, name) {
    const row = page.locator("[data-row]").filter({ has: page.locator(`input[value="${name}"]`) });
    return row.getByLabel("Points").inputValue();
}

test("an observer dragged on the plan sees the times change and stays where he was put", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/3/site");
    await expect(page.locator(".spot-view .lead-answer")).toContainText("until 17:37, then Gym hides it");
    const from = await onScreen(page, -4, -12);
    const to = await onScreen(page, -20, 30);
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    const view = page.waitForResponse((response) => response.url().includes("/site/spot-view"));
    await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2);
    await view;
    const kept = page.waitForResponse((response) => response.request().method() === "PUT");
    await page.mouse.move(to.x, to.y, { steps: 4 });
    await page.mouse.up();
    await kept;
    await expect(page.locator(".spot-view .lead-answer")).toContainText("until 18:35");
    await expect.poll(() => points(page, "East end")).toBe("-20 30");
    // The frame around the page follows: nothing of the site is in front of the Sun any more.
    await expect(page.locator(".stages [aria-current]")).not.toContainText("C2");
    await expect(page.locator(".ribbon-hidden")).toHaveCount(0);
    await page.reload();
    expect(await points(page, "East end")).toBe("-20 30");
    await undoAll(page, 1);
    await expect.poll(() => points(page, "East end")).toBe("-4 -12");
    await expectAccessible(page);
});

test("a wall is drawn corner by corner, given its height, and hides the Sun", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/3/site?spot=By+the+garden");
    await expect(page.locator(".spot-view .lead-answer")).toContainText("until 18:35");
    await page.getByLabel("What to draw").selectOption("wall");
    await page.getByRole("button", { name: "Draw" }).click();
    for (const [east, north] of [
        [-24, 30],
        [-30, 16],
    ]) {
        const { x, y } = await onScreen(page, east, north);
        await page.mouse.click(x, y);
    }
    const drawn = page.waitForResponse((response) => response.request().method() === "PUT");
    await page.getByRole("button", { name: "Finish" }).click();
    await drawn;
    await expect(page.locator(".plan-chosen b")).toHaveText("Wall, fence or hedge 1");
    await page.locator(".plan-chosen [data-field=height_m]").fill("8");
    await page.locator(".plan-chosen [data-field=height_m]").press("Tab");
    await expect(page.locator(".spot-view .lead-answer")).toContainText("Wall, fence or hedge 1");
    await expect(page.locator("[data-part=refused]")).toHaveCount(0);
    await undoAll(page, 2);
    await expect(page.locator(".spot-view .lead-answer")).toContainText("until 18:35");
    await expect(page.getByRole("button", { name: "Redo" })).toBeEnabled();
});

test("a dot between two corners becomes a corner, by mouse and by touch", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/2/site");
    const theatre = page.locator(".plan-thing[data-name='Theatre']");
    await theatre.focus();
    // What is said of it comes above the plan, and moves it.
    await expect(page.locator(".plan-chosen b")).toHaveText("Theatre");
    const dot = page.locator("[data-between='0']");
    await dot.scrollIntoViewIfNeeded();
    const from = await restingBox(dot);
    const kept = page.waitForResponse((response) => response.request().method() === "PUT");
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + 5, from.y + 40, { steps: 3 });
    await page.mouse.up();
    await kept;
    await expect.poll(async () => (await points(page, "Theatre")).split(";").length).toBe(5);
    const touch = await page.context().newCDPSession(page);
    const finger = await restingBox(page.locator(".plan-thing[data-name='Refractor'] circle"));
    const [x, y] = [finger.x + finger.width / 2, finger.y + finger.height / 2];
    const before = await points(page, "Refractor");
    await touch.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [{ x, y }] });
    for (const by of [8, 16, 24]) {
        await touch.send("Input.dispatchTouchEvent", {
            type: "touchMove",
            touchPoints: [{ x: x - by, y: y - by / 2 }],
        });
    }
    await touch.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    await expect.poll(() => points(page, "Refractor")).not.toBe(before);
    await undoAll(page, 2);
    await expect.poll(() => points(page, "Refractor")).toBe(before);
});

test("the plan is worked by keys alone", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/site");
    await page.getByLabel("What to draw").selectOption("viewers");
    await page.getByRole("button", { name: "Draw" }).press("Enter");
    const drawn = page.waitForResponse((response) => response.request().method() === "PUT");
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press(" ");
    await drawn;
    const spot = page.locator(".plan-thing[data-name='Viewers 1']");
    await spot.focus();
    const before = await points(page, "Viewers 1");
    await page.keyboard.press("Shift+ArrowLeft");
    await expect.poll(() => points(page, "Viewers 1")).not.toBe(before);
    await expect(spot).toBeFocused();
    await page.keyboard.press("Delete");
    await expect(spot).toHaveCount(0);
    // A corner of a building: moved, doubled and taken away.
    await page.locator(".plan-thing[data-name='Kiosk']").focus();
    const corner = page.locator("[data-corner='1']");
    const kiosk = await points(page, "Kiosk");
    await corner.focus();
    await page.keyboard.press("ArrowRight");
    await expect(corner).toHaveAttribute("cx", "-2.5");
    await expect.poll(() => points(page, "Kiosk")).toBe("-8 10; -2.5 10; -3 14; -8 14");
    await expect(page.getByRole("button", { name: "Redo" })).toBeDisabled();
    await corner.press("Insert");
    await expect.poll(() => points(page, "Kiosk")).toBe("-8 10; -2.5 10; -2.75 12; -3 14; -8 14");
    await page.locator("[data-corner='2']").press("Delete");
    await expect.poll(() => points(page, "Kiosk")).toBe("-8 10; -2.5 10; -3 14; -8 14");
    await page.locator("[data-corner='1']").press("ArrowLeft");
    await expect.poll(() => points(page, "Kiosk")).toBe(kiosk);
    await expectAccessible(page);
});

test("what is done before the server answers is kept, and what it refuses goes back under the pencil", async ({
    page,
}) => {
    await signIn(page);
    await page.goto("/events/2/site");
    const things = page.locator(".plan-thing");
    const count = await things.count();
    const draw = async (kind, ...corners) => {
        await page.getByLabel("What to draw").selectOption(kind);
        await page.getByRole("button", { name: "Draw" }).click();
        for (const corner of corners) {
            const { x, y } = await onScreen(page, ...corner);
            await page.mouse.click(x, y);
        }
    };
    let first = true;
    await page.route("**/site", async (route) => {
        if (first) await new Promise((resolve) => setTimeout(resolve, 2500));
        first = false;
        await route.continue();
    });
    await draw("tree", [-20, -20]);
    await draw("tree", [-30, -30]);
    await page.locator(".plan-thing[data-name='Kiosk']").focus();
    await page.keyboard.press("Delete");
    await expect(page.locator(".plan-thing[data-name='Tree 2']")).toHaveCount(1);
    await expect(page.locator(".plan-thing[data-name='Kiosk']")).toHaveCount(0);
    await expect(things).toHaveCount(count + 1);
    await draw("building", [-30, -10], [-20, -20], [-20, -10], [-30, -20]);
    await page.getByRole("button", { name: "Finish" }).click();
    await expect(page.locator("[x-ref=refused]")).toContainText("crosses itself");
    await page.getByRole("button", { name: "Remove the last corner" }).click();
    await page.getByRole("button", { name: "Finish" }).click();
    await expect(page.locator(".plan-thing[data-name='Building 1']")).toHaveCount(1);
    await undoAll(page, 3);
    await expect(things).toHaveCount(count);
});

test("what cannot be is refused in words, and nothing typed is lost", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/site");
    await page.getByText("The plan as numbers").click();
    const row = page.locator("[data-row]").filter({ has: page.locator("input[value='Kiosk']") });
    await row.getByLabel("Points").fill("0 0; 4 4; 4 0; 0 4");
    await page.getByRole("button", { name: "Save these numbers" }).click();
    await expect(page.getByRole("alert")).toContainText("crosses itself");
    await expect(row.getByLabel("Points")).toHaveValue("0 0; 4 4; 4 0; 0 4");
    await expect(row.locator(".fault")).toContainText("crosses itself");
    // A look from elsewhere makes the page anew: what is typed is kept first, or stays and is told again.
    const refractor = page.locator(".plan-thing[data-name='Refractor'] circle");
    const again = page.waitForResponse((response) => response.request().method() === "PUT");
    await refractor.click();
    expect((await again).status()).toBe(422);
    await expect(row.getByLabel("Points")).toHaveValue("0 0; 4 4; 4 0; 0 4");
    // Undo takes back what is not kept, and that alone.
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(row.getByLabel("Points")).toHaveValue("-8 10; -3 10; -3 14; -8 14");
    await expect(page.locator("[x-ref=refused]")).toBeHidden();
    await expect(page.locator(".is-chosen")).toHaveCount(1);
    await row.getByLabel("Name").fill("Bandstand");
    await refractor.click();
    await expect(page.locator(".spot-view .lead-answer")).toContainText("Refractor");
    await expect(page.locator(".plan-thing[data-name='Bandstand']")).toHaveCount(1);
    await page.locator("svg.plan").click({ position: { x: 8, y: 8 } });
    await expect(page.locator(".is-chosen")).toHaveCount(0);
    await undoAll(page, 1);
    await expect(page.locator(".plan-thing[data-name='Kiosk']")).toHaveCount(1);
});

test("two people at one plan see what both did, and decide", async ({ page, browser, baseURL }) => {
    await signIn(page);
    await page.goto("/events/2/site");
    const other = await (await browser.newContext({ baseURL })).newPage();
    await signIn(other);
    await other.goto("/events/2/site");
    await other.locator(".plan-thing[data-name='Kiosk']").focus();
    await other.keyboard.press("Delete");
    await expect(other.locator(".plan-thing[data-name='Kiosk']")).toHaveCount(0);

    await page.getByText("The plan as numbers").click();
    const row = (name) => page.locator("[data-row]").filter({ has: page.locator(`input[value='${name}']`) });
    await row("Refractor").getByLabel("Height").fill("1.7");
    await page.getByRole("button", { name: "Save these numbers" }).click();
    const conflict = page.getByRole("alert");
    await expect(conflict).toContainText(/Saved by .*removed: “Kiosk”.*Yours.*changed: “Refractor”/s);
    await expect(row("Refractor").getByLabel("Height")).toHaveValue("1.7");
    await conflict.getByRole("button", { name: "Put mine in its place" }).click();
    await expect(conflict).toBeHidden();
    await expect(row("Kiosk")).toHaveCount(1);

    // The other one wants a step back from what they have not seen.
    await other.getByRole("button", { name: "Undo" }).click();
    await expect(other.getByRole("alert")).toContainText(/nothing was taken back.*changed: “Refractor”/s);
    await other.getByRole("button", { name: "Show the plan as it is now" }).click();
    await expect(other.getByRole("alert")).toBeHidden();
    await expect(other.locator(".plan-thing[data-name='Kiosk']")).toHaveCount(1);
    await undoAll(other, 2);
    await expect(other.locator(".plan-thing[data-name='Kiosk']")).toHaveCount(1);
    await other.context().close();
});
