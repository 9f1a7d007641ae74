import { ask } from "../page.js";

const EVERY_MS = 1000;

/** A position from a receiver, which the server reads, or from the browser. */
export function position() {
    return {
        busy: false,

        init() {
            this.watch();
        },

        async read(event) {
            this.busy = true;
            const { piece } = await ask(this.$root.dataset.read, new FormData(event.target), { method: "POST" });
            if (piece !== null) this.$refs.reading.innerHTML = piece;
            this.watch();
        },

        /** Asks on while a reading lasts. */
        async watch() {
            const again = this.$refs.reading.querySelector(".reading")?.dataset.again;
            this.busy = Boolean(again);
            if (!again) return;
            await new Promise((done) => setTimeout(done, EVERY_MS));
            const { piece } = await ask(again, {});
            if (piece !== null) this.$refs.reading.innerHTML = piece;
            this.watch();
        },

        take(event) {
            const taken = event.target.closest("[data-position]");
            if (taken) this.$refs.position.value = taken.dataset.position;
        },

        askBrowser() {
            this.busy = true;
            navigator.geolocation.getCurrentPosition(
                ({ coords }) => {
                    this.busy = false;
                    this.$refs.denied.hidden = true;
                    this.$refs.position.value = `${coords.latitude.toFixed(6)} ${coords.longitude.toFixed(6)}`;
                    this.$refs.hint.textContent = this.$root.dataset.within.replace(":m", Math.ceil(coords.accuracy));
                },
                () => {
                    this.busy = false;
                    this.$refs.denied.hidden = false;
                    this.$refs.denied.textContent = this.$root.dataset.denied;
                },
                { enableHighAccuracy: true, timeout: 20000, maximumAge: 0 },
            );
        },
    };
}
