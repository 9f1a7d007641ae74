import { unlock } from "../tone.js";
import { caller } from "./calls.js";
import { DayMachine } from "./machine.js";

const CALL_MS = 6000;

/** What is called: sounded, spoken, and standing there to be read. */
export const callParts = {
    missed: "",
    heard: "all",
    callWords: "",
    isSilent: false,
    volumeWords: "",

    setUpCalls() {
        this.caller = caller();
        this.machine = new DayMachine({
            caller: this.caller,
            words: this.words,
            speed: () => this.speed(),
            hears: (line) => this.heard === "all" || (this.heard === "filters" && Boolean(line.isFilters)),
            shows: (line, at) => this.showCall(line, at),
            forgets: () => this.forgetCall(),
            misses: (words) => (this.missed = words),
        });
    },

    /** Never only sound: it stands there to be read, and to be called by a person. */
    showCall(line, at) {
        this.$dispatch("called", { id: line.id, from: line.from, at });
        clearTimeout(this.calling);
        this.callWords = line.call;
        this.calling = setTimeout(() => (this.callWords = ""), CALL_MS);
    },

    /** What is called stands there no longer than it holds. */
    forgetCall() {
        clearTimeout(this.calling);
        this.callWords = "";
    },

    /** Calls about filters are not silenced without asking. */
    hearWhat(event) {
        const wanted = event.target.value;
        if (wanted !== "none" || window.confirm(this.words.muteAll)) this.heard = wanted;
        else event.target.value = this.heard;
    },

    /** No browser sounds before something was pressed. */
    wakeSound() {
        this.isSilent = !navigator.userActivation?.hasBeenActive;
        const wake = async () => (this.isSilent = !(await unlock()));
        // When the press is over: the line about it goes, and what is below must not move from under a finger.
        ["click", "keydown"].forEach((press) => window.addEventListener(press, wake, { once: true }));
    },

    /** No call: whatever is to be called meanwhile cuts it off. */
    tryVolume() {
        const isHeard = this.caller.call({ kind: "try", words: this.words.volume });
        this.volumeWords = isHeard ? this.words.heard : this.words.notHeard;
    },
};
