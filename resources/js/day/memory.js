/** What a browser that keeps nothing, as some do in private windows, holds as long as the page is open: the calls of the device's store that the log uses. */
export function memory() {
    const stores = { unsent: new Map(), log: new Map(), kept: new Map() };
    let seq = 0;
    const put = (name, value, key) => {
        const at = key ?? value.uuid ?? value.seq ?? ++seq;
        stores[name].set(at, name === "unsent" ? { ...value, seq: at } : value);
    };
    return {
        add: async (name, value) => put(name, value),
        put: async (name, value, key) => put(name, value, key),
        get: async (name, key) => stores[name].get(key),
        getAll: async (name) => [...stores[name].values()],
        getAllFromIndex: async (name, index, value) => [...stores[name].values()].filter((row) => row[index] === value),
        delete: async (name, key) => stores[name].delete(key),
        clear: async (name) => stores[name].clear(),
        transaction: (name) => ({
            store: { put: (value) => put(name, value), delete: (key) => stores[name].delete(key) },
            done: Promise.resolve(),
        }),
    };
}
