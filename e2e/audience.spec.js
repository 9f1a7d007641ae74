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

test("a method is chosen for a group, and what it takes is ticked off", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/3/audience/methods");
    const parents = page.getByRole("region", { name: /Teachers and parents/ });
    const projection = parents.getByRole("row", { name: /^Telescope or binocular on a screen/ });
    await expect(projection).not.toContainText("at hand");
    await page.getByRole("checkbox", { name: "small refractor" }).check();
    await expect(projection).toContainText("at hand");
    // The school's policy is "through checked glasses": no eye comes to an instrument.
    const telescope = parents.getByRole("row", { name: /^Telescope with a front filter/ });
    await expect(telescope).toContainText("No");
    await expect(telescope.getByRole("button")).toHaveCount(0);
    await parents.getByRole("button", { name: "Choose Card with a hole, colander" }).click();
    await expect(parents.getByRole("button", { name: "Chosen Card with a hole, colander" })).toBeVisible();
    await expectAccessible(page);

    await page.getByRole("link", { name: "Shopping list" }).click();
    await page.getByRole("button", { name: "Tick off Shoe box or cereal box" }).click();
    await expect(page.getByRole("button", { name: "Done: take back Shoe box or cereal box" })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Done: take back Shoe box or cereal box" }).click();
    await expect(page.getByRole("button", { name: "Tick off Shoe box or cereal box" })).toBeVisible();
});

test("a station is put on the plan, and the day is played in the yard", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/2/audience/stations");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    await page.getByRole("link", { name: "Phase strip to feel" }).click();
    await page.getByLabel("Where it stands").selectOption("Theatre steps");
    await page.getByLabel("A look, s").fill("10");
    await page.getByLabel("more or less, s").fill("11");
    await page.getByRole("button", { name: "Save this station" }).click();
    await expect(page.locator("#spread_s-fault")).toContainText("Not more than a look");
    await expect(page.getByLabel("Where it stands")).toHaveValue("Theatre steps");
    await page.getByLabel("more or less, s").fill("5");
    await expectAccessible(page);
    await page.getByRole("button", { name: "Save this station" }).click();
    await expect(page.getByRole("row", { name: /Phase strip.*Theatre steps.*10 ± 5 s/ })).toBeVisible();

    // At the first contact the class is on its way or looks; played on, people are done.
    const second = page.locator("#yard-second");
    await second.focus();
    await page.keyboard.press("Home");
    const words = page.locator("#yard-words");
    await expect(words).toContainText("09:40 · ");
    await expect(words).toContainText(" 0 are done");
    await page.getByRole("button", { name: "Play" }).click();
    await expect(words).not.toContainText("09:40");
    await page.getByRole("button", { name: "Stop" }).click();
    await expect(page.getByRole("button", { name: "Play" })).toBeVisible();
    await page.keyboard.press("Tab");
    await page.keyboard.press("End");
    await expect(words).toContainText("362 are done");
    await expect(page.locator(".yard-dot:not([hidden])")).toHaveCount(0);
    await expectAccessible(page);
});

test("those who do not see hear the light and the thermometer", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/audience/phase-strip");
    const sound = page.locator(".sound");
    await sound.getByRole("button", { name: "Hear the light of now" }).click();
    await expect(sound).toContainText("The eclipse is not on now.");
    await sound.getByRole("button", { name: "Hear the eclipse in a minute" }).click();
    await expect(sound).toContainText("100 % of the Sun is left");
    await expect(sound).toContainText(/ · 9\d % of the Sun is left/);
    await sound.getByRole("button", { name: "Stop" }).click();
    await expect(sound.getByRole("button", { name: "Hear the eclipse in a minute" })).toBeVisible();
    await sound.getByRole("button", { name: "Hear the change" }).click();
    await expect(sound).toContainText("Type both temperatures");
    await sound.getByLabel("Thermometer at the first contact").fill("25,5");
    await sound.getByLabel("Now, °C").fill("22");
    await sound.getByRole("button", { name: "Hear the change" }).click();
    await expect(sound).toContainText("−3.5 °C");
    await expectAccessible(page);
});
