/** What a day needs without a network is put on the device while there is one. */
export const offlineParts = {
    keptWords: "",

    async setUpOffline() {
        const { keep } = this;
        if (!navigator.serviceWorker || !window.caches) {
            this.keptWords = this.words.cannotKeep;
            return;
        }
        this.keptWords = this.words.keeping;
        try {
            await navigator.serviceWorker.register(keep.worker, { scope: keep.scope });
            const loaded = performance.getEntriesByType("resource").map(({ name }) => new URL(name));
            const parts = loaded.filter(
                ({ origin, pathname }) => origin === location.origin && pathname.startsWith("/build/"),
            );
            const cache = await caches.open(keep.name);
            const paths = new Set(parts.map(({ pathname }) => pathname));
            await cache.addAll([...paths, "/mark.svg"]);
            const old = (await cache.keys()).filter(({ url }) => isOld(new URL(url).pathname, paths));
            await Promise.all(old.map((request) => cache.delete(request)));
            // One after the other: they are for later, and others want to load theirs.
            for (const page of keep.pages) await keepPage(cache, page);
            this.keptWords = this.words.isKept;
        } catch {
            const isThere = await caches.match(location.pathname, { ignoreSearch: true }).catch(() => null);
            this.keptWords = isThere ? this.words.isKept : this.words.cannotKeep;
        }
    },
};

/** Of a version of the program that is no more. */
function isOld(path, paths) {
    return path.startsWith("/build/") && !paths.has(path);
}

/** A page as it is for who is signed in; a way to sign in is no such page. */
async function keepPage(cache, page) {
    const response = await fetch(page, { headers: { Accept: "text/html" } });
    if (response.ok && !response.redirected) await cache.put(page, response);
    else throw new Error(`not kept: ${page}`);
}
