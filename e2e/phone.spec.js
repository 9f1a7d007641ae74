import { expect, expectNoSidewaysScroll, signIn, test } from "./support.js";

/** Downloads are no pages; a question with values in the address shows the page that is looked at anyway. */
const isPage = (address) => !/\.(csv|ics|kml|geojson|gpx|json|pdf|svg)$/.test(address) && !address.includes("?");

test("on a phone no page scrolls sideways and no table loses a column", async ({ page }) => {
    test.setTimeout(240_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    const seen = new Set();
    const todo = ["/"];
    while (todo.length > 0) {
        const address = todo.shift();
        // All events have the same pages; the demo's second and third have most on them. One pair's page is like another's, and so is how a viewer is built and was tried, and one cue's form.
        const kind = address.replace(/cues\/[0-9a-f-]{36}/, "cues/one");
        if (seen.has(kind) || /^\/events\/(?![23]\b)\d|pairs\/(?!36$)\d|viewers\/(?!2\/)\d+\//.test(address)) continue;
        seen.add(kind);
        expect((await page.goto(address)).status(), address).toBe(200);
        await expectNoSidewaysScroll(page);
        const { lost, links } = await page.evaluate(() => {
            document.querySelectorAll("details").forEach((details) => (details.open = true));
            const cells = [...document.querySelectorAll("main :is(td, th)")];
            return {
                lost: cells.filter((cell) => cell.getBoundingClientRect().right > window.innerWidth + 1).map((cell) => cell.textContent.trim()), // prettier-ignore
                links: [...document.links].filter((a) => a.origin === location.origin).map((a) => a.pathname + a.search), // prettier-ignore
            };
        });
        expect(lost, address).toEqual([]);
        todo.push(...links.filter(isPage));
    }
    expect(seen.size).toBeGreaterThan(25);
});
