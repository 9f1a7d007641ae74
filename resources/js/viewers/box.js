import { afterPause, latest } from "../page.js";

/** A box being designed: its numbers and picture follow the fields; the server computes them. */
export function boxDesign() {
    return {
        waiting: false,

        init() {
            const { form } = this.$refs;
            this.ask = latest({ form: () => form });
            this.later = afterPause(200, () => this.preview());
        },

        change() {
            this.later();
        },

        /** Takes over the hole that a school calls best. */
        take(event) {
            const button = event.target.closest("[data-hole]");
            if (!button) return;
            this.$refs.hole.value = button.dataset.hole;
            this.preview();
        },

        async preview() {
            this.waiting = true;
            const fields = Object.fromEntries(new FormData(this.$refs.form));
            const { piece, isStale } = await this.ask(this.$root.dataset.preview, {
                distance_mm: fields.distance_mm,
                hole_mm: fields.hole_mm,
                screen_side: fields.screen_side,
            });
            if (isStale) return;
            this.waiting = false;
            this.$refs.refused.hidden = piece !== null;
            if (piece !== null) this.$refs.box.innerHTML = piece;
        },
    };
}
