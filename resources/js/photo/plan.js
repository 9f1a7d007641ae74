import { liveForm } from "../live-form.js";
import { undoable } from "../steps.js";

/** A camera's plan: a form whose answer follows at once, and what was tried before to go back to. */
export function cameraPlan() {
    const form = liveForm();
    return {
        ...form,
        ...undoable(),

        init() {
            form.init.call(this);
            this.keep();
        },

        /** What can be answered is remembered. */
        async answer() {
            const isAnswered = await form.answer.call(this);
            if (isAnswered) this.keep();
            return isAnswered;
        },

        now() {
            return Object.fromEntries(this.fields());
        },

        put(fields) {
            Object.entries(fields).forEach(([name, value]) => (this.$root.elements[name].value = value));
            this.answer();
        },
    };
}
