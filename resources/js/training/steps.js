import { exerciseParts } from "./exercise.js";

/** Steps that are brought into an order; what breaks is named with its rule. */
export function trainingSteps() {
    return {
        ...exerciseParts,
        steps: [],
        broken: [],
        verdict: "",
        rightWord: "",
        isChecked: false,

        async init() {
            const ready = this.setUp();
            this.steps = this.data.steps;
            await ready;
        },

        wordsOf(id) {
            return this.steps.find((step) => step.id === id).words;
        },

        upWords(step) {
            return this.$refs.check.dataset.up.replace(":step", step.words);
        },

        downWords(step) {
            return this.$refs.check.dataset.down.replace(":step", step.words);
        },

        stepClass({ id }) {
            return this.isChecked && this.broken.some(({ first, then }) => first === id || then === id)
                ? "is-broken"
                : "";
        },

        move(event) {
            const { step, way } = event.currentTarget.dataset;
            this.shift(step, Number(way), event.currentTarget);
        },

        nudge(event) {
            const way = { ArrowUp: -1, ArrowDown: 1 }[event.key];
            if (!way) return;
            event.preventDefault();
            this.shift(event.currentTarget.dataset.step, way, event.currentTarget);
        },

        shift(id, way, held) {
            const from = this.steps.findIndex((step) => step.id === id);
            const to = from + way;
            if (to < 0 || to >= this.steps.length) return;
            const steps = [...this.steps];
            [steps[from], steps[to]] = [steps[to], steps[from]];
            this.steps = steps;
            this.isChecked = false;
            this.$nextTick(() => held.focus());
        },

        check() {
            const at = Object.fromEntries(this.steps.map(({ id }, i) => [id, i]));
            const { before } = this.$refs.check.dataset;
            this.broken = this.data.before
                .filter(({ first, then }) => at[first] > at[then])
                .map(({ first, then, statement }) => ({
                    first,
                    then,
                    statement,
                    key: `${first} ${then}`,
                    words: before.replace(":first", this.wordsOf(first)).replace(":then", this.wordsOf(then)),
                }));
            const isRight = this.broken.length === 0;
            this.rightWord = isRight ? "right" : "wrong";
            this.verdict = this.$refs.verdict.dataset[this.rightWord];
            this.isChecked = true;
            this.result({ exercise: "steps", about: this.data.id, given: { order: this.steps.map(({ id }) => id) } });
        },
    };
}
