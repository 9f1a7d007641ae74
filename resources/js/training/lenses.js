import { exerciseParts, isForOthers } from "./exercise.js";

/** A tray of drawn pairs, looked over as at the station: a key a finding, the next pair by itself. */
export function trainingLenses() {
    return {
        ...exerciseParts,
        countWords: "",
        told: [],
        isAsking: true,
        isOver: false,

        async init() {
            const ready = this.setUp();
            this.given = [];
            this.from = performance.now();
            this.show();
            await ready;
        },

        show() {
            const at = this.given.length;
            this.$root.querySelectorAll("[data-pair]").forEach((pair) => {
                pair.toggleAttribute("hidden", Number(pair.dataset.pair) !== at);
            });
            const seconds = at === 0 ? 0 : (performance.now() - this.from) / 1000 / at;
            this.countWords = this.$refs.count.dataset.words
                .replace(":n", Math.min(at + 1, this.data.count))
                .replace(":of", this.data.count)
                .replace(":s", seconds.toFixed(1));
        },

        press(event) {
            if (isForOthers(event) || !this.isAsking) return;
            if ([" ", "Enter"].includes(event.key) && event.target.closest("a, button")) return;
            const choice = this.data.choices.find(({ key }) => key === event.key);
            if (!choice && event.key !== " ") return;
            event.preventDefault();
            this.take(choice ? choice.fault : null);
        },

        found(event) {
            // Whoever has touched a button and presses the space bar then means the next pair, not that button again.
            if (event.detail > 0) event.currentTarget.blur();
            this.take(event.currentTarget.dataset.fault || null);
        },

        async take(fault) {
            this.given.push(fault);
            this.show();
            if (this.given.length < this.data.count) return;
            this.isAsking = false;
            this.isOver = true;
            this.told = await this.result({
                exercise: "lenses",
                about: String(this.data.seed),
                given: { found: this.given },
            });
        },
    };
}
