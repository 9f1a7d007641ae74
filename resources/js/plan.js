import { afterPause, fetchPiece } from "./page.js";

const SNAP_PX = 12;
const TAP_PX = 5;
const LETTER_PX = 13;
const GRID_M = 0.5;
const FINE_M = 0.1;
const TURN_DEG = 15;
const CLOSEST_M = 8;
const FARTHEST_M = 4000;
const FIRST_RADIUS_M = "3";
const LEAST_POINTS = { area: 3, line: 2, round: 1, point: 1 };
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/**
 * A site plan that is drawn by hand. The rows of numbers in the page are the plan: a drag, a key or a tap writes into
 * them and sends them; the server answers with the page's part made anew. Here x is east and y is south, in metres.
 */
export function sitePlan() {
    return {
        box: null,
        held: null,
        drawing: false,
        pencil: [],
        cross: null,
        chosen: null,
        chosenName: "",
        canTurn: false,
        snaps: true,
        isAsking: false,
        asked: null,

        init() {
            this.saveLater = afterPause(500, () => this.save());
            this.shadeLater = afterPause(60, () => this.shade());
            this.fresh();
            new ResizeObserver(() => this.show()).observe(this.part("plan"));
        },

        part(name) {
            return this.$refs.sheet.querySelector(`[data-part="${name}"]`);
        },

        /** The part of the page has just come from the server. */
        fresh() {
            const { x, y, width, height } = this.part("plan").viewBox.baseVal;
            this.home = { x, y, width, height };
            this.box ??= { ...this.home };
            this.show();
            this.handles();
        },

        show() {
            const { x, y, width, height } = this.box;
            const plan = this.part("plan");
            plan.setAttribute("viewBox", `${x} ${y} ${width} ${height}`);
            this.part("drawn").setAttribute("font-size", LETTER_PX * this.metresPerPx());
            const metres = niceLength(110 * this.metresPerPx());
            const px = metres / this.metresPerPx();
            this.part("bar").setAttribute("d", `M1 2V12M1 7H${px}M${px} 2V12`);
            this.part("barWords").textContent = `${metres} m`;
        },

        metresPerPx() {
            const { clientWidth, clientHeight } = this.part("plan");
            return Math.max(this.box.width / (clientWidth || 1), this.box.height / (clientHeight || 1));
        },

        at(event) {
            const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(
                this.part("plan").getScreenCTM().inverse(),
            );
            return { x: point.x, y: point.y };
        },

        zoom(factor, about) {
            const { x, y, width, height } = this.box;
            const to = Math.min(FARTHEST_M, Math.max(CLOSEST_M, width * factor));
            const scale = to / width;
            const middle = about ?? { x: x + width / 2, y: y + height / 2 };
            this.box = {
                x: middle.x - (middle.x - x) * scale,
                y: middle.y - (middle.y - y) * scale,
                width: to,
                height: height * scale,
            };
            this.show();
        },

        closer() {
            this.zoom(0.7);
        },

        farther() {
            this.zoom(1.4);
        },

        whole() {
            this.box = { ...this.home };
            this.show();
        },

        wheel(event) {
            this.zoom(event.deltaY > 0 ? 1.15 : 0.87, this.at(event));
        },

        // The rows of numbers.

        row(index) {
            return this.part("numbers").querySelector(`[data-row="${index}"]`);
        },

        input(index, field) {
            return this.row(index).querySelector(`[name$="[${field}]"]`);
        },

        points(index) {
            return this.input(index, "points")
                .value.split(";")
                .filter((pair) => pair.trim() !== "")
                .map((pair) => pair.trim().split(/\s+/).map(Number))
                .map(([east, north]) => ({ x: east, y: -north }));
        },

        write(index, points) {
            this.input(index, "points").value = points.map(({ x, y }) => `${metres(x)} ${metres(-y)}`).join("; ");
        },

        thing(index) {
            return this.part("plan").querySelector(`.plan-thing[data-index="${index}"]`);
        },

        /** Draws a thing where it is dragged to; the server draws it anew afterwards. */
        redraw(index, points) {
            const group = this.thing(index);
            const drawn = group.querySelector("polygon, polyline, circle");
            const middle = {
                x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
                y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
            };
            if (drawn.tagName === "circle") set(drawn, { cx: points[0].x, cy: points[0].y });
            else drawn.setAttribute("points", points.map(({ x, y }) => `${x},${y}`).join(" "));
            set(group.querySelector("text"), middle);
            if (group.dataset.shape === "point") {
                this.part("fan").setAttribute("transform", `translate(${points[0].x} ${points[0].y})`);
                this.look(group.dataset.name, points[0]);
            }
        },

        // Choosing.

        choose(index) {
            if (this.chosen === index) return;
            this.chosen = index;
            this.chosenName = this.thing(index)?.dataset.name ?? "";
            this.handles();
            if (index === null || !this.part("name")) return;
            for (const field of ["name", "height_m", "radius_m", "sill_m"])
                this.part(field).value = this.input(index, field).value;
            this.canTurn = this.points(index).length > 1;
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
            if (this.chosen === null || !this.thing(this.chosen)) return;
            this.thing(this.chosen).classList.add("is-chosen");
            this.part("plan")
                .querySelectorAll(`.plan-thing.is-chosen:not([data-index="${this.chosen}"])`)
                .forEach((other) => other.classList.remove("is-chosen"));
            const points = this.points(this.chosen);
            if (points.length < 2 || !this.part("name")) return;
            group.append(
                ...points.map(({ x, y }, i) =>
                    svg("circle", {
                        cx: x,
                        cy: y,
                        r: "0.5em",
                        class: "plan-handle",
                        tabindex: 0,
                        role: "button",
                        "data-corner": i,
                        "aria-label": `${this.chosenName} ${i + 1}`,
                        "vector-effect": "non-scaling-stroke",
                    }),
                ),
            );
        },

        // Mouse and touch.

        grab(event) {
            const plan = this.part("plan");
            const thing = event.target.closest(".plan-thing");
            const corner = event.target.dataset.corner;
            const start = this.at(event);
            const mayMove = this.part("name") !== null && !this.drawing;
            this.held = { x: event.clientX, y: event.clientY, start, box: { ...this.box }, moved: false };
            if (mayMove && corner !== undefined)
                Object.assign(this.held, { index: this.chosen, corner: Number(corner) });
            else if (thing && !this.drawing) {
                this.choose(Number(thing.dataset.index));
                if (mayMove) this.held.index = this.chosen;
            } else if (!this.drawing) this.choose(null);
            if (this.held.index !== undefined) this.held.points = this.points(this.held.index);
            plan.setPointerCapture(event.pointerId);
        },

        drag(event) {
            if (!this.held) {
                if (this.drawing) this.sketch(this.snap(this.at(event)));
                return;
            }
            if (Math.hypot(event.clientX - this.held.x, event.clientY - this.held.y) < TAP_PX && !this.held.moved)
                return;
            this.held.moved = true;
            if (this.held.index === undefined) {
                const perPx = this.metresPerPx();
                this.box = {
                    ...this.box,
                    x: this.held.box.x - (event.clientX - this.held.x) * perPx,
                    y: this.held.box.y - (event.clientY - this.held.y) * perPx,
                };
                this.show();
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
            const reach = SNAP_PX * this.metresPerPx();
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
                else if (event.key === "Escape") this.giveUp();
                else return;
                event.preventDefault();
                return;
            }
            if (event.key === "z" && (event.ctrlKey || event.metaKey))
                this.$refs.sheet.querySelector(event.shiftKey ? "[data-redo]" : "[data-undo]")?.click();
            else if (event.key === "+") this.zoom(0.7);
            else if (event.key === "-") this.zoom(1.4);
            else if (this.chosen === null) return;
            else if (event.key === "Escape") this.choose(null);
            else if (!this.part("name")) return;
            else if (arrow) this.nudge(event.target.dataset.corner, arrow[0] * step, arrow[1] * step);
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
            if (corner !== undefined)
                set(this.part("handles").children[corner], { cx: points[corner].x, cy: points[corner].y });
            else this.handles();
            this.saveLater();
        },

        // Drawing something new.

        draw() {
            this.drawing = !this.drawing;
            this.pencil = [];
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
            const line = [...this.pencil, cross].map(({ x, y }) => `${x},${y}`).join(" ");
            const arm = 8 * this.metresPerPx();
            this.part("pencil").replaceChildren(
                svg("polyline", { points: line, "vector-effect": "non-scaling-stroke" }),
                svg("path", {
                    d: `M${cross.x - arm} ${cross.y}h${2 * arm}M${cross.x} ${cross.y - arm}v${2 * arm}`,
                    "vector-effect": "non-scaling-stroke",
                }),
                ...this.pencil.map(({ x, y }) => svg("circle", { cx: x, cy: y, r: "0.35em" })),
            );
        },

        corner(point) {
            const { shape, most } = this.kind().dataset;
            const first = this.pencil[0];
            const closes =
                this.pencil.length >= 3 &&
                Math.hypot(point.x - first.x, point.y - first.y) < SNAP_PX * this.metresPerPx();
            if (!closes) this.pencil.push(point);
            this.sketch(point);
            if (closes || LEAST_POINTS[shape] === 1 || this.pencil.length >= Number(most)) this.finish();
        },

        finish() {
            const { shape } = this.kind().dataset;
            if (this.pencil.length < LEAST_POINTS[shape]) return;
            const rows = this.part("numbers").querySelectorAll("[data-row]");
            const index = Number(rows[rows.length - 1].dataset.row);
            this.input(index, "kind").value = this.kind().value;
            this.input(index, "name").value = this.newName(this.kind().textContent);
            this.input(index, "radius_m").value = shape === "round" ? FIRST_RADIUS_M : "";
            this.write(index, this.pencil);
            this.giveUp();
            this.save(index);
        },

        newName(word) {
            const names = [...this.part("numbers").querySelectorAll("[name$='[name]']")].map((input) => input.value);
            let number = 1;
            while (names.includes(`${word} ${number}`)) number++;
            return `${word} ${number}`;
        },

        giveUp() {
            this.drawing = false;
            this.pencil = [];
            this.part("pencil").replaceChildren();
        },

        // The chosen thing.

        retype(event) {
            this.input(this.chosen, event.target.dataset.field).value = event.target.value;
            this.save();
        },

        turn() {
            const points = this.points(this.chosen);
            const middle = {
                x: points.reduce((sum, p) => sum + p.x, 0) / points.length,
                y: points.reduce((sum, p) => sum + p.y, 0) / points.length,
            };
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

        remove() {
            this.input(this.chosen, "remove").checked = true;
            this.chosen = null;
            this.save();
        },

        // To the server and back.

        send(event) {
            return this.post(
                event.submitter?.getAttribute("formaction") ?? event.target.action,
                new FormData(event.target),
            );
        },

        save(choose = this.chosen) {
            this.chosen = choose;
            const form = this.part("numbers");
            const spot = this.thing(choose)?.dataset.shape === "point" ? this.input(choose, "name").value : null;
            if (spot !== null) form.querySelector("[name=spot]").value = spot;
            return this.post(form.action, new FormData(form));
        },

        async post(url, body) {
            const response = await fetch(url, {
                method: "POST",
                body,
                headers: { Accept: "application/json, text/html", "X-Requested-With": "XMLHttpRequest" },
            }).catch(() => null);
            const refused = this.$refs.refused;
            refused.hidden = response?.ok ?? false;
            if (response?.ok) return this.replace(await response.text());
            if (response === null) refused.textContent = this.$root.dataset.unreachable;
            else if (response.status === 422) {
                const { errors } = await response.json();
                refused.textContent = `${this.$root.dataset.refused} ${Object.values(errors).flat().join(" ")}`;
            } else refused.textContent = await response.text();
            refused.scrollIntoView({ block: "nearest" });
        },

        replace(html) {
            const focus = document.activeElement;
            const again = focus?.closest(".plan-thing")
                ? `.plan-thing[data-index="${focus.closest(".plan-thing").dataset.index}"]`
                : focus?.dataset.corner !== undefined
                  ? `[data-corner="${focus.dataset.corner}"]`
                  : focus?.dataset.part
                    ? `[data-part="${focus.dataset.part}"]`
                    : focus?.id
                      ? `[id="${focus.id}"]`
                      : null;
            const isOpen = this.part("details")?.open ?? false;
            const minute = this.part("minute").value;
            const kind = this.part("kind")?.value;
            this.$refs.sheet.innerHTML = html;
            if (isOpen) this.part("details").open = true;
            if (kind) this.part("kind").value = kind;
            const chosen = this.chosen;
            this.chosen = null;
            this.fresh();
            if (chosen !== null && this.thing(chosen)) this.choose(chosen);
            if (minute !== this.part("minute").value) {
                this.part("minute").value = minute;
                this.shade();
            }
            if (again) this.$refs.sheet.querySelector(again)?.focus({ preventScroll: true });
        },

        /** Makes a spot the one that is looked from. */
        async lookFrom(name) {
            const piece = await fetchPiece(location.pathname, { spot: name });
            if (piece !== null) this.replace(piece);
        },

        /** Shows or hides the map of the best spots. */
        async best(event) {
            const spot = this.part("numbers").querySelector("[name=spot]").value;
            const piece = await fetchPiece(location.pathname, { spot, best: event.currentTarget.dataset.best });
            if (piece !== null) this.replace(piece);
        },

        /** The look from a spot while it is dragged: one question at a time, the last one always. */
        async look(spot, { x, y }) {
            this.asked = { spot, east: x.toFixed(2), north: (-y).toFixed(2) };
            if (this.isAsking) return;
            this.isAsking = true;
            while (this.asked) {
                const fields = this.asked;
                this.asked = null;
                const piece = await fetchPiece(this.$root.dataset.look, fields);
                if (piece !== null) this.part("look").innerHTML = piece;
            }
            this.isAsking = false;
        },

        async shade() {
            const piece = await fetchPiece(this.$root.dataset.shade, { minute: this.part("minute").value });
            if (piece === null) return;
            const words = this.part("shadeWords");
            words.innerHTML = piece;
            this.part("shade").setAttribute("d", words.querySelector("[data-path]").dataset.path);
        },
    };
}

function svg(name, attributes) {
    const element = document.createElementNS("http://www.w3.org/2000/svg", name);
    set(element, attributes);
    return element;
}

function set(element, attributes) {
    Object.entries(attributes).forEach(([name, value]) => element.setAttribute(name, value));
}

function round(value, step) {
    return Math.round(value / step) * step;
}

/** Two decimals, without a minus before nothing. */
function metres(value) {
    return String(Number(value.toFixed(2)) + 0);
}

/** The longest of 1, 2, 5, 10, 20 … that is not longer than asked. */
function niceLength(most) {
    const ten = 10 ** Math.floor(Math.log10(most));
    return ten * (most / ten >= 5 ? 5 : most / ten >= 2 ? 2 : 1);
}

/** The point of the stretch from a to b that is nearest to p. */
function nearestOn(p, a, b) {
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const square = dx * dx + dy * dy;
    const along = square === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / square));
    return { x: round(a.x + along * dx, 0.01), y: round(a.y + along * dy, 0.01) };
}
