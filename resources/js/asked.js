import { afterPause, askPiece } from "./page.js";

/** A form of a few numbers whose answer follows at once; the server computes it and says what does not fit, field by field. */
export function askedForm() {
    return {
        init() {
            this.later = afterPause(200, () => this.ask());
        },

        async ask() {
            const form = this.$root;
            const { piece, errors } = await askPiece(form.action, new FormData(form));
            form.querySelectorAll("[data-now]").forEach((fault) => fault.remove());
            form.querySelectorAll("[aria-invalid]").forEach((field) => field.removeAttribute("aria-invalid"));
            Object.entries(errors).forEach(([name, [message]]) => tell(form.elements[name], name, message));
            const refused = form.querySelector("[data-refused]");
            refused.hidden = piece !== null;
            refused.textContent =
                piece !== null ? "" : Object.keys(errors).length ? form.dataset.stands : form.dataset.words;
            if (piece !== null) document.getElementById(form.dataset.answer).innerHTML = piece;
        },
    };
}

/** Puts a message at its field. */
function tell(field, name, message) {
    if (!field) return;
    const fault = document.createElement("p");
    fault.className = "fault";
    fault.id = `${name}-fault`;
    fault.dataset.now = "";
    fault.textContent = message;
    field.parentElement.querySelector(".fault")?.remove();
    field.setAttribute("aria-invalid", "true");
    field.after(fault);
}

export function printPage() {
    return {
        print() {
            window.print();
        },
    };
}
