const WHOLE_S = 60;
const LOUD = 0.2;
const FADE_S = 0.03;
const A_TONE_S = 1.2;
const WARMEST = 60;

/** The light over the eclipse and the thermometer as tones; which tone is which is the server's. */
export function lightSound() {
    return {
        word: "",

        init() {
            const { dataset } = this.$root;
            this.tones = JSON.parse(dataset.tones);
            this.button = this.$root.querySelector("[data-play]");
            this.word = this.button.dataset.play;
        },

        destroy() {
            this.silence();
        },

        toggle() {
            if (this.timer) {
                this.silence();
                return;
            }
            const each = WHOLE_S / this.tones.length;
            this.sound(this.tones.map(([hertz]) => [hertz, each]));
            this.word = this.button.dataset.stop;
            const started = performance.now();
            this.timer = setInterval(() => {
                const i = Math.floor((performance.now() - started) / 1000 / each);
                if (i >= this.tones.length) this.silence();
                else this.tell(i);
            }, 250);
        },

        now() {
            const { dataset } = this.$root;
            const i = Math.floor((Date.now() / 1000 - dataset.beginEpoch) / dataset.step);
            this.silence();
            if (!this.tones[i]) {
                this.$refs.light.textContent = this.$refs.light.dataset.none;
                return;
            }
            this.sound([[this.tones[i][0], A_TONE_S]]);
            this.tell(i);
        },

        warmth() {
            const { begin, now, warmth } = this.$refs;
            const [from, to] = [begin, now].map((field) =>
                field.value.trim() === "" ? NaN : Number(field.value.replace(",", ".").replace("−", "-")),
            );
            const isRight = [from, to].every((degrees) => Math.abs(degrees) <= WARMEST);
            warmth.textContent = isRight
                ? warmth.dataset.words.replace(":change", signed(to - from))
                : warmth.dataset.refused;
            if (!isRight) return;
            const { dataset } = this.$root;
            this.silence();
            this.sound([
                [Number(dataset.warmth), A_TONE_S],
                [dataset.warmth * 2 ** ((to - from) / dataset.octave), A_TONE_S],
            ]);
        },

        /** Tones one after the other: [hertz, seconds]; 0 is still. */
        sound(tones) {
            this.context = new AudioContext();
            const [oscillator, gain] = [this.context.createOscillator(), this.context.createGain()];
            let at = this.context.currentTime;
            gain.gain.setValueAtTime(0, at);
            for (const [hertz, seconds] of tones) {
                if (hertz > 0) oscillator.frequency.setValueAtTime(hertz, at);
                gain.gain.linearRampToValueAtTime(hertz > 0 ? LOUD : 0, at + FADE_S);
                at += seconds;
                gain.gain.setValueAtTime(hertz > 0 ? LOUD : 0, at - FADE_S);
            }
            gain.gain.linearRampToValueAtTime(0, at);
            oscillator.connect(gain).connect(this.context.destination);
            oscillator.start();
            oscillator.stop(at);
        },

        silence() {
            clearInterval(this.timer);
            this.timer = null;
            this.word = this.button.dataset.play;
            this.context?.close();
            this.context = null;
        },

        tell(i) {
            const { light } = this.$refs;
            const clock = (Number(this.$root.dataset.begin) + i * this.$root.dataset.step) % 86400;
            const two = (n) => String(Math.floor(n)).padStart(2, "0");
            light.textContent = `${two(clock / 3600)}:${two((clock % 3600) / 60)} · ${light.dataset.words.replace(":percent", Math.round(this.tones[i][1]))}`;
        },
    };
}

function signed(degrees) {
    return (degrees < 0 ? "−" : "+") + Math.abs(degrees).toFixed(1);
}
