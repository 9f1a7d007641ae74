import { get } from "../send.js";
import { isToTheSecond, momentOf } from "./table.js";

const ROUND_TRIPS = 6;
const BETWEEN_MS = 60000;
const KEEP_MS = 10000;
/** Past this the screen says so beside the time; the times for filters are drawn in by it in any case. */
const DOUBTFUL_S = 1;

/** The clock of the day's screen: compared with the server, or with a time that somebody types; what is wrong with it is said. */
export const clockParts = {
    clockWords: "",
    offsetWords: "",
    isDoubtful: true,
    isDrawnIn: false,
    isRestored: false,
    hasJumped: false,
    jumpWords: "",
    isApart: false,
    typed: "",

    async setUpClock() {
        this.clock.restore(await this.log.kept("clock"));
        this.keptAt = 0;
        const again = async () => {
            await this.compareClock();
            setTimeout(again, BETWEEN_MS);
        };
        again();
        window.addEventListener("online", () => this.compareClock());
    },

    async compareClock() {
        for (let i = 0; i < ROUND_TRIPS; i++) {
            const sent = performance.now();
            const { status, body } = await get(this.$root.dataset.time);
            if (status !== 200) return;
            this.clock.compare(sent, performance.now(), body.ms);
        }
        this.keepClock();
    },

    /** Once a tick. Whether the page was seen and kept awake since the last look is what tells a sleep from a clock that was set. */
    watchClock() {
        const isAwake = document.visibilityState === "visible" && this.lock?.released === false;
        const jump = this.clock.watch(isAwake && this.wasAwake);
        this.wasAwake = isAwake;
        if (jump !== 0) {
            this.jumpWords = this.words.jumped.replace(":seconds", (jump / 1000).toFixed(1).replace("-", "−"));
            this.compareClock();
        }
        this.hasJumped = this.clock.jump !== null;
        if (performance.now() - this.keptAt > KEEP_MS && this.clock.isCompared()) this.keepClock();
    },

    /** For this page when it is loaded again without a network. */
    keepClock() {
        this.keptAt = performance.now();
        this.log.keep("clock", this.clock.kept());
    },

    showClock() {
        const uncertainty = this.clock.uncertaintyS();
        this.isDoubtful = !(uncertainty <= DOUBTFUL_S);
        this.isDrawnIn = this.isDoubtful && this.clock.isCompared();
        this.isRestored = this.clock.restored !== null;
        this.isApart = this.clock.typedApartS > 0;
        const w = this.words;
        if (!this.clock.isCompared()) this.clockWords = w.notCompared;
        else {
            const minutes = Math.floor(this.clock.sinceS() / 60);
            this.clockWords = (minutes < 1 ? w.comparedNow : w.compared)
                .replace(":minutes", minutes)
                .replace(":uncertainty", uncertainty < 0.1 ? "0.1" : (Math.ceil(10 * uncertainty) / 10).toFixed(1));
            this.offsetWords = w.offset.replace(":offset", signed(-this.clock.offsetMs() / 1000));
        }
    },

    /** The time that was typed is taken while the button is pressed. */
    typeTime(event) {
        event.preventDefault();
        const now = this.clock.now();
        const ms = momentOf(this.offsets, this.$refs.typed.value, now);
        if (ms === null) {
            this.typed = this.words.notATime;
            return;
        }
        const hasSeconds = isToTheSecond(this.$refs.typed.value);
        const worthS = this.$refs.worth.value === "" ? Infinity : Number(this.$refs.worth.value);
        const wasCompared = this.clock.isCompared();
        this.clock.type(ms, { hasSeconds, worthS });
        const apart = this.words.typedApart.replace(":seconds", signed((ms - now) / 1000));
        this.typed = !hasSeconds
            ? this.words.typedMinute
            : wasCompared || Number.isFinite(worthS)
              ? apart
              : this.words.typedUnknown;
        this.refresh();
    },

    forgetTyped() {
        this.clock.forgetTyped();
        this.typed = "";
        this.refresh();
    },

    wasNotSet() {
        this.clock.trust();
        this.refresh();
    },

    hasSlept() {
        this.clock.settle(true);
        this.refresh();
    },

    wasSet() {
        this.clock.settle(false);
        this.refresh();
    },
};

function signed(seconds) {
    return `${seconds < 0 ? "−" : "+"}${Math.abs(seconds).toFixed(1)}`;
}
