import { clockTime } from "./table.js";

const LATELY = 8;

/** How the day's screen looks, and what it says of itself. */
export const lookParts = {
    isSunlit: false,
    lately: [],

    setUpLook() {
        this.isSunlit = localStorage.getItem("keen-shadow sunlight") === "1";
        this.light();
        // Folded away it would not be on the paper.
        window.addEventListener("beforeprint", () => (document.querySelector(".day-sheet details").open = true));
    },

    sunlight(event) {
        this.isSunlit = event.target.checked;
        localStorage.setItem("keen-shadow sunlight", this.isSunlit ? "1" : "0");
        this.light();
    },

    light() {
        document.documentElement.dataset.light = this.isSunlit ? "sunlight" : "";
    },

    fill() {
        document.documentElement.requestFullscreen?.();
    },

    isStopped() {
        return this.state === "stopped";
    },

    /** Whether a cloud is called; before the eclipse it shows no other state. */
    isClouded() {
        return this.column === "cloud";
    },

    isOffered() {
        return this.offered !== null;
    },

    clockClass() {
        return this.isDoubtful ? "is-doubtful" : "";
    },

    /** The last lines of the log, of the day or of the rehearsal that is played. */
    showLog() {
        const own = this.rehearsal?.uuid ?? null;
        this.lately = this.entries
            .filter((entry) => (entry.rehearsal ?? null) === own)
            .slice(-LATELY)
            .reverse()
            .map((entry) => ({
                uuid: entry.uuid,
                time: clockTime(this.offsets, this.rehearsal ? this.playedAt(entry.made) : entry.made),
                words: [
                    this.words.kinds[entry.kind],
                    this.observedWords(entry),
                    this.aboutWords(entry),
                    entry.text,
                    entry.who,
                ]
                    .filter(Boolean)
                    .join(" · "),
            }));
    },

    /** "Temperature 24.3 °C". */
    observedWords({ observed, value }) {
        const kind = this.words.observed[observed];
        return (
            kind &&
            [kind.name, value, value === null ? "" : kind.unit]
                .filter((word) => word !== null)
                .join(" ")
                .trim()
        );
    },

    /** A post by its name; another entry says for itself what it is about. */
    aboutWords({ about }) {
        return this.pack.duties.find(({ id }) => id === about)?.name;
    },
};
