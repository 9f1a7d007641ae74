import { ask } from "./page.js";

const EVERY_MS = 1000;

/** A piece of a page that is fetched anew while the queue works on what it shows. */
export function watched() {
    return {
        init() {
            if (!this.$root.dataset.done) this.watch();
        },

        async watch() {
            const { piece } = await ask(this.$root.dataset.piece, new URLSearchParams(location.search));
            if (piece !== null) this.$refs.piece.innerHTML = piece;
            if (!this.$refs.piece.querySelector("[data-done='1']")) setTimeout(() => this.watch(), EVERY_MS);
        },
    };
}
