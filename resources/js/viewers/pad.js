import { ask } from "../page.js";

const SVG = "http://www.w3.org/2000/svg";
const APART = 7;
const STEP = 5;
const RIM = 12;
const [WIDTH, HEIGHT] = [270, 170];

/** Strokes as a form sends them: points "x,y" with a space between, strokes with a semicolon between. */
export function written(strokes) {
    return strokes.map((stroke) => stroke.map(([x, y]) => `${Math.round(x)},${Math.round(y)}`).join(" ")).join(";");
}

/** The same read back, as large as the pad has room. */
export function fitted(text) {
    const strokes = text.split(";").map((stroke) =>
        stroke
            .trim()
            .split(/\s+/)
            .map((point) => point.split(",").map(Number)),
    );
    const all = strokes.flat();
    const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
    const [left, top] = [Math.min(...xs), Math.min(...ys)];
    const scale = Math.min(
        (WIDTH - 2 * RIM) / (Math.max(...xs) - left || 1),
        (HEIGHT - 2 * RIM) / (Math.max(...ys) - top || 1),
    );
    return strokes.map((stroke) => stroke.map(([x, y]) => [RIM + (x - left) * scale, RIM + (y - top) * scale]));
}

/** A pad to draw a figure on, that holes are set along; the server sets them. */
export function pad() {
    return {
        init() {
            this.$refs.outline.addEventListener("change", () => this.read());
            this.pen = [WIDTH / 2, HEIGHT / 2];
            this.isDown = false;
            this.read();
        },

        /** What the form has: as it came, or as it was before. */
        read() {
            this.strokes = this.$refs.outline.value ? fitted(this.$refs.outline.value) : [];
            this.isNew = true;
            this.show();
        },

        point(event) {
            const { left, top, width, height } = this.$refs.pad.getBoundingClientRect();
            return [((event.clientX - left) / width) * WIDTH, ((event.clientY - top) / height) * HEIGHT];
        },

        down(event) {
            this.$refs.pad.setPointerCapture(event.pointerId);
            this.isDown = true;
            this.strokes.push([this.point(event)]);
            this.show();
        },

        draw(event) {
            if (!this.isDown) return;
            const stroke = this.strokes.at(-1);
            const [x, y] = this.point(event);
            const [lastX, lastY] = stroke.at(-1);
            if (Math.hypot(x - lastX, y - lastY) < APART) return;
            stroke.push([x, y]);
            this.show();
        },

        up() {
            if (!this.isDown) return;
            this.isDown = false;
            this.isNew = true;
            this.tell();
        },

        /** Arrows move the pen, Enter sets a point, Escape begins a new stroke. */
        key(event) {
            const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
            if (way) {
                const within = (value, most) => Math.min(most, Math.max(0, value));
                this.pen = [within(this.pen[0] + STEP * way[0], WIDTH), within(this.pen[1] + STEP * way[1], HEIGHT)];
            } else if (event.key === "Enter") {
                if (this.isNew) this.strokes.push([]);
                this.isNew = false;
                this.strokes.at(-1).push([...this.pen]);
                this.tell();
            } else if (event.key === "Escape") {
                this.isNew = true;
            } else return;
            event.preventDefault();
            this.show();
        },

        undo() {
            this.strokes.pop();
            this.isNew = true;
            this.tell();
        },

        clear() {
            this.strokes = [];
            this.isNew = true;
            this.tell();
        },

        /** Outlines of a file take the place of what was drawn; the server reads them. */
        async take(event) {
            const { most, large, down, url } = event.target.dataset;
            const [file] = event.target.files;
            if (!file) return;
            if (file.size > 1024 * Number(most)) return this.refuse(large);
            const form = new FormData();
            form.set("svg", file);
            form.set("_token", this.$refs.outline.form.elements._token.value);
            const { piece, errors } = await ask(url, form, { method: "POST" });
            if (piece === null) return this.refuse(errors.svg?.[0] ?? down);
            this.$refs.fault.hidden = true;
            event.target.value = "";
            this.strokes = fitted(JSON.parse(piece).outline);
            this.isNew = true;
            this.tell();
        },

        refuse(words) {
            this.$refs.fault.textContent = words;
            this.$refs.fault.hidden = false;
        },

        tell() {
            this.show();
            this.$refs.outline.value = written(this.strokes);
            this.$refs.outline.dispatchEvent(new Event("input", { bubbles: true }));
        },

        show() {
            const [, group, pen] = this.$refs.pad.children;
            group.replaceChildren(
                ...this.strokes.map((stroke) => {
                    const line = document.createElementNS(SVG, "polyline");
                    // A dot is a stroke of no length with round ends.
                    line.setAttribute("points", (stroke.length === 1 ? [...stroke, ...stroke] : stroke).join(" "));
                    return line;
                }),
            );
            pen.setAttribute("transform", `translate(${this.pen})`);
            pen.setAttribute("visibility", document.activeElement === this.$refs.pad ? "visible" : "hidden");
        },
    };
}
