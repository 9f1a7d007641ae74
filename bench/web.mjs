/**
 * Real sessions over persistent connections: node bench/web.mjs BASE_URL. Each of 4, then of 32 people signs in and goes
 * through pages of the demo; beside it the same number ask for a page that only says hello.
 */
import http from "node:http";
import { ask, signIn } from "./session.mjs";

const SECONDS = 8;
const PAGES = [
    "/",
    "/events/2",
    "/events/2/site",
    "/events/3/site/doorway",
    "/events/2/sky/map",
    "/events/2/glasses",
    "/events/2/viewers",
    "/events/2/sky/contacts.ics",
];

/** So many people at once for a while: requests a second, the 95th percentile in seconds, and what was no 200. */
async function load(people, next) {
    const times = [];
    let errors = 0;
    const end = performance.now() + SECONDS * 1000;
    await Promise.all(
        people.map(async ({ agent, cookie }, person) => {
            for (let turn = person; performance.now() < end; turn++) {
                const begin = performance.now();
                const { status } = await ask(agent, next(turn), { cookie });
                times.push((performance.now() - begin) / 1000);
                if (status !== 200) errors++;
            }
        }),
    );
    times.sort((a, b) => a - b);
    return { perSecond: times.length / SECONDS, p95: times[Math.floor(0.95 * times.length)], errors };
}

let failed = 0;
for (const count of [4, 32]) {
    const people = [];
    for (let i = 0; i < count; i++) {
        const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
        people.push({ agent, cookie: await signIn(agent) });
    }
    await load(people, (turn) => PAGES[turn % PAGES.length]);
    const pages = await load(people, (turn) => PAGES[turn % PAGES.length]);
    const hello = await load(people, () => "/hello");
    failed += pages.errors + hello.errors;
    console.log(
        `${count} at once: ${(pages.perSecond / hello.perSecond).toFixed(3)} of hello's requests a second, ` +
            `95 % within ${(pages.p95 / hello.p95).toFixed(1)} times hello's, ${pages.errors} errors ` +
            `(here and now ${pages.perSecond.toFixed(0)} of ${hello.perSecond.toFixed(0)} a second, ${(1000 * pages.p95).toFixed(0)} of ${(1000 * hello.p95).toFixed(0)} ms)`,
    );
    people.forEach(({ agent }) => agent.destroy());
}
/** The pages of the largest plan, one after the other, the first time and the median of four more: as shares of what they may take. */
const MAY_TAKE_S = 0.5;
const EVENT = 4;
const LARGE = ["", "/site", "/site?best=1", "/site/spot-view?spot=Crowd", "/site/shade?minute=60", "/site/doorway"];
const FILES = [
    "/site/mirror",
    "/site/shadows",
    "/site/files",
    "/site/plan.geojson",
    "/site/plan.gpx",
    "/site/horizon.csv",
];
const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
const cookie = await signIn(agent);
const shares = [];
for (const path of [...LARGE, ...FILES]) {
    const times = [];
    for (let i = 0; i <= 4; i++) {
        const begin = performance.now();
        const { status } = await ask(agent, `/events/${EVENT}${path}`, { cookie });
        times.push((performance.now() - begin) / 1000);
        if (status !== 200) failed++;
    }
    const [first, ...later] = times.map((time) => time / MAY_TAKE_S);
    later.sort((a, b) => a - b);
    shares.push(`${path || "/"} ${first.toFixed(2)} ${((later[1] + later[2]) / 2).toFixed(2)}`);
}
console.log(`The largest plan, of half a second, first and later: ${shares.join(", ")}`);
process.exit(failed > 0 ? 1 : 0);
