import { afterPause, latest } from "./page.js";

/** A form of a few numbers whose answer follows at once; the server computes it and says what does not fit, field by field. */
export function liveForm() {
    return {
        init() {
            const form = this.$root;
            this.ask = latest({ form: () => form });
            this.later = afterPause(200, () => this.answer());
        },

        /** What is asked with; a form that is saved elsewhere keeps what only saving needs to itself. */
        fields() {
            const fields = new FormData(this.$root);
            ["_token", "_method", "uuid", "version"].forEach((name) => fields.delete(name));
            return fields;
        },

        async answer() {
            const form = this.$root;
            const { piece, errors, isStale } = await this.ask(form.dataset.ask ?? form.action, this.fields());
            if (isStale) return false;
            const refused = form.querySelector("[data-refused]");
            refused.hidden = piece !== null;
            refused.textContent =
                piece !== null ? "" : Object.keys(errors).length ? form.dataset.stands : form.dataset.words;
            if (piece !== null) document.getElementById(form.dataset.answer).innerHTML = piece;
            return piece !== null;
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
