import { afterPause, latestOfMany, pageData, showFaults } from "../page.js";
import { logPlace, logValue, rounded } from "./scale.js";
import { allButMoon } from "./bite.js";
import { latestPicture } from "./picture.js";
import { undoable } from "../steps.js";

const NUDGE = 1.03;
const STEPS = 1000;

/** A viewer being designed: form, drawing, curve and picture follow one another; the server computes all of it. */
export function bench() {
    return {
        ...undoable(),
        index: 0,
        samples: [],

        init() {
            this.samples = pageData("screen-samples");
            this.$refs.time.max = this.samples.length - 1;
            const { begin, end } = document.querySelector(".ribbon").dataset;
            Object.assign(this, { begin: Number(begin), end: Number(end) });
            this.ask = latestOfMany();
            this.later = afterPause(120, () => this.preview());
            this.show = latestPicture(({ src }) => {
                this.$refs.large.src = src;
                this.$refs.true.firstElementChild.setAttribute("href", src);
            });
            this.field("build")
                .form.querySelectorAll("[data-of]")
                .forEach((slider) => this.place(slider));
            this.followRibbon();
            this.keep();
            this.at(Number(this.$refs.time.dataset.begin));
        },

        field(name) {
            return this.$refs.form.elements[name];
        },

        now() {
            const skipped = ["_token", "_method", "uuid", "version", "name"];
            return Object.fromEntries([...new FormData(this.$refs.form)].filter(([name]) => !skipped.includes(name)));
        },

        /** A length was typed or its slider moved: the other of the two follows. */
        changed(event) {
            const { of, least, most } = event.target.dataset;
            if (of) this.field(of).value = rounded(logValue(event.target.value / STEPS, Number(least), Number(most)));
            else this.placeFor(event.target.name);
            this.later();
        },

        placeFor(name) {
            const slider = this.$refs.form.querySelector(`[data-of="${name}"]`);
            if (slider) this.place(slider);
        },

        place(slider) {
            const mm = Number(this.field(slider.dataset.of).value.replace(",", "."));
            const { least, most } = slider.dataset;
            if (mm > 0) slider.value = STEPS * logPlace(mm, Number(least), Number(most));
            slider.setAttribute("aria-valuetext", `${this.field(slider.dataset.of).value} mm`);
        },

        set(name, value) {
            this.field(name).value = value;
            this.placeFor(name);
        },

        async preview() {
            const { piece, errors, isStale } = await this.ask(this.$root.dataset.preview, this.now());
            if (isStale) return;
            showFaults(this.$refs.form, errors ?? {});
            this.$refs.refused.hidden = piece !== null;
            if (piece === null) return;
            this.replace(piece);
            this.look();
            if (!this.held) this.keep();
        },

        put(fields) {
            Object.entries(fields).forEach(([name, value]) => this.set(name, value));
            this.field("outline")?.dispatchEvent(new Event("change"));
            this.preview();
        },

        /** Puts the bench anew; what a hand holds stays as it is, and the focus where it was. */
        replace(piece) {
            const held = document.activeElement?.closest(".handle");
            const mark = held && (held.dataset.drags ?? "slides");
            const drawing = this.held?.drawing;
            this.$refs.bench.innerHTML = piece;
            if (drawing) this.$refs.bench.querySelector(".side-view").replaceWith(drawing);
            if (mark) this.$refs.bench.querySelector(mark === "slides" ? "[data-slides]" : "[data-drags]").focus();
            const mm = this.$refs.bench.firstElementChild.dataset.frame;
            this.$refs.true.setAttribute("width", `${mm}mm`);
            this.$refs.true.setAttribute("height", `${mm}mm`);
        },

        /** Takes over what a row or a moment offers. */
        take(event) {
            const button = event.target.closest("[data-take], [data-second]");
            if (!button) return;
            if (button.dataset.second) return this.at(Number(button.dataset.second));
            this.keep();
            Object.entries(JSON.parse(button.dataset.take)).forEach(([name, value]) => this.set(name, value));
            this.preview();
        },

        opening() {
            return this.field("hole_mm") ? "hole_mm" : "aperture_mm";
        },

        grab(event) {
            const handle = event.target.closest(".handle");
            if (!handle) return;
            event.preventDefault();
            this.keep();
            handle.focus();
            const svg = handle.ownerSVGElement;
            this.$root.setPointerCapture(event.pointerId);
            const isScreen = Boolean(handle.dataset.drags);
            this.held = {
                from: event.clientX,
                pxPerUnit: svg.getScreenCTM().a,
                mm: Number(this.field(isScreen ? "distance_mm" : this.opening()).value.replace(",", ".")),
                drawing: isScreen ? svg : null,
                handle,
                at: handle.transform.baseVal[0].matrix.e,
                data: { ...svg.dataset },
            };
        },

        drag(event) {
            if (!this.held) return;
            const { from, pxPerUnit, mm, drawing, handle, at, data } = this.held;
            const moved = (event.clientX - from) / pxPerUnit;
            if (drawing) {
                handle.setAttribute("transform", `translate(${at + moved} 0)`);
                this.set("distance_mm", rounded(Math.max(10, mm + moved / Number(data.pxPerMm))));
            } else {
                const [least, most, width] = [data.least, data.most, data.width].map(Number);
                this.set(this.opening(), rounded(logValue((at + moved) / width, least, most)));
            }
            this.preview();
        },

        drop() {
            if (!this.held) return;
            this.held = null;
            this.preview();
        },

        /** The handles by keys. */
        nudge(event) {
            const handle = event.target.closest?.(".handle");
            const way = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
            if (!handle || !way) return;
            event.preventDefault();
            const name = handle.dataset.drags ?? this.opening();
            this.set(name, rounded(Number(this.field(name).value.replace(",", ".")) * NUDGE ** way));
            this.later();
        },

        move() {
            this.index = Number(this.$refs.time.value);
            this.look();
        },

        /** Goes to the sample nearest to a second. */
        at(second) {
            const off = this.samples.map(({ s }) => Math.abs(s - second));
            this.index = off.indexOf(Math.min(...off));
            this.$refs.time.value = this.index;
            this.look();
        },

        /** A finger on the ribbon chooses the time. */
        followRibbon() {
            const ribbon = document.querySelector(".ribbon svg");
            const choose = (event) => {
                if (!event.buttons) return;
                const { left, width } = ribbon.getBoundingClientRect();
                this.at(this.begin + ((event.clientX - left) / width) * (this.end - this.begin));
            };
            ribbon.addEventListener("pointerdown", choose);
            ribbon.addEventListener("pointermove", choose);
        },

        look() {
            const { s, x, y, r } = this.samples[this.index];
            this.$root.querySelectorAll(".pattern-moon").forEach((moon) => {
                const { flipX, flipY } = moon.dataset;
                // The picture's y runs downwards.
                moon.setAttribute("d", allButMoon(flipX * x, -flipY * y, r));
            });
            const percent = `${((s - this.begin) / (this.end - this.begin)) * 100}%`;
            const cursor = document.getElementById("ribbon-cursor");
            Object.entries({ x1: percent, x2: percent, visibility: "visible" }).forEach(([name, value]) =>
                cursor.setAttribute(name, value),
            );
            this.$refs.time.setAttribute("aria-valuetext", `${this.title()}, ${this.covered()}`);
            this.show(
                `${this.$root.dataset.image}?${new URLSearchParams({ ...this.now(), at: s, outline: "", text: "I" })}`,
            );
        },

        title() {
            const { t, n } = this.samples[this.index] ?? {};
            return n ? `${t}  ${n}` : t;
        },

        covered() {
            const { p, o, up } = this.samples[this.index] ?? {};
            const { total, down, covered } = this.$root.dataset;
            return up === false ? down : o >= 1 ? total : covered.replace(":area", p);
        },
    };
}
