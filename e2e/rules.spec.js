import { expect, expectAccessible, expectNoSidewaysScroll, signIn, test } from "./support.js";

test("a helper asks about a helmet on a phone, in their own words, and is told no in a few taps", async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto("/events/2");
    await page.getByRole("link", { name: "May I use this?" }).click();
    await page.getByLabel("What is it?").pressSequentially("helm");
    await expect(page.getByRole("link", { name: "Sunglasses" })).toHaveCount(0);
    await expectAccessible(page);
    await page.getByRole("link", { name: "Welding helmet" }).click();
    await expect(page.getByRole("heading", { name: "Which kind, and which shade is stamped on it?" })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("link", { name: "A fixed plate, 12 or 13" }).click();
    const answer = page.getByRole("region", { name: "Verdict" });
    await expect(answer).toContainText("No");
    await expect(answer).toBeInViewport({ ratio: 1 });
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    // One tap back, and the next answer.
    await page.getByRole("listitem").filter({ hasText: "12 or 13" }).getByRole("link", { name: "Change" }).click();
    await page.getByRole("link", { name: "A fixed plate, 14 or darker" }).click();
    await page.getByRole("link", { name: /^Inspected today/ }).click();
    await page.getByRole("link", { name: "An adult who keeps it on" }).click();
    await expect(answer).toContainText("Hold it so that no light comes in at its sides.");
    for (const tap of await page.getByRole("list", { name: "What was answered" }).getByRole("link").all()) {
        expect((await tap.boundingBox()).height).toBeGreaterThanOrEqual(48);
    }
    await page.getByRole("link", { name: /single whole welding plate/ }).click();
    await expect(page.locator("#welding-glass")).toBeInViewport();
    await expectAccessible(page);
    // On the dark ground of a refusal the way to its rule is to be seen as well.
    await page.goto("/events/2/glasses/3");
    await expect(page.getByRole("link", { name: "the rule" }).first()).toBeVisible();
    await expectAccessible(page);
});

test("the answer is a card of one A5 page", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/may-i?item=binocular&use=look-worn");
    await expect(page.getByRole("region", { name: "Verdict" })).toContainText("No");
    const card = await page.pdf({ preferCSSPageSize: true });
    const text = card.toString("latin1");
    expect(text.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
    const [, width, height] = text.match(/\/MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)\]/).map(Number);
    // A5 is 148 × 210 mm.
    expect(width).toBeCloseTo((148 / 25.4) * 72, -0.5);
    expect(height).toBeCloseTo((210 / 25.4) * 72, -0.5);
});

test("every verdict leads to its rule in the book", async ({ page }) => {
    await signIn(page);
    await page.goto("/events/2/rules");
    const ids = await page.locator(".book > div").evaluateAll((rules) => rules.map((rule) => rule.id));
    let verdicts = 0;
    for (const path of [
        "2/glasses",
        "2/glasses/1",
        "2/glasses/3",
        "2/viewers",
        "2/viewers/1",
        "2/site",
        "2/site?spot=Telescope",
        "2/site/doorway",
        "3/site/mirror",
        "3/site/shadows",
        "2/audience",
        "3/audience/methods",
    ]) {
        await page.goto(`/events/${path}`);
        const rules = await page.locator(".verdict, .verdict-tag").evaluateAll((all) =>
            all.map((verdict) => {
                const link = verdict.matches("a")
                    ? verdict
                    : (verdict.querySelector('a[href*="/rules#"]') ??
                      verdict.closest("td, section").querySelector('a[href*="/rules#"]'));
                return link?.hash.slice(1);
            }),
        );
        verdicts += rules.length;
        for (const rule of rules) {
            expect(ids, path).toContain(rule);
        }
    }
    expect(verdicts).toBeGreaterThan(60);
});
