import { nearestOn, round, set, svg, withCorner } from "./shapes.js";

const SNAP_PX = 12;
const GRID_M = 0.5;
const FINE_M = 0.1;
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Choosing, dragging and nudging what is drawn, by mouse, touch and keys. */
export function hand() {
    return {
        // Choosing.

        choose(index) {
            if (this.chosen === index) return;
            this.chosen = index;
            this.chosenName = this.thing(index)?.dataset.name ?? "";
            this.heightWord = this.thing(index)?.dataset.heightWord ?? "";
            this.handles();
            if (index === null || !this.part("name")) return;
            for (const field of ["name", "height_m", "radius_m", "sill_m"])
                this.part(field).value = this.input(index, field).value;
            this.canTurn = this.points(index).length > 1;
            this.isOpening = "opening" in this.kindOf(index);
        },

        has(field) {
            return this.chosen !== null && (this.input(this.chosen, field)?.value ?? "") !== "";
        },

        focused(event) {
            const group = event.target.closest(".plan-thing");
            if (group && !this.drawing) this.choose(Number(group.dataset.index));
        },

        handles() {
            const group = this.part("handles");
            group.replaceChildren();
            this.part("plan")
                .querySelectorAll(".plan-thing")
                .forEach((thing) => thing.classList.toggle("is-chosen", Number(thing.dataset.index) === this.chosen));
            this.uncrowd();
            if (this.chosen === null || !this.thing(this.chosen)) return;
            const points = this.points(this.chosen);
            if (points.length < 2 || !this.part("name")) return;
            const { shape } = this.thing(this.chosen).dataset;
            const handle = ({ x, y }, attributes) =>
                svg("circle", { cx: x, cy: y, "vector-effect": "non-scaling-stroke", ...attributes });
            if (!("opening" in this.kindOf(this.chosen))) {
                const ends = shape === "area" ? points : points.slice(0, -1);
                group.append(
                    ...ends.map((p, i) => {
                        const next = points[(i + 1) % points.length];
                        const middle = { x: (p.x + next.x) / 2, y: (p.y + next.y) / 2 };
                        return handle(middle, { r: "0.32em", class: "plan-handle is-between", "data-between": i });
                    }),
                );
            }
            group.append(
                ...points.map((p, i) =>
                    handle(p, {
                        r: "0.5em",
                        class: "plan-handle",
                        tabindex: 0,
                        role: "button",
                        "data-corner": i,
                        "aria-label": `${this.chosenName} ${i + 1}`,
                    }),
                ),
            );
        },

        // Mouse and touch.

        grab(event) {
            const thing = event.target.closest(".plan-thing");
            const { corner, between } = event.target.dataset;
            const mayMove = this.part("name") !== null && !this.drawing;
            this.hold(event);
            if (mayMove && corner !== undefined) this.carry(this.points(this.chosen), Number(corner));
            else if (mayMove && between !== undefined)
                this.carry(withCorner(this.points(this.chosen), Number(between)), Number(between) + 1);
            else if (thing && !this.drawing) {
                this.choose(Number(thing.dataset.index));
                if (mayMove) this.carry(this.points(this.chosen));
            } else if (!this.drawing) this.choose(null);
        },

        /** Takes the chosen thing, or one of its corners, along with the pointer. */
        carry(points, corner) {
            Object.assign(this.held, { index: this.chosen, points, corner });
        },

        drag(event) {
            if (!this.held) {
                if (this.drawing) this.sketch(this.snap(this.at(event)));
                return;
            }
            if (!this.isDragged(event)) return;
            if (this.held.index === undefined) {
                this.pan(event);
                return;
            }
            this.held.now = this.moved(this.at(event));
            this.redraw(this.held.index, this.held.now);
            this.part("handles").replaceChildren();
        },

        drop(event) {
            const held = this.held;
            this.held = null;
            if (!held) return;
            if (this.drawing && !held.moved) return this.corner(this.snap(this.at(event)));
            if (held.now) {
                this.write(held.index, held.now);
                this.save();
            } else if (!held.moved) {
                const thing = event.target.closest?.(".plan-thing") ?? this.thing(this.chosen);
                if (thing?.dataset.shape === "point" && this.chosen !== null) this.lookFrom(this.chosenName);
            }
        },

        letGo() {
            if (this.held?.now) this.redraw(this.held.index, this.held.points);
            this.held = null;
            this.handles();
        },

        insertCorner(corner) {
            this.write(this.chosen, withCorner(this.points(this.chosen), corner));
            this.save();
        },

        removeCorner(corner) {
            const points = this.points(this.chosen);
            if (points.length <= Number(this.kindOf(this.chosen).least)) return;
            points.splice(corner, 1);
            this.write(this.chosen, points);
            this.save();
        },

        /** The points of what is held when the pointer is there. */
        moved(pointer) {
            const { start, points, corner, index } = this.held;
            const by = { x: pointer.x - start.x, y: pointer.y - start.y };
            if (corner !== undefined) {
                const to = this.snap({ x: points[corner].x + by.x, y: points[corner].y + by.y }, index);
                return points.map((p, i) => (i === corner ? to : p));
            }
            const first = this.snap({ x: points[0].x + by.x, y: points[0].y + by.y }, index);
            return points.map((p) => ({ x: p.x + first.x - points[0].x, y: p.y + first.y - points[0].y }));
        },

        /** To a corner of another thing, to a wall, else to the half metre. */
        snap(point, except = null) {
            if (!this.snaps) return { x: round(point.x, 0.01), y: round(point.y, 0.01) };
            const reach = SNAP_PX * this.perPx();
            let best = null;
            let least = reach;
            const offer = (to, weight) => {
                const far = Math.hypot(to.x - point.x, to.y - point.y) * weight;
                if (far < least) [best, least] = [to, far];
            };
            this.part("plan")
                .querySelectorAll(".plan-thing.is-area, .plan-thing.is-line")
                .forEach(({ dataset }) => {
                    if (Number(dataset.index) === except) return;
                    const corners = this.points(dataset.index);
                    corners.forEach((corner, i) => {
                        offer(corner, 0.6);
                        const next = corners[i + 1] ?? (dataset.shape === "area" ? corners[0] : corner);
                        offer(nearestOn(point, corner, next), 1);
                    });
                });
            return best ?? { x: round(point.x, GRID_M), y: round(point.y, GRID_M) };
        },

        // Keys.

        key(event) {
            const arrow = ARROWS[event.key];
            const step = (event.shiftKey ? 10 : 1) * (this.snaps ? GRID_M : FINE_M);
            if (this.drawing) {
                if (arrow) this.sketch({ x: this.cross.x + arrow[0] * step, y: this.cross.y + arrow[1] * step });
                else if (event.key === " ") this.corner(this.cross);
                else if (event.key === "Enter") this.finish();
                else if (event.key === "Backspace") this.takeBack();
                else if (event.key === "Escape") this.giveUp();
                else return;
                event.preventDefault();
                return;
            }
            if (event.key === "z" && (event.ctrlKey || event.metaKey))
                this.piece.querySelector(event.shiftKey ? "[data-redo]" : "[data-undo]")?.click();
            else if (event.key === "+") this.zoomIn();
            else if (event.key === "-") this.zoomOut();
            else if (this.chosen === null) return;
            else if (event.key === "Escape") this.choose(null);
            else if (!this.part("name")) return;
            else if (arrow) this.nudge(event.target.dataset.corner, arrow[0] * step, arrow[1] * step);
            else if (event.target.dataset.corner !== undefined && event.key === "Insert") {
                this.insertCorner(Number(event.target.dataset.corner));
            } else if (event.target.dataset.corner !== undefined && event.key === "Delete")
                this.removeCorner(Number(event.target.dataset.corner));
            else if (event.key === "Delete" || event.key === "Backspace") this.remove();
            else if (event.key === "Enter" && this.thing(this.chosen).dataset.shape === "point")
                this.lookFrom(this.chosenName);
            else return;
            event.preventDefault();
        },

        nudge(corner, dx, dy) {
            const points = this.points(this.chosen).map((p, i) =>
                corner === undefined || Number(corner) === i ? { x: p.x + dx, y: p.y + dy } : p,
            );
            this.write(this.chosen, points);
            this.redraw(this.chosen, points);
            if (corner === undefined) this.handles();
            else {
                const { x, y } = points[corner];
                set(this.part("handles").querySelector(`[data-corner="${corner}"]`), { cx: x, cy: y });
            }
            this.saveLater();
        },
    };
}
