/** A closer step by a key, a button or the wheel keeps what lies under the pointer, or else the middle. */
const WHEEL = 1.2;
const TAP_PX = 5;

/**
 * A window on a drawing that is moved and zoomed, by mouse, touch and keys. Whoever uses it has canvas(), the SVG element,
 * show(), which draws the window, and may have within(box), which holds it inside what there is.
 */
export function panZoom({ least, most, step }) {
    return {
        box: null,
        held: null,

        within(box) {
            return box;
        },

        moveTo(box) {
            this.box = this.within(box);
            this.show();
        },

        middle() {
            const { x, y, width, height } = this.box;
            return { x: x + width / 2, y: y + height / 2 };
        },

        /** Lengths of the drawing in a pixel: the whole window is seen, whatever the shape of the canvas. */
        perPx() {
            const { clientWidth, clientHeight } = this.canvas();
            return Math.max(this.box.width / (clientWidth || 1), this.box.height / (clientHeight || 1));
        },

        /** The point of the drawing under the pointer. */
        at({ clientX, clientY }) {
            const frame = this.canvas().getBoundingClientRect();
            const perPx = this.perPx();
            const { x, y } = this.middle();
            return {
                x: x + (clientX - frame.left - frame.width / 2) * perPx,
                y: y + (clientY - frame.top - frame.height / 2) * perPx,
            };
        },

        zoom(factor, about = this.middle()) {
            const { x, y, width, height } = this.box;
            const to = Math.min(most, Math.max(least, width * factor));
            const scale = to / width;
            this.moveTo({
                x: about.x - (about.x - x) * scale,
                y: about.y - (about.y - y) * scale,
                width: to,
                height: height * scale,
            });
        },

        zoomIn() {
            this.zoom(1 / step);
        },

        zoomOut() {
            this.zoom(step);
        },

        wheel(event) {
            this.zoom(event.deltaY > 0 ? WHEEL : 1 / WHEEL, this.at(event));
        },

        /** The pointer is put down; what else it holds is added by whoever knows. */
        hold(event, more = {}) {
            this.held = { from: event, start: this.at(event), box: { ...this.box }, moved: false, ...more };
            this.canvas().setPointerCapture(event.pointerId);
        },

        /** Whether the pointer that is down has moved by more than a finger trembles. */
        isDragged({ clientX, clientY }) {
            const { from } = this.held;
            this.held.moved ||= Math.hypot(clientX - from.clientX, clientY - from.clientY) >= TAP_PX;
            return this.held.moved;
        },

        pan({ clientX, clientY }) {
            const { from, box } = this.held;
            const perPx = this.perPx();
            this.moveTo({
                ...box,
                x: box.x - (clientX - from.clientX) * perPx,
                y: box.y - (clientY - from.clientY) * perPx,
            });
        },
    };
}
