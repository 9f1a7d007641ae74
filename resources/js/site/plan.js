import { afterPause, latest, latestOfMany } from "../page.js";
import { chosen } from "./plan/chosen.js";
import { drawing } from "./plan/drawing.js";
import { hand } from "./plan/hand.js";
import { pencil } from "./plan/pencil.js";
import { server } from "./plan/server.js";

/**
 * A site plan that is drawn by hand. The rows of numbers in the page are the plan: a drag, a key or a tap writes into
 * them and sends them; the server answers with the page's part made anew. Here x is east and y is south, in metres.
 */
export function sitePlan() {
    return {
        ...drawing(),
        ...hand(),
        ...pencil(),
        ...chosen(),
        ...server(),
        drawing: false,
        pencilled: [],
        cross: null,
        chosen: null,
        chosenName: "",
        heightWord: "",
        canTurn: false,
        isOpening: false,
        snaps: true,
        waiting: null,
        touched: false,
        last: Promise.resolve(),
        askPiece: latest(),
        askView: latestOfMany(),
        askShade: latestOfMany(),

        init() {
            // Kept, since Alpine finds them from the element that was acted on, and that may be gone when an answer comes.
            this.words = { ...this.$root.dataset };
            this.piece = this.$refs.piece;
            this.refused = this.$refs.refused;
            this.conflict = this.$refs.conflict;
            this.saveLater = afterPause(500, () => this.save());
            this.shadeLater = afterPause(60, () => this.shade());
            this.fresh();
            new ResizeObserver(() => this.show()).observe(this.part("plan"));
        },
    };
}
