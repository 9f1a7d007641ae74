import { ask } from "../page.js";

const EVERY_MS = 1000;

/** A table of places that fills while the queue works through it. */
export function placeList() {
    return {
        init() {
            if (!this.$root.dataset.done) this.watch();
        },

        async watch() {
            const { piece } = await ask(this.$root.dataset.table, new URLSearchParams(location.search));
            if (piece !== null) this.$refs.table.innerHTML = piece;
            if (!this.$refs.table.querySelector("[data-done='1']")) setTimeout(() => this.watch(), EVERY_MS);
        },
    };
}
