import { pageData } from "../page.js";

/** So long before a duty it is time to be there. */
const SOON_MS = 10 * 60000;

/** "24,3" as well as "24.3"; NaN where it is no number. */
const typedNumber = (text) => (text.trim() === "" ? NaN : Number(text.trim().replace(",", ".").replace("−", "-")));

/** Who is at which post, what is late, and what is called by hand. */
export const crewParts = {
    me: "",
    mine: [],
    posts: [],
    holding: "",
    isWriting: false,
    unit: "",
    lineFault: "",
    asksWhy: null,

    setUpCrew() {
        this.me = pageData("day-data").me || (localStorage.getItem(this.crewKey()) ?? "");
    },

    crewKey() {
        return `keen-shadow day ${this.log.event} who`;
    },

    iAm(event) {
        this.me = event.target.value;
        localStorage.setItem(this.crewKey(), this.me);
        this.refresh();
    },

    showCrew(at) {
        const here = this.entries.filter((entry) => (entry.rehearsal ?? null) === (this.rehearsal?.uuid ?? null));
        const last = (id) =>
            here.filter(({ kind, about }) => about === id && ["check_in", "check_out"].includes(kind)).at(-1);
        const told = (duty) => {
            const isHere = last(duty.id)?.kind === "check_in";
            return {
                ...duty,
                isHere,
                isLate: !isHere && duty.from <= at && duty.to > at,
                isSoon: !isHere && duty.from > at && duty.from - at < SOON_MS,
            };
        };
        const isMine = ({ who, to }) => this.me !== "" && who.toLowerCase() === this.me.toLowerCase() && to >= at;
        const posts = this.pack.duties.filter(isMine).map((duty) => ({ ...told(duty), isPost: true }));
        this.mine = [...posts, ...this.pack.lines.filter(isMine)].sort((a, b) => a.from - b.from);
        this.posts = this.pack.duties.filter(({ from, to }) => from - at < SOON_MS && to > at).map(told);
    },

    hasPosts() {
        return this.posts.length > 0;
    },

    checkIn(event) {
        this.write("check_in", { about: event.currentTarget.dataset.post });
    },

    checkOut(event) {
        this.write("check_out", { about: event.currentTarget.dataset.post });
    },

    async stop() {
        const { uuid } = await this.write("stop");
        this.asksWhy = uuid;
    },

    async cloud() {
        await this.write("cloud");
    },

    async clear() {
        await this.write("clear");
    },

    /** Why it was stopped: one of the usual reasons, or in one's own words. */
    async why(event) {
        event.preventDefault();
        const text = event.submitter?.value || this.$refs.why.value;
        if (text) await this.write("note", { about: this.asksWhy, text });
        this.asksWhy = null;
    },

    /** Taking a stop back wants a press of two seconds, by a finger or the key. */
    press() {
        if (this.pressing) return;
        this.holding = "holding";
        this.pressing = setTimeout(() => this.goOn(), 2000);
    },

    release() {
        clearTimeout(this.pressing);
        this.pressing = null;
        this.holding = "";
    },

    async goOn() {
        this.release();
        await this.write("go_on");
    },

    /** The unit of what is measured; what is not has no number. */
    chooseObserved(event) {
        const kind = this.words.observed[event.target.value];
        this.unit = kind?.isMeasured ? kind.unit : "";
        this.lineFault = "";
    },

    openLog() {
        this.isWriting = !this.isWriting;
        if (this.isWriting) this.$nextTick(() => this.$refs.line.focus());
    },

    async note(event) {
        event.preventDefault();
        const form = new FormData(event.target);
        const text = form.get("text").trim() || null;
        const observed = form.get("observed");
        const kind = event.submitter?.value || "note";
        const isObserved = kind === "note" && observed !== "";
        const value = isObserved && this.unit ? typedNumber(form.get("value")) : null;
        this.lineFault = Number.isNaN(value) ? this.words.notANumber : "";
        if (this.lineFault || (!text && value === null)) return;
        await this.write(isObserved ? "observation" : kind, isObserved ? { observed, value, text } : { text });
        event.target.reset();
        this.unit = "";
        this.isWriting = false;
    },
};
