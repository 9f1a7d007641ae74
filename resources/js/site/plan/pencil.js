import { round, svg } from "./shapes.js";

const GRID_M = 0.5;
const CLOSE_PX = 12;

/** Drawing something new, corner by corner. */
export function pencil() {
    return {
        draw() {
            this.drawing = !this.drawing;
            this.pencilled = [];
            this.choose(null);
            if (!this.drawing) return this.giveUp();
            this.sketch({
                x: round(this.box.x + this.box.width / 2, GRID_M),
                y: round(this.box.y + this.box.height / 2, GRID_M),
            });
            this.part("plan").focus();
        },

        kind() {
            return this.part("kind").selectedOptions[0];
        },

        sketch(cross) {
            this.cross = cross;
            const line = [...this.pencilled, cross].map(({ x, y }) => `${x},${y}`).join(" ");
            const arm = 8 * this.perPx();
            this.part("pencil").replaceChildren(
                svg("polyline", { points: line, "vector-effect": "non-scaling-stroke" }),
                svg("path", {
                    d: `M${cross.x - arm} ${cross.y}h${2 * arm}M${cross.x} ${cross.y - arm}v${2 * arm}`,
                    "vector-effect": "non-scaling-stroke",
                }),
                ...this.pencilled.map(({ x, y }) => svg("circle", { cx: x, cy: y, r: "0.35em" })),
            );
        },

        corner(point) {
            const { most } = this.kind().dataset;
            const first = this.pencilled[0];
            const closes =
                this.pencilled.length >= 3 &&
                Math.hypot(point.x - first.x, point.y - first.y) < CLOSE_PX * this.perPx();
            if (!closes) this.pencilled.push(point);
            this.sketch(point);
            if (closes || this.pencilled.length >= Number(most)) this.finish();
        },

        async finish() {
            const { least, radius } = this.kind().dataset;
            if (this.pencilled.length < Number(least)) return;
            const drawn = this.pencilled;
            const index = this.lastRow();
            this.input(index, "kind").value = this.kind().value;
            this.input(index, "name").value = this.newName(this.kind().textContent);
            this.input(index, "radius_m").value = radius;
            this.write(index, drawn);
            this.giveUp();
            if ((await this.save(index)) || this.drawing) return;
            // Refused: back under the pencil, where it can be drawn better.
            this.row(index).remove();
            [this.drawing, this.pencilled] = [true, drawn];
            this.sketch(drawn.at(-1));
        },

        takeBack() {
            this.pencilled.pop();
            this.sketch(this.cross);
        },

        newName(word) {
            const names = [...this.part("numbers").querySelectorAll("[data-field=name]")].map((input) => input.value);
            let number = 1;
            while (names.includes(`${word} ${number}`)) number++;
            return `${word} ${number}`;
        },

        giveUp() {
            this.drawing = false;
            this.pencilled = [];
            this.part("pencil").replaceChildren();
        },
    };
}
