import { randomUUID } from "node:crypto";
import jsQR from "jsqr";
import { expect, expectAccessible, expectNoSidewaysScroll, signInAs, test } from "./support.js";
import { LOT, newEvent, newOrganiser, processes, send, sql } from "./support-server.js";

/** Somebody with an event and a lot of their own: where its station is, and what the database has of it. */
async function newLot(playwright, baseURL, pairs) {
    const email = newOrganiser();
    const [event, person] = await newEvent(playwright, baseURL, email);
    const uuid = randomUUID();
    await send(person, `/events/${event}/glasses`, { ...LOT, uuid, label: "Tray", pairs: String(pairs) });
    await person.context.dispose();
    const lot = sql(`select id from lots where uuid = '${uuid}'`);
    const stored = () =>
        sql(
            `select count(*), count(distinct tag), sum(jsonb_array_length(faults)) from pair_checks where lot_id = ${lot}`,
        );
    return { email, event, lot, station: `/events/${event}/glasses/${lot}/station`, stored };
}

const tag = (page) => page.locator("#tag");
const done = (page, count) => expect(page.locator("#progress")).toContainText(`${count} looked over here`);
const allStored = (page) => expect(page.locator("#network")).toHaveText("All is stored.", { timeout: 45_000 });

test("400 pairs are looked over by the keyboard at more than 5 a second, and nothing is lost", async ({
    page,
    playwright,
    baseURL,
}) => {
    const { email, station, stored } = await newLot(playwright, baseURL, 400);
    await signInAs(page, email);
    await page.goto(station);
    await expect(tag(page)).toHaveText("1");
    await expectAccessible(page);
    const began = Date.now();
    for (let i = 1; i <= 400; i++) await page.keyboard.press(i % 40 === 0 ? "1" : "Space");
    await done(page, 400);
    const seconds = (Date.now() - began) / 1000;
    expect(400 / seconds).toBeGreaterThan(5);
    await allStored(page);
    await expect(page.locator("#said")).toContainText("No tags are free");
    expect(stored()).toBe("400|400|10");
});

test("one hand, a phone: a button a finding, pause, undo as a correcting entry, whatever key is held down", async ({
    page,
    playwright,
    baseURL,
}) => {
    await page.setViewportSize({ width: 390, height: 844 });
    const { email, lot, station } = await newLot(playwright, baseURL, 20);
    await signInAs(page, email);
    await page.goto(station);
    await expect(tag(page)).toHaveText("1");
    await expectNoSidewaysScroll(page);
    for (const button of await page.locator(".station-choice").all()) {
        const { width, height } = await button.boundingBox();
        expect(Math.min(width, height)).toBeGreaterThanOrEqual(48);
    }
    await expect(page.getByRole("button", { name: "Nothing found" })).toBeInViewport({ ratio: 1 });
    await page.getByRole("button", { name: "crease" }).click();
    await expect(page.locator("#said")).toContainText("1 · Withdraw and destroy: crease");
    // The space bar means the next pair, not the button that was touched last.
    await page.keyboard.press("Space");
    await expect(page.locator("#said")).toContainText("2 · Fit to use");
    await page.keyboard.down("Space");
    await page.keyboard.down("Space");
    await page.keyboard.down("Space");
    await page.keyboard.up("Space");
    await expect(tag(page)).toHaveText("4");
    await page.keyboard.press("p");
    await expect(page.getByText("Paused. Nothing is recorded.")).toBeVisible();
    await page.keyboard.press("Space");
    await page.keyboard.press("p");
    await expect(tag(page)).toHaveText("4");
    await page.getByRole("button", { name: "Take back the last" }).click();
    await expect(tag(page)).toHaveText("3");
    await page.keyboard.press("9");
    await allStored(page);
    await done(page, 3);
    const rows = sql(
        `select string_agg(tag || ' ' || is_void || ' ' || faults, ', ' order by id) from pair_checks where lot_id = ${lot}`,
    );
    expect(rows).toBe('1 false ["crease"], 2 false [], 3 false [], 3 true [], 3 false ["dirt"]');
    await expectAccessible(page);
});

test("two checkers at once never meet on a tag", async ({ page, browser, playwright, baseURL }) => {
    const { email, station, stored } = await newLot(playwright, baseURL, 100);
    const second = await (await browser.newContext({ baseURL })).newPage();
    const secondTab = await page.context().newPage();
    for (const each of [page, second]) {
        await signInAs(each, email);
        await each.goto(station);
        await expect(tag(each)).toHaveText(/\d/);
    }
    // Another tab of one browser is no other checker.
    await secondTab.goto(station);
    await expect(secondTab.locator("#said")).toContainText("open in another tab");
    await secondTab.keyboard.press("Space");
    await expect(tag(secondTab)).toHaveText("");
    await secondTab.close();
    await Promise.all(
        [page, second].map(async (each) => {
            for (let i = 0; i < 50; i++) await each.keyboard.press("Space");
        }),
    );
    for (const each of [page, second]) {
        await done(each, 50);
        await allStored(each);
    }
    expect(stored()).toBe("100|100|0");
    await second.context().close();
});

