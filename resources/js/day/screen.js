import { pageData } from "../page.js";
import { newUuid } from "../send.js";
import { callParts } from "./call-parts.js";
import { DayClock } from "./clock.js";
import { clockParts } from "./clock-parts.js";
import { crewParts } from "./crew.js";
import { DayLog } from "./log.js";
import { lookParts } from "./look.js";
import { offlineParts } from "./offline.js";
import { rehearsalParts } from "./rehearsal.js";
import { clockTime, countdown, isOn, isSampled, offsetAt, sampleAt, tableFor } from "./table.js";
import { sharedParts } from "./shared.js";

const TICK_MS = 100;
const FOLLOWING = 3;
/** A newer plan is taken over where no cue has begun or begins within so long, and filters are on. */
const BETWEEN_MS = 5000;
const SVG_Y_DOWN = -1;
const REHEARSED_BEFORE_MS = 30 * 60000;

/** The day's screen: it ticks through what the server worked out, by a clock that was compared with it, with or without a network. */
export function day() {
    return {
        ...callParts,
        ...clockParts,
        ...crewParts,
        ...lookParts,
        ...offlineParts,
        ...rehearsalParts,
        ...sharedParts,
        state: "before",
        time: "",
        zone: "",
        hasDisc: true,
        count: "",
        next: { name: "", time: "", who: "", where: "", call: "" },
        following: [],
        running: [],
        awakeWords: "",

        async init() {
            const { pack, words, offsets, keep, event, maker, url } = pageData("day-data");
            Object.assign(this, { pack, words, offsets, keep });
            const { begin, end } = document.querySelector(".ribbon").dataset;
            this.axis = { begin: 1000 * begin, end: 1000 * end };
            this.clock = new DayClock();
            this.log = new DayLog({ event, maker, url });
            this.setUpCalls();
            this.setUpLook();
            this.setUpCrew();
            await this.setUpClock();
            await this.setUpShared();
            await this.setUpRehearsal();
            this.machine.startOver(this.played());
            this.tick();
            this.stayAwake();
            this.wakeSound();
            this.setUpOffline();
        },

        /** The moment of the day that is shown. */
        played() {
            return this.rehearsal ? this.playedNow() : this.clock.now();
        },

        /** Nobody rehearses while the eclipse lasts, or shortly before. */
        isEclipse() {
            return isOn(this.table, this.clock.now(), REHEARSED_BEFORE_MS);
        },

        speed() {
            return this.rehearsal ? this.rehearsal.speed : 1;
        },

        tick() {
            clearTimeout(this.timer);
            this.watchClock();
            this.table = tableFor(this.pack.tables, this.clock.uncertaintyS());
            if (this.rehearsal && this.isEclipse()) this.breakOff(this.words.noRehearsal);
            const at = this.played();
            const { state, lines, isNew } = this.machine.step({
                table: this.table,
                lines: this.pack.lines,
                calls: this.callsUpTo(at),
                at,
            });
            this.column = this.machine.column;
            this.takeOver(state !== "may_come_off" && lines.every(({ from }) => Math.abs(from - at) > BETWEEN_MS));
            // A battery lasts the day: what changes by the second is shown by the second.
            const second = Math.floor(at / 1000);
            if (isNew || second !== this.second) this.show(at, state, lines);
            this.second = second;
            const next = lines.find(({ from }) => from > at);
            const turn = this.table.spans.find(({ to }) => to !== null && to > at)?.to ?? Infinity;
            const wait = (Math.min(next?.from ?? Infinity, turn) - at) / this.speed();
            this.timer = setTimeout(() => this.tick(), Math.min(TICK_MS, Math.max(1, wait)));
        },

        /** Something was pressed, or heard: it is seen at once. */
        refresh() {
            this.second = null;
            this.tick();
        },

        show(at, state, lines) {
            const coming = lines.filter(({ from }) => from > at);
            // With filters off what counts is how long until they are on.
            const next = (state === "may_come_off" && coming.find(({ isFilters }) => isFilters)) || coming[0];
            this.state = state;
            this.time = clockTime(this.offsets, at);
            this.zone = offsetAt(this.offsets, at).zone;
            this.hasDisc = isSampled(this.pack.samples, at);
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

        stateName() {
            return this.words.states[this.state].name;
        },

        stateDo() {
            return this.words.states[this.state].todo;
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
        async write(kind, { about = null, text = null, observed = null, value = null } = {}) {
            const uncertainty = this.clock.uncertaintyS();
            const entry = {
                uuid: newUuid(),
                kind,
                about,
                text,
                observed,
                value,
                made: Math.round(this.madeNow()),
                offset_ms: Math.round(this.clock.offsetMs()),
                uncertainty_ms: Number.isFinite(uncertainty) ? Math.round(1000 * uncertainty) : null,
                rehearsal: this.rehearsal?.uuid ?? null,
            };
            // It holds at once, whatever the device and the network do.
            this.take([{ ...entry, who: this.words.you }]);
            this.refresh();
            await this.log.add("entry", entry);
            this.exchange();
            return entry;
        },
    };
}
