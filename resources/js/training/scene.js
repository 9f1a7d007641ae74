import { exerciseParts, isForOthers } from "./exercise.js";

const TICK_MS = 100;

/** A short story with a clock: what is done, and what comes of it. */
export function trainingScene() {
    return {
        ...exerciseParts,
        text: "",
        options: [],
        left: 0,
        verdict: "",
        rightWord: "",
        statement: "",
        reason: "",
        pictureWords: "",
        isBefore: true,
        isAsking: false,
        isOver: false,
        hasRule: false,

        async init() {
            const ready = this.setUp();
            this.again();
            await ready;
        },

        again() {
            this.chosen = [];
            this.hasRule = false;
            this.isOver = false;
            this.isAsking = false;
            this.isBefore = true;
            this.show(this.data.start);
            this.options = [];
        },

        begin() {
            this.isBefore = false;
            this.enter(this.data.start);
        },

        show(id) {
            this.moment = this.data.moments[id];
            this.text = this.moment.text;
            this.options = this.moment.options.map(({ words }, number) => ({ number, words, key: number + 1 }));
            this.draw(this.moment.picture);
        },

        enter(id) {
            this.show(id);
            clearInterval(this.ticks);
            if (this.moment.ending) return this.end();
            this.isAsking = true;
            const until = performance.now() + this.moment.seconds * 1000;
            this.left = this.moment.seconds;
            this.ticks = setInterval(() => {
                this.left = Math.max(0, Math.ceil((until - performance.now()) / 1000));
                if (performance.now() >= until) this.decide(null);
            }, TICK_MS);
        },

        draw(picture) {
            const { yard } = this.$refs;
            const words = JSON.parse(yard.dataset.words);
            ["sun", "eyes", "telescope"].forEach((part) =>
                yard.querySelectorAll(`[data-${part}]`).forEach((drawn) => {
                    drawn.toggleAttribute("hidden", drawn.dataset[part] !== picture[part]);
                    drawn.setAttribute("visibility", drawn.dataset[part] === picture[part] ? "visible" : "hidden");
                }),
            );
            const telescope = picture.telescope === "bare" ? "bare_telescope" : picture.telescope;
            this.pictureWords = [words[picture.sun], words[picture.eyes], words[telescope]].filter(Boolean).join(", ");
        },

        press(event) {
            if (isForOthers(event) || !this.isAsking) return;
            const number = Number(event.key) - 1;
            if (this.moment.options[number]) this.decide(number);
        },

        choose(event) {
            this.decide(Number(event.currentTarget.dataset.number));
        },

        /** Nothing was done in time: that leads somewhere as well. */
        decide(number) {
            if (!this.isAsking) return;
            this.isAsking = false;
            this.chosen.push(number);
            const option = number === null ? null : this.moment.options[number];
            const known = option ?? this.moment.options.find(({ right }) => right) ?? this.moment.options[0];
            const { right, wrong, late } = this.$refs.verdict.dataset;
            this.verdict = option === null ? late : option.right ? right : wrong;
            this.rightWord = option?.right ? "right" : "wrong";
            this.statement = known.statement;
            this.reason = known.reason;
            this.hasRule = true;
            this.enter(option === null ? this.moment.late : option.to);
        },

        end() {
            this.isAsking = false;
            this.isOver = true;
            this.result({ exercise: "scene", about: this.data.id, given: { chosen: this.chosen } });
        },
    };
}
