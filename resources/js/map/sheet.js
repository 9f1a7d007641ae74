import { cross } from "./outlines.js";

const WORLD = { x: -180, y: -90, width: 360, height: 180 };
const CLOSEST_DEG = 4;
/** Below this width in degrees finer outlines are worth it. */
const FINE_BELOW_DEG = 120;
const TAP_PX = 5;
const CROSS_PX = 9;

/** A world map in plain longitude and latitude that is moved and zoomed by mouse, touch and keys, and asked by a tap. */
export function mapSheet() {
    return {
        box: { ...WORLD },
        held: null,
        isFine: false,

        /** Puts the window on the sheet and what keeps its size on the screen. */
        show() {
            const { x, y, width, height } = this.box;
            this.$refs.sheet.setAttribute("viewBox", `${x} ${y} ${width} ${height}`);
            const degreesPerPx = width / this.$refs.sheet.clientWidth;
            const arm = CROSS_PX * degreesPerPx;
            if (this.here) this.$refs.site.setAttribute("d", cross(this.here.lon, -this.here.lat, arm));
            if (this.asked) this.$refs.point.setAttribute("d", cross(this.asked.lon, -this.asked.lat, arm));
            this.label(degreesPerPx);
            if (!this.isFine && width < FINE_BELOW_DEG) {
                this.isFine = true;
                this.fine();
            }
        },

        /** What is written on the map; nothing by default. */
        label() {},

        /** It shows so little of the world that finer outlines are worth it; told once. */
        fine() {},

        zoom(factor, about = this.middle()) {
            const width = Math.min(WORLD.width, Math.max(CLOSEST_DEG, this.box.width * factor));
            const scale = width / this.box.width;
            this.place(about.x - (about.x - this.box.x) * scale, about.y - (about.y - this.box.y) * scale, width);
        },

        place(x, y, width) {
            const height = width / 2;
            this.box = {
                x: Math.min(180 - width, Math.max(-180, x)),
                y: Math.min(90 - height, Math.max(-90, y)),
                width,
                height,
            };
            this.show();
        },

        middle() {
            return { x: this.box.x + this.box.width / 2, y: this.box.y + this.box.height / 2 };
        },

        at(event) {
            const frame = this.$refs.sheet.getBoundingClientRect();
            return {
                x: this.box.x + ((event.clientX - frame.left) / frame.width) * this.box.width,
                y: this.box.y + ((event.clientY - frame.top) / frame.height) * this.box.height,
            };
        },

        closer() {
            this.zoom(0.5);
        },

        farther() {
            this.zoom(2);
        },

        whole() {
            this.place(WORLD.x, WORLD.y, WORLD.width);
        },

        site() {
            this.around(30);
        },

        around(width) {
            this.place(this.here.lon - width / 2, -this.here.lat - width / 4, width);
        },

        wheel(event) {
            this.zoom(event.deltaY > 0 ? 1.25 : 0.8, this.at(event));
        },

        grab(event) {
            this.held = { clientX: event.clientX, clientY: event.clientY, box: { ...this.box }, moved: false };
            this.$refs.sheet.setPointerCapture(event.pointerId);
        },

        drag(event) {
            if (!this.held) return;
            const frame = this.$refs.sheet.getBoundingClientRect();
            const dx = event.clientX - this.held.clientX;
            const dy = event.clientY - this.held.clientY;
            if (Math.hypot(dx, dy) < TAP_PX && !this.held.moved) return;
            this.held.moved = true;
            const { x, y, width, height } = this.held.box;
            this.place(x - (dx / frame.width) * width, y - (dy / frame.height) * height, width);
        },

        drop(event) {
            const tapped = this.held && !this.held.moved && event.type === "pointerup";
            this.held = null;
            if (tapped) this.ask(this.at(event));
        },

        key(event) {
            const step = this.box.width / 10;
            const moves = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] };
            if (moves[event.key]) {
                const [dx, dy] = moves[event.key];
                this.place(this.box.x + dx, this.box.y + dy, this.box.width);
            } else if (event.key === "+") this.zoom(0.5);
            else if (event.key === "-") this.zoom(2);
            else if (event.key === "Enter") this.ask(this.middle());
            else return;
            event.preventDefault();
        },
    };
}
