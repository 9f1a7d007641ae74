import { areBackOn, between, columnAt, linesOf, onward, stateAt } from "./table.js";

/** A call that is later than this is told, not sounded: it would be taken for the next one. */
const LATE_MS = 2000;

/**
 * The day from one moment to the next: what holds, what comes, and what is called of it. It looks up and never computes; what is heard and
 * what is shown come from the same state.
 */
export class DayMachine {
    /**
     * @param {{caller: import("./caller.js").Caller, words: {states: object, backOn: string, missed: string}, speed: () => number,
     *          hears: (line: object) => boolean, shows: (line: object, at: number) => void, forgets: () => void, misses: (words: string) => void}} parts
     *          `hears` whether this device sounds such a call at all
     */
    constructor(parts) {
        Object.assign(this, parts);
        this.startOver(0);
    }

    /** What was shown at another moment of the day counts no more. */
    startOver(at) {
        this.last = at;
        this.state = undefined;
        this.wereBackOn = false;
        this.column = undefined;
        this.caller.silence();
    }

    /** @returns {{state: string, lines: object[], isNew: boolean}} */
    step({ table, lines: planned, calls, at }) {
        const column = columnAt(calls, at);
        const state = onward(this.wereBackOn, stateAt(table, at, calls));
        const lines = linesOf(table, planned, column, state);
        const come = between(lines, this.last, at);
        const isNew = column !== this.column || state !== this.state || come.length > 0;
        const [before, wasColumn] = [this.state, this.column];
        Object.assign(this, { state, column, table, at, last: at, wereBackOn: areBackOn(this.wereBackOn, state) });
        this.caller.check();
        // What was called is read no longer than it holds.
        if (column !== wasColumn || (before === "may_come_off" && state !== before)) this.forgets();
        if (column !== wasColumn) this.announceColumn(before, wasColumn);
        else this.announceEnd(before, come);
        this.announce(before, come);
        return { state, lines, isNew };
    }

    /** A stop or a cloud was called, here or elsewhere, or taken back. */
    announceColumn(before, wasColumn) {
        if (wasColumn === undefined) return;
        const permission = this.table.calls.find(({ id }) => id === "may_come_off");
        if (this.state === "may_come_off") this.call({ ...permission, isFilters: true });
        else {
            const kind = this.column === "stop" ? "stop" : before === "may_come_off" ? "back_on" : "line";
            this.sound(kind, this.words.states[this.state].name, this.whileState());
        }
    }

    /** Totality ended for this screen although its call did not come, because its clock has grown less sure: it is called now. */
    announceEnd(before, come) {
        const hasEnded = before === "may_come_off" && this.state !== before;
        if (hasEnded && !come.some(({ id }) => id === "back_on"))
            this.call({ id: "back_on", call: this.words.backOn, isFilters: true, from: this.at });
    }

    /** What has come since the last look. Of several at once, as after a sleep, only what holds now is sounded. */
    announce(before, come) {
        // Where all is stopped nobody is called to look.
        const called = this.column === "stop" ? [] : come.filter(({ call }) => call);
        const isLate = (line) => (this.at - line.from) / this.speed() > LATE_MS;
        const late = called.filter((line) => isLate(line) && line.id !== "may_come_off");
        called.filter((line) => !isLate(line)).forEach((line) => this.call(line));
        if (late.length === 0) return;
        this.misses(this.words.missed.replace(":calls", late.map(({ name, time }) => `${time} ${name}`).join(" · ")));
        // A permission that came late is none.
        if (this.state === "may_come_off") return;
        const id = before === "may_come_off" ? "back_on" : "line";
        this.call({ id, call: this.words.states[this.state].name, isFilters: true, from: this.at });
    }

    call(line) {
        const holds = this.holdsFor(line);
        if (!holds()) return;
        this.shows(line, this.at);
        if (this.hears(line)) this.sound(line.isFilters ? line.id : "line", line.call, holds);
    }

    sound(kind, words, holds) {
        this.isHeard = this.caller.call({ kind, words, speed: this.speed(), holds });
    }

    /** Until when a call may be heard, by what holds when it sounds. */
    holdsFor({ id, isFilters, until, onlyFiltersOff }) {
        if (isFilters && id === "may_come_off") return () => this.state === "may_come_off" && this.at <= until;
        if (isFilters && id === "warning") return () => this.state === "may_come_off";
        if (isFilters && id === "back_on") return () => this.state !== "may_come_off";
        if (onlyFiltersOff) return () => this.state === "may_come_off" && this.isBeforeTheWarning();
        const { column } = this;
        return () => this.column === column;
    }

    isBeforeTheWarning() {
        return this.at < this.table.calls.find(({ id }) => id === "warning")?.from;
    }

    /** As long as what is said is what is shown. */
    whileState() {
        const { state } = this;
        return () => this.state === state;
    }
}
