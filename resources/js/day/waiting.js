import { sendAllDays } from "./log.js";

/** On every page: what somebody wrote down on a day and the server does not have yet is sent, and it is said that it waits. */
export function daysWaiting() {
    return {
        words: "",

        async init() {
            const { maker, waits } = this.$root.dataset;
            const left = await sendAllDays(maker).catch(() => 0);
            this.words = left === 0 ? "" : waits.replace(":count", left);
        },
    };
}
