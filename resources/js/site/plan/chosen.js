import { middleOf } from "./shapes.js";

const TURN_DEG = 15;

/** What is done with the chosen thing by its buttons and fields. */
export function chosen() {
    return {
        retype(event) {
            this.input(this.chosen, event.target.dataset.field).value = event.target.value;
            this.save();
        },

        turn() {
            const points = this.points(this.chosen);
            const middle = middleOf(points);
            const matrix = new DOMMatrix()
                .translate(middle.x, middle.y)
                .rotate(TURN_DEG)
                .translate(-middle.x, -middle.y);
            this.write(
                this.chosen,
                points.map(({ x, y }) => new DOMPoint(x, y).matrixTransform(matrix)),
            );
            this.save();
        },

        /** An opening that belongs to no building looks the other way. */
        swapSides() {
            this.write(this.chosen, this.points(this.chosen).reverse());
            this.save();
        },

        remove() {
            this.input(this.chosen, "remove").checked = true;
            this.chosen = null;
            this.save();
        },
    };
}
