import { fetchPiece } from "../page.js";

/** To the server and back: it keeps the plan and answers with the page's part made anew. */
export function server() {
    return {
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
