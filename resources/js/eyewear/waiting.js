import { ofOthers, sendWaiting, unsent } from "./outbox.js";

/** On every page: what a checker found and the server does not have yet is sent, and it is said that it waits. */
export function waiting() {
    return {
        words: "",

        async init() {
            const { checker, waits, others } = this.$root.dataset;
            const mine = await unsent(Number(checker)).catch(() => null);
            if (!mine) return;
            const strangers = await ofOthers(Number(checker));
            if (mine.waiting.length) {
                this.words = waits.replace(":count", mine.waiting.length);
                const { state } = await sendWaiting(Number(checker));
                if (state === "sent") this.words = "";
            }
            if (strangers) this.words = [this.words, others.replace(":count", strangers)].join(" ").trim();
        },
    };
}
