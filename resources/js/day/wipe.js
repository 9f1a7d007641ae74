import { wipeLog } from "./log.js";

/** Whoever comes next to this device finds nothing of the days that were kept on it. What was not sent yet waits for its writer. */
export async function wipe() {
    const names = (await window.caches?.keys()) ?? [];
    await Promise.all(names.filter((name) => name.startsWith("day-")).map((name) => caches.delete(name)));
    const workers = (await navigator.serviceWorker?.getRegistrations()) ?? [];
    await Promise.all(workers.map((worker) => worker.unregister()));
    Object.keys(localStorage)
        .filter((key) => key.startsWith("keen-shadow day"))
        .forEach((key) => localStorage.removeItem(key));
    await wipeLog();
}

/** The form that signs out. */
export function leaving() {
    return {
        async leave(event) {
            event.preventDefault();
            await wipe().catch(() => {});
            this.$root.submit();
        },
    };
}
