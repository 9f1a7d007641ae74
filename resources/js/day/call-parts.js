import { unlock } from "../tone.js";
import { sound } from "./calls.js";

/** A call that is later than this is told, not sounded: it would be taken for the next one. */
const LATE_MS = 2000;
const CALL_MS = 6000;

/** What is called: sounded, spoken, and standing there to be read. */
export const callParts = {
    missed: "",
    heard: "all",
    callWords: "",
    isSilent: false,
    volumeWords: "",

    /** A stop or a cloud was called, here or elsewhere, or taken back. */
    announceColumn(column, state) {
        const kind = column === "stop" ? "stop" : this.shown === "may_come_off" ? "back_on" : "line";
        if (this.column !== undefined) sound(kind, this.words.states[state].name);
        this.column = column;
        this.callWords = "";
    },

    /** Totality ended for this screen although its call did not come, because its clock has grown less sure: it is called now. */
    announceEnd(come, at, state) {
        const hasEnded = this.shown === "may_come_off" && state !== this.shown;
        if (!hasEnded || come.some(({ id }) => id === "back_on")) return;
        this.call({ id: "back_on", call: this.words.backOn, isFilters: true, from: at }, at);
    },

    /** What has come since the last look. Of several at once, as after a sleep, only what holds now is sounded. */
    announce(come, at, state) {
        // Where all is stopped nobody is called to look.
        const called = this.column === "stop" ? [] : come.filter(({ call }) => call);
        const isLate = (line) => (at - line.from) / this.speed() > LATE_MS;
        const late = called.filter(isLate);
        called.filter((line) => !isLate(line)).forEach((line) => this.call(line, at));
        if (late.length === 0) return;
        this.missed = this.words.missed.replace(":calls", late.map(({ name, time }) => `${time} ${name}`).join(" · "));
        const id = this.shown === "may_come_off" && state !== this.shown ? "back_on" : "line";
        this.call({ id, call: this.words.states[state].name, isFilters: true, from: at }, at);
    },

    /** Never only sound: it stands there to be read, and to be called by a person. */
    showCall(words) {
        clearTimeout(this.calling);
        this.callWords = words;
        this.calling = setTimeout(() => (this.callWords = ""), CALL_MS);
    },

    call(line, at) {
        this.$dispatch("called", { id: line.id, from: line.from, at });
        this.showCall(line.call);
        if (this.heard === "none" || (this.heard === "filters" && !line.isFilters)) return;
        this.isHeard = sound(line.isFilters ? line.id : "line", line.call);
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

    tryVolume() {
        this.isHeard = sound("back_on", this.words.volume);
        this.volumeWords = this.isHeard ? this.words.heard : this.words.notHeard;
    },
};
