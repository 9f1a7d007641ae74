/**
 * An eclipse's morning: node bench/day.mjs BASE_URL. A crowd asks for the page that everybody may see, as fast as it is
 * answered; then 300 phones ask for what is new as often as the day's screen does.
 */
import http from "node:http";
import { ask, signIn } from "./session.mjs";

const CROWD = { connections: 48, seconds: 8, wanted: 1000 };
const PHONES = { count: 300, everyMs: 2000, seconds: 30, within: 0.3 };

const wait = (ms) => new Promise((done) => setTimeout(done, ms));
let errors = 0;

async function one(agent, path, cookie, times) {
    const begin = performance.now();
    const { status } = await ask(agent, path, { cookie }).catch(() => ({ status: 0 }));
    times.push((performance.now() - begin) / 1000);
    if (status !== 200) errors++;
}

const agent = new http.Agent({ keepAlive: true });
const cookie = await signIn(agent);
const token = (await ask(agent, "/events/2/day/public", { cookie })).text.match(/name="_token" value="([^"]+)"/)[1];
await ask(agent, "/events/2/day/public", {
    method: "POST",
    cookie,
    body: String(new URLSearchParams({ _token: token })),
});
const [open] = (await ask(agent, "/events/2/day/public", { cookie })).text.match(/\/see\/[0-9a-f]{10}/);

const seen = [];
const end = performance.now() + 1000 * CROWD.seconds;
await Promise.all(
    Array.from({ length: CROWD.connections }, async () => {
        const own = new http.Agent({ keepAlive: true, maxSockets: 1 });
        while (performance.now() < end) await one(own, open, "", seen);
        own.destroy();
    }),
);
const perSecond = seen.length / CROWD.seconds;
console.log(
    `page for everybody: ${(perSecond / CROWD.wanted).toFixed(2)} of the ${CROWD.wanted} requests a second that are wanted, ${errors} errors`,
);
const crowdErrors = errors;

const asked = [];
await Promise.all(
    Array.from({ length: PHONES.count }, async (_, i) => {
        const own = new http.Agent({ keepAlive: true, maxSockets: 1 });
        const until = performance.now() + 1000 * PHONES.seconds;
        await wait((i / PHONES.count) * PHONES.everyMs);
        while (performance.now() < until) {
            await one(own, "/events/2/day/live?since=0", cookie, asked);
            await wait(PHONES.everyMs);
        }
        own.destroy();
    }),
);
asked.sort((a, b) => a - b);
const p95 = asked[Math.floor(0.95 * asked.length)];
console.log(
    `${PHONES.count} phones, every ${PHONES.everyMs / 1000} s: 95 % within ${(p95 / PHONES.within).toFixed(2)} of the ${PHONES.within} s they may wait, ${errors - crowdErrors} errors in ${asked.length}`,
);
agent.destroy();
process.exit(errors > 0 || perSecond < CROWD.wanted || p95 > PHONES.within ? 1 : 0);
