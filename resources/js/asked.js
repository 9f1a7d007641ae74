import { afterPause, fetchPiece } from "./page.js";

/** A form of a few numbers whose answer follows at once; the server reckons it. */
export function askedForm() {
    return {
        init() {
            this.later = afterPause(200, () => this.ask());
        },

        async ask() {
            const form = this.$root;
            const piece = await fetchPiece(form.action, new FormData(form));
            const refused = form.querySelector("[data-refused]");
            refused.hidden = piece !== null;
            refused.textContent = piece === null ? form.dataset.words : "";
            if (piece !== null) document.getElementById(form.dataset.answer).innerHTML = piece;
        },
    };
}

export function printPage() {
    return {
        print() {
            window.print();
        },
    };
}
