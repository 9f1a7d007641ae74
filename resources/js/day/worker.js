/**
 * The service worker of one event's day for one person; the server says before this line whose it is (self.day). It keeps
 * nothing by itself: the page has put into the cache what the day needs. With a network everything comes from the server;
 * without one, or when it hangs, what was kept does.
 */
const PATIENCE_MS = 4000;
const { name, prefix, book, pocket } = self.day;

self.addEventListener("install", () => self.skipWaiting());

self.addEventListener("activate", (event) => event.waitUntil(takeOver()));

self.addEventListener("fetch", (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (request.method !== "GET" || url.origin !== self.location.origin) return;
    if (url.pathname.startsWith("/build/")) event.respondWith(keptFirst(request));
    else if (request.mode === "navigate") event.respondWith(serverFirst(request, url));
});

/** Nothing of another person who was signed in here before is left. */
async function takeOver() {
    const names = await caches.keys();
    await Promise.all(
        names.filter((each) => each.startsWith(prefix) && each !== name).map((each) => caches.delete(each)),
    );
    await self.clients.claim();
}

async function kept(key) {
    return (await caches.open(name)).match(key, { ignoreSearch: true });
}

/** Their names change with their content. */
async function keptFirst(request) {
    return (await kept(request)) ?? fetch(request);
}

async function serverFirst(request, url) {
    const network = fetch(request).catch(() => null);
    const there = await Promise.race([network, new Promise((done) => setTimeout(done, PATIENCE_MS, null))]);
    if (there && there.status < 500) return there;
    // Of the rule book all ways to an answer are one page.
    const copy = await kept(url.pathname === book ? pocket : url.pathname);
    return copy ?? (await network) ?? Response.error();
}
