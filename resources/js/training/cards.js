import { exerciseParts, isForOthers } from "./exercise.js";
import { pile } from "./pile.js";

const SVG = "http://www.w3.org/2000/svg";
const WIDTH = 320;
const SYMBOL = 56;
const SAID = { 1: "yes", 2: "if", 3: "no" };

/** "Is this safe?" cards, one after the other; the book's answers came with the page. */
export function trainingCards() {
    return {
        ...exerciseParts,
        thing: "",
        facts: [],
        conditions: [],
        word: "",
        reason: "",
        act: "",
        verdict: "",
        rightWord: "",
        countWords: "",
        isAsking: false,
        isAnswered: false,
        isOver: false,

        async init() {
            const ready = this.setUp();
            this.pile = pile(this.data.rules);
            this.data.history.forEach(([id, isRight]) => this.pile.answered(id, isRight));
            this.right = 0;
            this.all = 0;
            this.onward();
            await ready;
        },

        onward() {
            this.id = this.pile.next(this.data.dealt);
            this.isAnswered = false;
            this.isOver = this.id === null;
            this.isAsking = !this.isOver;
            const { thing, facts, path } = this.data.cards[this.id] ?? { thing: "", facts: [], path: [] };
            Object.assign(this, { thing, facts });
            this.drawPath(path);
            this.count();
        },

        count() {
            const { level } = this.$refs.count.dataset;
            this.countWords = level.replace(":level", this.pile.level()).replace(":right", this.right).replace(":all", this.all); // prettier-ignore
        },

        /** What the light meets, from the Sun on. */
        drawPath(names) {
            const gap = (WIDTH - SYMBOL) / Math.max(1, names.length - 1);
            const uses = names.map((name, i) => {
                const use = document.createElementNS(SVG, "use");
                const place = { href: `#path-${name}`, x: i * gap, y: 0, width: SYMBOL, height: SYMBOL };
                Object.entries(place).forEach(([key, value]) => use.setAttribute(key, value));
                return use;
            });
            this.$refs.symbols.replaceChildren(...uses);
        },

        press(event) {
            if (isForOthers(event)) return;
            if (event.key === "Enter" && this.isAnswered && !event.target.closest("a, button")) this.onward();
            else if (SAID[event.key] && this.isAsking) this.say(SAID[event.key]);
        },

        choose(event) {
            this.say(event.currentTarget.dataset.said);
        },

        say(said) {
            const card = this.data.cards[this.id];
            const isRight = card.answer === said;
            this.pile.answered(this.id, isRight);
            this.all++;
            if (isRight) this.right++;
            const { word, reason, conditions, do: act } = card;
            const { right, wrong } = this.$refs.verdict.dataset;
            Object.assign(this, { word, reason, conditions, act, verdict: isRight ? right : wrong });
            this.rightWord = isRight ? "right" : "wrong";
            this.isAsking = false;
            this.isAnswered = true;
            this.count();
            this.$nextTick(() => this.$refs.onward.focus());
            this.result({ exercise: "card", duty: this.data.duty, about: this.id, given: { said } });
        },
    };
}
