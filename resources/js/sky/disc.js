import { pageData } from "../page.js";

const SVG_Y_DOWN = -1;

/** The Sun's disc at the chosen minute. The server computed every sample; here they are only shown. */
export function skyDisc() {
    return {
        samples: [],
        index: 0,
        upWords: "",

        init() {
            const data = pageData("disc-samples");
            this.samples = data.samples;
            this.index = data.best;
            this.begin = data.begin;
            this.end = data.end;
            this.upWords = document.querySelector("#disc-view option").dataset.up;
            this.$watch("index", () => this.draw());
            this.draw();
        },

        move() {
            this.index = Number(this.$refs.slider.value);
        },

        /** Jumps to a contact by its name, which the button carries. */
        jump(event) {
            const name = event.currentTarget.dataset.contact;
            this.index = this.samples.findIndex((s) => s.n === name);
            this.$refs.slider.value = this.index;
        },

        /** Shows the discs as a mirror or a hole turns them. */
        turn(event) {
            const choice = event.target.selectedOptions[0];
            this.$refs.view.setAttribute("transform", `scale(${choice.value})`);
            this.upWords = choice.dataset.up;
        },

        up() {
            return this.upWords;
        },

        draw() {
            const s = this.samples[this.index];
            const set = (ref, attributes) =>
                Object.entries(attributes).forEach(([name, value]) => this.$refs[ref].setAttribute(name, value));
            set("moon", { cx: s.x, cy: SVG_Y_DOWN * s.y, r: s.r });
            set("shade", { opacity: s.o });
            set("corona", { visibility: s.o >= 1 ? "visible" : "hidden" });
            this.$refs.slider.setAttribute("aria-valuetext", this.reading());
            const cursor = document.getElementById("ribbon-cursor");
            const percent = `${((s.s - this.begin) / (this.end - this.begin)) * 100}%`;
            cursor.setAttribute("x1", percent);
            cursor.setAttribute("x2", percent);
            cursor.setAttribute("visibility", "visible");
        },

        current() {
            return this.samples[this.index];
        },

        title() {
            const s = this.current();
            return s.n ? `${s.t}  ${s.n}` : s.t;
        },

        covered() {
            const s = this.current();
            return this.$root.dataset.covered.replace(":area", s.p).replace(":diameter", s.d);
        },

        place() {
            const s = this.current();
            // The disc stands on the horizon while its middle is a little below.
            const words = s.low ? this.$root.dataset.rim : this.$root.dataset.place;
            return s.up
                ? words.replace(":alt", s.alt).replace(":az", s.az).replace(":compass", s.c)
                : this.$root.dataset.down;
        },

        /** The server judged every sample. */
        filters() {
            return this.current().f ? this.$root.dataset.off : this.$root.dataset.on;
        },

        reading() {
            return `${this.title()}, ${this.covered()}, ${this.place()}, ${this.filters()}`;
        },
    };
}