test("the network is cut and the tab closed: it goes on, nothing is lost, all is sent once from any page", async ({
    browser,
    playwright,
    baseURL,
}) => {
    const { email, station, stored } = await newLot(playwright, baseURL, 60);
    const context = await browser.newContext({ baseURL });
    const page = await context.newPage();
    await signInAs(page, email);
    await page.goto(station);
    await expect(tag(page)).toHaveText("1");
    for (let i = 0; i < 5; i++) await page.keyboard.press("Space");
    await done(page, 5);
    await allStored(page);
    await context.setOffline(true);
    for (let i = 0; i < 20; i++) await page.keyboard.press(i === 7 ? "2" : "Space");
    await done(page, 25);
    await expect(page.locator("#network")).toContainText("20 wait on this device");
    expect(stored()).toBe("5|5|0");
    await page.close();
    await context.setOffline(false);
    const other = await context.newPage();
    await other.goto("/");
    await expect.poll(stored).toBe("25|25|1");
    await other.goto(station);
    await done(other, 25);
    await expect(tag(other)).toHaveText("26");
    await other.keyboard.press("Space");
    await done(other, 26);
    await allStored(other);
    expect(stored()).toBe("26|26|1");
    await context.close();
});

test("the server is killed in the middle: no acknowledged entry is lost, none is there twice", async ({
    browser,
    playwright,
    baseURL,
}) => {
    const { email, station, stored } = await newLot(playwright, baseURL, 60);
    const page = await (await browser.newContext({ baseURL })).newPage();
    await signInAs(page, email);
    await page.goto(station);
    await expect(tag(page)).toHaveText("1");
    let killed = 0;
    for (let i = 0; i < 40; i++) {
        await page.keyboard.press("Space");
        if (i % 8 === 4) {
            for (const pid of processes(i === 20 ? "php-fpm: master" : "php-fpm: pool")) {
                process.kill(pid, "SIGKILL");
                killed++;
            }
        }
        await page.waitForTimeout(60);
    }
    expect(killed).toBeGreaterThan(5);
    await done(page, 40);
    await allStored(page);
    expect(stored()).toBe("40|40|0");
    await page.context().close();
});

test("labels are of true size and their codes are read", async ({ page, playwright, baseURL }) => {
    const { email, event, lot } = await newLot(playwright, baseURL, 70);
    await signInAs(page, email);
    for (const [sheet, columns, rows, width, height] of [
        ["3x8", 3, 8, 70, 37],
        ["4x10", 4, 10, 48.5, 25.4],
        ["5x13", 5, 13, 38.1, 21.2],
    ]) {
        await page.goto(`/events/${event}/glasses/${lot}/labels?sheet=${sheet}`);
        await expect(page.locator("[data-drawn]")).toBeVisible();
        const boxes = await page
            .locator(".label-sheet")
            .first()
            .locator(".label")
            .evaluateAll((labels) => labels.map((label) => label.getBoundingClientRect().toJSON()));
        expect(boxes.length).toBe(columns * rows);
        const mm = (pixels) => (pixels * 25.4) / 96;
        expect(mm(boxes[0].width)).toBeCloseTo(width, 1);
        expect(mm(boxes[0].height)).toBeCloseTo(height, 1);
        expect(mm(boxes[columns].y - boxes[0].y)).toBeCloseTo(height, 1);
        // The smallest module of a code is wide enough for a printer and a phone.
        const code = await page
            .locator(".label-code")
            .nth(6)
            .evaluate(async (svg) => {
                const image = new Image();
                const copy = svg.cloneNode(true);
                copy.setAttribute("width", 300);
                copy.setAttribute("height", 300);
                image.src = `data:image/svg+xml,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
                await image.decode();
                const context = Object.assign(document.createElement("canvas"), { width: 300, height: 300 }).getContext(
                    "2d",
                );
                context.fillStyle = "white";
                context.fillRect(0, 0, 300, 300);
                context.drawImage(image, 0, 0);
                const modules = Number(svg.getAttribute("viewBox").split(" ")[2]);
                return {
                    pixels: Array.from(context.getImageData(0, 0, 300, 300).data),
                    moduleMm: ((svg.getBoundingClientRect().width / modules) * 25.4) / 96,
                };
            });
        expect(code.moduleMm).toBeGreaterThan(0.4);
        expect(jsQR(Uint8ClampedArray.from(code.pixels), 300, 300).data).toBe(`${baseURL}/tags/${lot}/7`);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`/events/${event}/glasses/${lot}/labels?to=4`);
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
    await page.goto(`/tags/${lot}/7`);
    await expect(page).toHaveURL(`/events/${event}/glasses/${lot}/pairs/7`);
    await page.getByRole("checkbox", { name: /hole or crack/ }).check();
    await page.getByRole("button", { name: "Record" }).click();
    await expect(page.getByRole("region", { name: "Verdict" })).toContainText("There is a hole or a crack in it.");
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
});
