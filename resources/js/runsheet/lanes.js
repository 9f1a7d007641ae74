import { ask } from "../page.js";

const STEP_S = 60;
const FINE_S = 5;
const FARTHEST_PX = 4;
const ZOOMS = [1, 2, 4, 8];

/** Seconds that a key moves a cue: a minute, with Shift five seconds; a block with whole steps by one of these. */
export function keyStep(event, whole = 0) {
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key] ?? 0;
    return way * (whole || (event.shiftKey ? FINE_S : STEP_S));
}

/** What a hand has moved, in whole steps: of the block where it has some; else five seconds where it is close, a minute where it is far. */
export function dragSeconds(px, secondsPerPx, whole = 0) {
    const near = secondsPerPx * 8 < STEP_S ? FINE_S : STEP_S;
    const step = whole || near;
    return Math.round((px * secondsPerPx) / step) * step;
}

/**
 * The lanes of a run sheet below the ribbon: a cue is dragged along the axis, its end makes it longer, keys do both; the
 * server keeps it and answers with the page, of which what changed is put in place.
 */
export function lanes() {
    return {
        init() {
            this.axis = this.$root;
            this.zoom = 0;
            this.busy = Promise.resolve();
            const zoom = document.querySelector("[data-zoom]");
            if (zoom) zoom.hidden = false;
            document.addEventListener("click", (event) => this.zoomed(event));
            this.middle();
            if (this.axis.dataset.editable !== "yes") return;
            this.axis.addEventListener("pointerdown", (event) => this.taken(event));
            this.axis.addEventListener("keydown", (event) => this.keyed(event));
            this.axis.addEventListener("click", (event) => this.wasDragged && event.preventDefault(), true);
            document.addEventListener("keydown", (event) => this.stepped(event));
            document.addEventListener("submit", (event) => {
                const which = event.target.dataset.step;
                if (which === undefined) return;
                event.preventDefault();
                this.step(which);
            });
        },

        zoomed(event) {
            const by = event.target.closest?.("[data-zoom-by]")?.dataset.zoomBy;
            if (by === undefined) return;
            this.zoom = by < 0 ? 0 : Math.min(ZOOMS.length - 1, this.zoom + 1);
            ZOOMS.forEach((times) => this.axis.classList.toggle(`is-closer-${times}`, ZOOMS[this.zoom] === times));
            this.middle();
        },

        /** What matters most is there. */
        middle() {
            this.axis.scrollLeft = (this.axis.scrollWidth - this.axis.clientWidth) / 2;
        },

        secondsPerPx() {
            const { begin, end } = this.axis.dataset;
            return (end - begin) / this.axis.querySelector(".lane svg").getBoundingClientRect().width;
        },

        taken(event) {
            const block = event.target.closest("[data-move]");
            this.wasDragged = false;
            if (!block || event.button !== 0) return;
            const bar = block.querySelector(".cue-bar").getBoundingClientRect();
            const isEnd = bar.width > 24 && event.clientX > bar.right - 10 && event.clientX < bar.right + 4;
            const beginPx = event.clientX;
            const moved = (now) => {
                const px = now.clientX - beginPx;
                if (Math.abs(px) > FARTHEST_PX) this.wasDragged = true;
                if (this.wasDragged) block.setAttribute("transform", isEnd ? "" : `translate(${px} 0)`);
            };
            const letGo = (now) => {
                document.removeEventListener("pointermove", moved);
                document.removeEventListener("pointerup", letGo);
                const seconds = this.wasDragged
                    ? dragSeconds(now.clientX - beginPx, this.secondsPerPx(), Number(block.dataset.whole ?? 0))
                    : 0;
                block.removeAttribute("transform");
                if (seconds !== 0) this.move(block, isEnd ? 0 : seconds, isEnd ? seconds : 0);
            };
            document.addEventListener("pointermove", moved);
            document.addEventListener("pointerup", letGo);
            event.preventDefault();
            block.focus();
        },

        keyed(event) {
            const block = event.target.closest("[data-move]");
            const seconds = keyStep(event, Number(block?.dataset.whole ?? 0));
            if (!block || seconds === 0 || event.ctrlKey || event.metaKey) return;
            event.preventDefault();
            if (event.altKey) this.move(block, 0, seconds);
            else this.move(block, seconds, 0);
        },

        stepped(event) {
            if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
            if (event.target.closest("input, textarea")) return;
            event.preventDefault();
            this.step(event.shiftKey ? "redo" : "undo");
        },

        /** A step back or on again. */
        step(which) {
            this.queue(() => {
                const form = document.querySelector(`[data-step="${which}"]`);
                return form.querySelector("button").disabled ? null : [form.action, new FormData(form)];
            });
        },

        move(block, seconds, longer) {
            const id = block.dataset.cue;
            this.queue(() => {
                const now = this.axis.querySelector(`[data-cue="${id}"]`);
                if (!now) return null;
                const form = new FormData();
                form.append("_method", "PUT");
                form.append("_token", document.querySelector("[name=_token]").value);
                form.append("from", this.axis.dataset.from);
                form.append("view", this.axis.dataset.view);
                form.append("offset_s", Number(now.dataset.offset) + seconds);
                form.append("duration_s", Math.max(0, Number(now.dataset.length) + longer));
                return [now.dataset.move, form];
            });
        },

        /** One change after the other: each is made from the page that the one before brought. */
        queue(change) {
            this.busy = this.busy.then(async () => {
                const question = change();
                if (question === null) return;
                const answer = await ask(...question, { method: "POST" });
                if (answer.piece === null) this.say(answer.words || Object.values(answer.errors)[0]?.[0]);
                else this.put(answer.piece);
            });
        },

        /** Puts what has changed in place; what had the focus has it again. */
        put(piece) {
            const page = new DOMParser().parseFromString(piece, "text/html");
            const focused = document.activeElement?.dataset?.cue;
            const step = document.activeElement?.closest("[data-step]")?.dataset.step;
            ["sheet-lanes", "sheet-steps", "sheet-list"].forEach((name) =>
                document.getElementById(name).replaceWith(document.adoptNode(page.getElementById(name))),
            );
            document.querySelector("[data-zoom]").hidden = false;
            this.axis.dataset.from = page.querySelector("[data-from]").dataset.from;
            document.querySelectorAll("input[name=from]").forEach((field) => (field.value = this.axis.dataset.from));
            if (focused) this.axis.querySelector(`[data-cue="${focused}"]`)?.focus();
            if (step) document.querySelector(`[data-step="${step}"] button`).focus();
        },

        say(words) {
            const said = document.querySelector("[data-said]");
            said.textContent = words || said.dataset.words;
            said.hidden = false;
        },
    };
}
