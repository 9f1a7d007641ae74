import { ask, showFaults } from "../../page.js";

const CONFLICT = 409;
const FIELDS = ["kind", "name", "points", "height_m", "radius_m", "sill_m"];

/** To the server and back: it keeps the plan and answers with the page's part made anew. */
export function server() {
    return {
        /** The numbers, or undo and redo: what is not kept yet goes first, and is taken back by that alone. */
        send(event) {
            if (event.target.dataset.part === "numbers") return this.save();
            const url = event.submitter?.getAttribute("formaction") ?? event.target.action;
            const body = new FormData(event.target);
            return this.inTurn(async () => {
                // The step goes from what is in sight by now, not from what was when it was wished for.
                body.set("from", this.part("numbers").elements.from.value);
                if (this.touched) await this.lookAgain();
                else this.replace(await this.post(url, body));
            });
        },

        /** The plan as it is now; what is not kept is let go. */
        async lookAgain() {
            const spot = this.part("numbers").elements.spot.value;
            const { piece } = await ask(location.pathname, { spot });
            if (piece !== null) this.refused.hidden = this.conflict.hidden = true;
            this.replace(piece);
        },

        /** After somebody else was quicker: on with their plan, or with one's own over theirs. */
        async settle(event) {
            const { choice, from } = event.target.dataset;
            if (!choice) return;
            if (choice === "theirs") return this.inTurn(() => this.lookAgain());
            this.part("numbers").elements.from.value = from;
            await this.save();
        },

        /** Keeps the plan as the rows say it, and tells whether it was; of several wishes that wait, one is enough. */
        save(choose = this.chosen) {
            this.chosen = choose;
            this.touched = true;
            this.waiting ??= this.inTurn(async () => {
                this.waiting = null;
                const form = this.part("numbers");
                const { dataset } = this.thing(this.chosen) ?? {};
                if (dataset?.shape === "point") form.elements.spot.value = this.input(this.chosen, "name").value;
                this.touched = false;
                const rows = this.filledRows();
                const html = await this.post(form.action, this.planOf(form, rows), "PUT");
                showFaults(form, this.faultsOf(rows));
                if (form.querySelector("[aria-invalid]")) this.part("details").open = true;
                if (html === null) this.touched = true;
                // What was changed meanwhile is about to be sent: it follows on what was kept now, and stays in sight.
                else if (this.touched) form.elements.from.value = revisionIn(html);
                else this.replace(html);
                return html !== null;
            });
            return this.waiting;
        },

        /** The rows that are things: neither empty nor to be removed. */
        filledRows() {
            return [...this.part("numbers").querySelectorAll("[data-row]")]
                .map((row) => row.dataset.row)
                .filter((i) => !this.input(i, "remove").checked)
                .filter((i) => this.input(i, "name").value !== "" || this.input(i, "points").value !== "");
        },

        /** The whole plan, to be sent at once. */
        planOf(form, rows) {
            const { _token, from, spot, accuracy_m, horizon } = form.elements;
            return {
                ...Object.fromEntries([_token, from, spot, accuracy_m, horizon].map((e) => [e.name, e.value])),
                things: rows.map((i) => Object.fromEntries(FIELDS.map((field) => [field, this.input(i, field).value]))),
            };
        },

        /** What the server has against the things that were sent, by their rows. */
        faultsOf(rows) {
            return Object.fromEntries(
                Object.entries(this.errors).map(([name, words]) => [
                    name.replace(/^things\.(\d+)/, (all, i) => `things.${rows[i]}`),
                    words,
                ]),
            );
        },

        /** One request after the other: each is made from what the one before left. */
        inTurn(work) {
            // One that fails does not hold up those behind it.
            this.last = this.last.then(work).catch((error) => console.error(error));
            return this.last;
        },

        /** The page's part made anew, or null after saying why not. */
        async post(url, body, method = "POST") {
            const { piece, status, errors, words } = await ask(url, body, { method });
            this.errors = errors;
            this.conflict.hidden = status !== CONFLICT;
            this.refused.hidden = piece !== null || status === CONFLICT;
            if (piece !== null) return piece;
            if (status === CONFLICT) {
                this.conflict.innerHTML = words;
                this.conflict.scrollIntoView({ block: "nearest" });
                return null;
            }
            const why = {
                0: this.words.unreachable,
                422: `${this.words.refused} ${Object.values(errors).flat().join(" ")}`,
            };
            this.refused.textContent = why[status] ?? words;
            this.refused.scrollIntoView({ block: "nearest" });
            return null;
        },

        replace(html) {
            if (html === null) return;
            this.touched = false;
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
            this.piece.innerHTML = html;
            this.renewFrame();
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
            if (again) this.piece.querySelector(again)?.focus({ preventScroll: true });
        },

        /** The ribbon and the stage around the page tell what the site costs: they change with it. */
        renewFrame() {
            const frame = this.part("frame");
            if (!frame) return;
            document.querySelector(".ribbon").replaceWith(frame.querySelector(".ribbon"));
            document.querySelector(".stages [aria-current] span").textContent =
                frame.querySelector(".to-do").textContent;
            frame.remove();
        },

        /** Whether nothing is left that an answer would wipe out: what was typed is kept first. */
        async settled() {
            return !this.touched || this.save();
        },

        /** Makes a spot the one that is looked from. */
        async lookFrom(name) {
            if (!(await this.settled())) return;
            const { piece, isStale } = await this.askPiece(location.pathname, { spot: name });
            if (!isStale) this.replace(piece);
        },

        /** Shows or hides the map of the best spots. */
        async best(event) {
            const { best } = event.currentTarget.dataset;
            if (!(await this.settled())) return;
            const spot = this.part("numbers").elements.spot.value;
            const { piece, isStale } = await this.askPiece(location.pathname, { spot, best });
            if (!isStale) this.replace(piece);
        },

        /** The view from a spot while it is dragged. */
        async viewFrom(spot, { x, y }) {
            const fields = { spot, east: x.toFixed(2), north: (-y).toFixed(2) };
            const { piece, isStale } = await this.askView(this.words.spotView, fields);
            if (isStale || piece === null) return;
            this.part("view").innerHTML = piece;
            this.faceSun();
        },

        async shade() {
            const { piece, isStale } = await this.askShade(this.words.shade, { minute: this.part("minute").value });
            if (isStale || piece === null) return;
            const words = this.part("shadeWords");
            words.innerHTML = piece;
            this.part("shade").setAttribute("d", words.querySelector("[data-path]").dataset.path);
        },
    };
}

function revisionIn(html) {
    return html.match(/name="from" value="(\d*)"/)[1];
}
