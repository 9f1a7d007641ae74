import { pageData } from "../page.js";
import { keep, sendWaiting, waitingOf } from "./outbox.js";

/** What all exercises have: their data, and results that are kept and sent. */
export const exerciseParts = {
    network: "",

    async setUp() {
        this.data = pageData("exercise-data");
        await this.sendAgain();
    },

    /** Keeps what was done and sends it; tells what the server says of it, once it does. */
    async result(result) {
        const { results: url, trainee } = this.data;
        try {
            const uuid = await keep({ duty: null, about: "", ...result, url, trainee });
            return (await this.sendAgain())[uuid] ?? [];
        } catch {
            this.network = this.data.words.notKept;
            return [];
        }
    },

    async sendAgain() {
        const { trainee, words } = this.data;
        const { state, words: told, why } = await sendWaiting(trainee).catch(() => ({ state: "away", words: {} }));
        const count = (await waitingOf(trainee).catch(() => [])).length;
        this.network =
            state === "sent" && !this.hasSent ? "" : words[state].replace(":count", count).replace(":why", why);
        this.hasSent = true;
        return told;
    },
};

/** Whether a key is meant for a form control that has the focus, or comes with another one. */
export function isForOthers({ ctrlKey, metaKey, altKey, repeat, target }) {
    return ctrlKey || metaKey || altKey || repeat || Boolean(target.closest("select, input"));
}
