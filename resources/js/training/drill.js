import { exerciseParts, isForOthers } from "./exercise.js";

const SVG_Y_DOWN = -1;

/** The last minutes before and after totality, played as fast as is wanted: somebody calls filters off and on. */
export function trainingDrill() {
    return {
        ...exerciseParts,
        clock: "",
        state: "",
        told: [],
        isBefore: true,
        isRunning: false,
        isOver: false,
        isOffCalled: false,
        isOnCalled: true,

        async init() {
            const ready = this.setUp();
            this.again();
            await ready;
        },

        again() {
            Object.assign(this, {
                isBefore: true,
                isRunning: false,
                isOver: false,
                isOffCalled: false,
                isOnCalled: true,
            });
            Object.assign(this, { off: null, on: null, told: [] });
            this.draw(0);
        },

        begin({ timeStamp }) {
            this.speed = Number(this.$refs.speed.value);
            this.isBefore = false;
            this.isRunning = true;
            this.from = timeStamp;
            this.tick();
        },

        /** Milliseconds of the played time at a moment of the steady clock: what a late drawing shows does not count. */
        played(at) {
            return (at - this.from) * this.speed;
        },

        tick() {
            if (!this.isRunning) return;
            const second = this.played(performance.now()) / 1000;
            this.draw(Math.floor(second));
            if (second >= this.data.samples.length - 1) this.end();
            else requestAnimationFrame(() => this.tick());
        },

        draw(second) {
            const { x, y, r, o, t } = this.data.samples[Math.min(second, this.data.samples.length - 1)];
            const { moon, corona, sky, state } = this.$refs;
            Object.entries({ cx: x, cy: SVG_Y_DOWN * y, r }).forEach(([key, value]) => moon.setAttribute(key, value));
            corona.setAttribute("visibility", o >= 1 ? "visible" : "hidden");
            sky.setAttribute("opacity", o >= 1 ? 1 : o * o * 0.9);
            this.clock = t;
            this.state = this.isOffCalled && !this.isOnCalled ? state.dataset.off : state.dataset.on;
        },

        press(event) {
            if (isForOthers(event) || !this.isRunning) return;
            if (event.key === "1") this.callOff(event);
            else if (event.key === "2") this.callOn(event);
        },

        /** When the finger came down, not when the page had time for it. */
        callOff({ timeStamp }) {
            if (this.isOffCalled) return;
            this.off = Math.round(this.data.begin + this.played(timeStamp));
            this.isOffCalled = true;
            this.isOnCalled = false;
        },

        callOn({ timeStamp }) {
            if (this.isOnCalled) return;
            this.on = Math.round(this.data.begin + this.played(timeStamp));
            this.isOnCalled = true;
        },

        async end() {
            this.isRunning = false;
            this.isOver = true;
            const { freeFrom, freeTo } = this.data;
            const given = { free_from: freeFrom, free_to: freeTo, off: this.off, on: this.on, speed: this.speed };
            this.told = await this.result({ exercise: "drill", given });
        },
    };
}
