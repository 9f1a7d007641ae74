import { panZoom } from "../../panzoom.js";
import { metres, middleOf, niceLength, set, shiftInto } from "./shapes.js";

const LETTER_PX = 13;
const BAR_PX = 110;
const CLOSEST_M = 8;
const FARTHEST_M = 4000;

/** Labels, those that matter most first. */
const LABELS = [
    ".is-chosen > text",
    ".plan-fan text.is-main",
    ".is-point > text",
    ".is-area > text, .is-line > text",
    ".plan-fan text",
    ".is-round > text",
];
const LABEL_OVERLAP = 0.25;

/** The window on the plan, what is drawn in it, and the rows of numbers behind it. */
export function drawing() {
    return {
        ...panZoom({ least: CLOSEST_M, most: FARTHEST_M, step: 1.4 }),

        canvas() {
            return this.part("plan");
        },

        part(name) {
            return this.piece.querySelector(`[data-part="${name}"]`);
        },

        /** The part of the page has just come from the server. */
        fresh() {
            const { x, y, width, height } = this.part("plan").viewBox.baseVal;
            this.home = { x, y, width, height };
            this.box ??= { ...this.home };
            this.show();
            this.handles();
            if (this.drawing) this.sketch(this.cross);
            this.faceSun();
        },

        /** Where the panorama is wider than the screen, its middle is shown, around the Sun's way. */
        faceSun() {
            const view = this.part("view").querySelector(".panorama .scrolls");
            view.scrollLeft = (view.scrollWidth - view.clientWidth) / 2;
        },

        show() {
            const { x, y, width, height } = this.box;
            const plan = this.part("plan");
            plan.setAttribute("viewBox", `${x} ${y} ${width} ${height}`);
            const perPx = this.perPx();
            this.part("drawn").setAttribute("font-size", LETTER_PX * perPx);
            const barM = niceLength(BAR_PX * perPx);
            set(this.part("scale"), { viewBox: `0 0 ${plan.clientWidth * perPx} 1` });
            set(this.part("bar"), { width: barM });
            this.part("barWords").textContent = `${barM} m`;
            this.uncrowd();
        },

        /** Labels are held within the plan; of those that lie on each other at this size the one that matters less is left out. */
        uncrowd() {
            const labels = new Set(LABELS.flatMap((which) => [...this.part("drawn").querySelectorAll(which)]));
            labels.forEach((label) => label.removeAttribute("dx"));
            // All are measured before one is changed, so that the browser lays them out once.
            const frame = this.part("plan").getBoundingClientRect();
            const boxes = [...labels].map((label) => [label, label.getBoundingClientRect()]);
            const taken = [];
            boxes.forEach(([label, { left, right, top, bottom, height }]) => {
                const shift = shiftInto({ left, right }, frame);
                if (shift !== 0) set(label, { dx: shift * this.perPx() });
                const box = { left: left + shift, right: right + shift, top, bottom, height };
                const isFree = taken.every(
                    (other) =>
                        box.right < other.left ||
                        box.left > other.right ||
                        box.bottom - other.top < LABEL_OVERLAP * box.height ||
                        other.bottom - box.top < LABEL_OVERLAP * box.height,
                );
                label.classList.toggle("is-crowded", !isFree);
                if (isFree) taken.push(box);
            });
        },

        whole() {
            this.moveTo({ ...this.home });
        },

        /** What the server says of a kind of thing: how many points it may have, whether it is an opening. */
        kindOf(index) {
            const { kind } = this.thing(index).dataset;
            return this.part("kind").querySelector(`[value="${kind}"]`).dataset;
        },

        // The rows of numbers are the plan.

        row(index) {
            return this.part("numbers").querySelector(`[data-row="${index}"]`);
        },

        input(index, field) {
            return this.row(index).querySelector(`[data-field="${field}"]`);
        },

        /** The empty row at the end, with another behind it for what is drawn before the server answers. */
        lastRow() {
            const row = [...this.part("numbers").querySelectorAll("[data-row]")].at(-1);
            const index = Number(row.dataset.row);
            const next = row.cloneNode(true);
            next.dataset.row = index + 1;
            next.querySelectorAll("[data-field]").forEach((field) => {
                field.id = `things.${index + 1}.${field.dataset.field}`;
            });
            row.after(next);
            return index;
        },

        points(index) {
            return this.input(index, "points")
                .value.split(";")
                .filter((pair) => pair.trim() !== "")
                .map((pair) => pair.trim().split(/\s+/).map(Number))
                .map(([east, north]) => ({ x: east, y: -north }));
        },

        write(index, points) {
            this.touched = true;
            this.input(index, "points").value = points.map(({ x, y }) => `${metres(x)} ${metres(-y)}`).join("; ");
        },

        thing(index) {
            return this.part("plan").querySelector(`.plan-thing[data-index="${index}"]`);
        },

        /** Draws a thing where it is dragged to; the server draws it anew afterwards. */
        redraw(index, points) {
            const group = this.thing(index);
            const drawn = group.querySelector("polygon, polyline, circle");
            const middle = middleOf(points);
            if (drawn.tagName === "circle") set(drawn, { cx: points[0].x, cy: points[0].y });
            else drawn.setAttribute("points", points.map(({ x, y }) => `${x},${y}`).join(" "));
            set(group.querySelector("text"), middle);
            if (group.dataset.shape === "point") {
                this.part("fan").setAttribute("transform", `translate(${points[0].x} ${points[0].y})`);
                this.viewFrom(group.dataset.name, points[0]);
            }
        },
    };
}
