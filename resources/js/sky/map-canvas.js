import { panZoom } from "../panzoom.js";
import { cross } from "./outlines.js";

const WORLD = { x: -180, y: -90, width: 360, height: 180 };
const CLOSEST_DEG = 4;
/** Below this width in degrees finer outlines are worth it. */
const FINE_BELOW_DEG = 120;
const CROSS_PX = 9;

/** A world map in plain longitude and latitude that is moved and zoomed by mouse, touch and keys, and asked by a tap. */
export function mapCanvas() {
    return {
        ...panZoom({ least: CLOSEST_DEG, most: WORLD.width, step: 2 }),
        box: { ...WORLD },
        isFine: false,

        canvas() {
            return this.$refs.canvas;
        },

        /** Puts the window on the canvas and what keeps its size on the screen. */
        show() {
            const { x, y, width, height } = this.box;
            this.canvas().setAttribute("viewBox", `${x} ${y} ${width} ${height}`);
            const degreesPerPx = this.perPx();
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

        within({ x, y, width }) {
            const height = width / 2;
            return {
                x: Math.min(180 - width, Math.max(-180, x)),
                y: Math.min(90 - height, Math.max(-90, y)),
                width,
                height,
            };
        },

        whole() {
            this.moveTo({ ...WORLD });
        },

        site() {
            this.around(30);
        },

        around(width) {
            this.moveTo({ x: this.here.lon - width / 2, y: -this.here.lat - width / 4, width });
        },

        grab(event) {
            this.hold(event);
        },

        drag(event) {
            if (this.held && this.isDragged(event)) this.pan(event);
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
                this.moveTo({ ...this.box, x: this.box.x + dx, y: this.box.y + dy });
            } else if (event.key === "+") this.zoomIn();
            else if (event.key === "-") this.zoomOut();
            else if (event.key === "Enter") this.ask(this.middle());
            else return;
            event.preventDefault();
        },
    };
}
