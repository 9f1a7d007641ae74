import { pageData } from "../page.js";
import { newUuid } from "../send.js";
import { sound } from "./calls.js";
import { DayClock } from "./clock.js";
import { clockParts } from "./clock-parts.js";
import { crewParts } from "./crew.js";
import { DayLog } from "./log.js";
import { lookParts } from "./look.js";
import { offlineParts } from "./offline.js";
import { rehearsalParts } from "./rehearsal.js";
import { between, clockTime, columnAt, countdown, linesOf, sampleAt, stateAt, tableFor } from "./table.js";
import { sharedParts } from "./shared.js";
import { unlock } from "../tone.js";

const TICK_MS = 100;
/** A call that is later than this is told, not sounded: it would be taken for the next one. */
const LATE_MS = 2000;
const FOLLOWING = 3;
/** A newer plan is taken over where no cue runs and none comes for so long. */
const BETWEEN_MS = 5000;
const SVG_Y_DOWN = -1;
const CALL_MS = 6000;

/** The day's screen: it ticks through what the server worked out, by a clock that was compared with it, with or without a network. */
export function day() {
    return {
        ...clockParts,
        ...crewParts,
        ...lookParts,
        ...offlineParts,
        ...rehearsalParts,
        ...sharedParts,
        state: "before",
        time: "",
        count: "",
        next: { name: "", time: "", who: "", where: "", call: "" },
        following: [],
        running: [],
        missed: "",
        heard: "all",
        callWords: "",
        isSilent: false,
        volumeWords: "",
        awakeWords: "",

        async init() {
            const { pack, words, offsets, keep, event, maker, url } = pageData("day-data");
            Object.assign(this, { pack, words, offsets, keep });
            const { begin, end } = document.querySelector(".ribbon").dataset;
            this.axis = { begin: 1000 * begin, end: 1000 * end };
            this.clock = new DayClock();
            this.log = new DayLog({ event, maker, url });
            this.setUpLook();
            this.setUpCrew();
            await this.setUpClock();
            await this.setUpShared();
            await this.setUpRehearsal();
            this.last = this.played();
            this.tick();
            this.stayAwake();
            this.wakeSound();
            this.setUpOffline();
        },

        /** The moment of the day that is shown. */
        played() {
            return this.rehearsal ? this.playedNow() : this.clock.now();
        },

        speed() {
            return this.rehearsal ? this.rehearsal.speed : 1;
        },

        tick() {
            clearTimeout(this.timer);
            this.watchClock();
            const at = this.played();
            this.table = tableFor(this.pack.tables, this.clock.uncertaintyS());
            const column = columnAt(this.callsUpTo(at), at);
            const state = stateAt(this.table, at, column);
            const lines = linesOf(this.table, this.pack.lines, column);
            if (column !== this.column) this.announceColumn(column, state);
            this.announce(between(lines, this.last, at), at, state);
            this.takeOver(lines.every(({ from, to }) => to < at || from > at + BETWEEN_MS));
            this.last = at;
            this.show(at, state, lines);
            const next = lines.find(({ from }) => from > at);
            const turn = this.table.spans.find(({ to }) => to !== null && to > at)?.to ?? Infinity;
            const wait = (Math.min(next?.from ?? Infinity, turn) - at) / this.speed();
            this.timer = setTimeout(() => this.tick(), Math.min(TICK_MS, Math.max(1, wait)));
        },

        show(at, state, lines) {
            const coming = lines.filter(({ from }) => from > at);
            // With filters off what counts is how long until they are on.
            const next = (state === "may_come_off" && coming.find(({ isFilters }) => isFilters)) || coming[0];
            this.state = state;
            this.time = clockTime(this.offsets, at);
            this.count = next ? countdown(next.from - at) : "";
            this.next = next ?? { name: this.words.noMore, time: "", who: "", where: "", call: "" };
            this.following = coming.filter((line) => line !== next).slice(0, FOLLOWING);
            this.running = lines.filter(({ from, to }) => from <= at && to > at);
            this.showClock();
            this.showCrew(at);
            this.showLog();
            // For whoever checks it: which moment of the day this is.
            this.$root.dataset.at = String(Math.round(at));
            this.$root.dataset.state = state;
            this.draw(at);
        },

        draw(at) {
            const sample = sampleAt(this.pack.samples, at);
            const set = (ref, attributes) =>
                Object.entries(attributes).forEach(([name, value]) => this.$refs[ref].setAttribute(name, value));
            set("moon", { cx: sample.x, cy: SVG_Y_DOWN * sample.y, r: sample.r });
            set("sun", { opacity: sample.up ? 1 : 0.25 });
            set("corona", { visibility: sample.o >= 1 && sample.up ? "visible" : "hidden" });
            const cursor = document.getElementById("ribbon-cursor");
            const percent = `${(100 * (at - this.axis.begin)) / (this.axis.end - this.axis.begin)}%`;
            cursor.setAttribute("x1", percent);
            cursor.setAttribute("x2", percent);
            const isOn = at >= this.axis.begin && at <= this.axis.end;
            cursor.setAttribute("visibility", isOn ? "visible" : "hidden");
        },

        /** A stop or a cloud was called, here or elsewhere, or taken back. */
        announceColumn(column, state) {
            if (this.column !== undefined) sound(column === "stop" ? "stop" : "line", this.words.states[state].name);
            this.column = column;
            this.callWords = "";
        },

        /** What has come since the last look. Of several at once, as after a sleep, only what holds now is sounded. */
        announce(come, at, state) {
            // Where all is stopped nobody is called to look.
            const called = this.column === "stop" ? [] : come.filter(({ call }) => call);
            const isLate = (line) => (at - line.from) / this.speed() > LATE_MS;
            const late = called.filter(isLate);
            called.filter((line) => !isLate(line)).forEach((line) => this.call(line, at));
            if (late.length === 0) return;
            this.missed = this.words.missed.replace(
                ":calls",
                late.map(({ name, time }) => `${time} ${name}`).join(" · "),
            );
            this.call({ id: "line", call: this.words.states[state].name, isFilters: true, from: at }, at);
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

        stateName() {
            return this.words.states[this.state].name;
        },

        stateDo() {
            return this.words.states[this.state].todo;
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
            ["pointerdown", "keydown"].forEach((press) => window.addEventListener(press, wake, { once: true }));
        },

        tryVolume() {
            this.isHeard = sound("back_on", this.words.volume);
            this.volumeWords = this.isHeard ? this.words.heard : this.words.notHeard;
        },

        async stayAwake() {
            const wake = async () => {
                this.lock = await navigator.wakeLock?.request("screen").catch(() => null);
                this.lock?.addEventListener("release", () => (this.awakeWords = this.words.mayDoze));
                this.awakeWords = this.lock ? "" : this.words.mayDoze;
            };
            await wake();
            document.addEventListener("visibilitychange", () => document.visibilityState === "visible" && wake());
        },

        /** Writes something down: here first, then there. */
        async write(kind, { about = null, text = null } = {}) {
            const uncertainty = this.clock.uncertaintyS();
            const entry = {
                uuid: newUuid(),
                kind,
                about,
                text,
                made: Math.round(this.madeNow()),
                offset_ms: Math.round(this.clock.offsetMs()),
                uncertainty_ms: Number.isFinite(uncertainty) ? Math.round(1000 * uncertainty) : null,
                rehearsal: this.rehearsal?.uuid ?? null,
            };
            await this.log.add("entry", entry);
            this.take([{ ...entry, who: this.words.you }]);
            this.tick();
            this.exchange();
            return entry;
        },
    };
}
