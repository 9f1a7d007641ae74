// The log of the day on a device that keeps nothing longer than the page is open: what is written waits, and arrives once.
import assert from "node:assert/strict";
import { test } from "node:test";
import { DayLog, sendAllDays } from "../../resources/js/day/log.js";

globalThis.document = { cookie: "XSRF-TOKEN=abc" };

/** A server that can be away, and answers what it is told to. */
function server(answer) {
    const asked = [];
    globalThis.fetch = async (url, options = {}) => {
        const body = options.body ? JSON.parse(options.body) : null;
        asked.push({ url, body });
        const said = answer(url, body);
        if (!said) throw new TypeError("no network");
        const [status, json] = said;
        return { status, ok: status < 300, json: async () => json };
    };
    return asked;
}

const there = (entries = []) => [200, { entries, stamp: "s", rehearsal: null }];
const line = (uuid) => ({ uuid, kind: "note", text: uuid, made: 1 });

test("without a network lines wait, each for its event and its writer, and are sent once", async () => {
    server(() => null);
    const log = new DayLog({ event: 1, maker: "user-1", url: "/events/1/day" });
    const other = new DayLog({ event: 1, maker: "user-2", url: "/events/1/day" });
    await log.add("rehearsal", { uuid: "r" });
    await log.add("entry", line("a"));
    await log.add("entry", line("b"));
    await other.add("entry", line("c"));
    assert.deepEqual(await log.exchange(0, () => 7), { state: "away", body: null });
    assert.equal((await log.unsent()).length, 3);

    const asked = server((url, body) => [200, { stored: { a: "", b: "Not you." }, entries: [], from: body.since }]);
    const { state } = await log.exchange(5, () => 7.4);
    assert.equal(state, "there");
    assert.equal(asked[0].url, "/events/1/day/entries");
    assert.deepEqual(asked[0].body, {
        sent_at: 7,
        since: 5,
        rehearsals: [{ uuid: "r" }],
        entries: [line("a"), line("b")],
    });
    assert.deepEqual(
        (await log.unsent()).map(({ row, why }) => [row.uuid, why]),
        [["b", "Not you."]],
    );
    assert.equal((await other.unsent()).length, 1, "another writer's waits for them");

    const again = server(() => there());
    await log.exchange(5, () => 8);
    assert.equal(again[0].url, "/events/1/day/live?since=5", "what was refused is not sent again");
});

test("of what could not be read only the rows that are named stay behind", async () => {
    const log = new DayLog({ event: 2, maker: "user-1", url: "/events/2/day" });
    for (const uuid of ["d", "e", "f"]) await log.add("entry", line(uuid));
    server(() => [422, { message: "Too long.", errors: { "entries.1.text": ["Too long."] } }]);
    await log.exchange(0, () => 0);
    assert.deepEqual((await log.unsent()).map(({ row, why }) => [row.uuid, why]), [["d", undefined], ["e", "Too long."], ["f", undefined]]); // prettier-ignore
    const asked = server(() => [200, { stored: { d: "", f: "" }, entries: [] }]);
    await log.exchange(0, () => 0);
    assert.deepEqual(asked[0].body.entries.map(({ uuid }) => uuid), ["d", "f"]); // prettier-ignore
});

test("whoever is signed out keeps what they wrote; any page sends it later", async () => {
    const log = new DayLog({ event: 3, maker: "user-1", url: "/events/3/day" });
    await log.add("entry", line("g"));
    server(() => [401, {}]);
    assert.equal((await log.exchange(0, () => 0)).state, "signedOut");
    assert.equal(await sendAllDays("user-1"), 1);
    server(() => [200, { stored: { g: "" }, entries: [] }]);
    assert.equal(await sendAllDays("user-1"), 0);
});
