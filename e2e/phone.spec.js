import { expect, expectNoSidewaysScroll, signIn, test } from "./support.js";

/** Downloads are no pages; a question with values in the address shows the page that is looked at anyway. */
const isPage = (address) => !/\.(csv|ics|kml|geojson|gpx|json|pdf|svg)$/.test(address) && !address.includes("?");

/** An address without the numbers and codes of what it shows. */
const kind = (address) => address.replace(/\/(\d+|[0-9a-f-]{36,40})(?=\/|$)/g, "/one");

test("on a phone no page scrolls sideways and no table loses a column", async ({ page }) => {
    test.setTimeout(240_000);
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    const seen = new Set();
    const visits = new Map();
    const todo = ["/"];
    while (todo.length > 0) {
        const address = todo.shift();
        // All events have the same pages; the demo's second and third have most on them, and so has the 36th pair. Two of a kind, mostly one of each, stand for the others.
        if (/^\/events\/(?![23]\b)\d|pairs\/(?!36$)\d/.test(address) || visits.get(kind(address)) === 2) continue;
        if (seen.has(address)) continue;
        seen.add(address);
        visits.set(kind(address), (visits.get(kind(address)) ?? 0) + 1);
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
    expect(visits.size).toBeGreaterThan(100);
});
