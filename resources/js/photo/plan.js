import { liveForm } from "../live-form.js";
import { steps } from "../steps.js";

/** A camera's plan: a form whose answer follows at once, and what was tried before to go back to. */
export function cameraPlan() {
    const form = liveForm();
    return {
        ...form,
        isFirst: true,
        isLast: true,

        init() {
            form.init.call(this);
            this.steps = steps();
            this.keep();
        },

        async answer() {
            const isAnswered = await form.answer.call(this);
            if (isAnswered) this.keep();
            return isAnswered;
        },

        /** Remembers what can be answered, to come back to. */
        keep() {
            this.steps.add(Object.fromEntries(this.fields()));
            this.look();
        },

        look() {
            this.isFirst = !this.steps.canGoBack();
            this.isLast = !this.steps.canGoOn();
        },

        undo() {
            this.goTo(this.steps.back());
        },

        redo() {
            this.goTo(this.steps.on());
        },

        goTo(fields) {
            if (fields === null) return;
            Object.entries(fields).forEach(([name, value]) => (this.$root.elements[name].value = value));
            this.look();
            this.answer();
        },
    };
}
