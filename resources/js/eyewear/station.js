import { pageData } from "../page.js";
import { newUuid, post } from "../send.js";
import { dropStation, forget, keep, sendWaiting, stationOf, unsent } from "./outbox.js";
import { afterPair, afterPause, minutesFor, secondsEach, unknownPace } from "./pace.js";
import { tags } from "./tags.js";
import { tone } from "./tones.js";

const RETRY_MS = [2000, 5000, 10000, 30000];

/** Whether no other tab of this browser has the station open: two would show the same tags. Held as long as the page is. */
function alone(key) {
    if (!navigator.locks) return Promise.resolve(true);
    return new Promise((told) => {
        navigator.locks.request(`station ${key}`, { ifAvailable: true }, (lock) => {
            told(lock !== null);
            return lock && new Promise(() => {});
        });
    });
}

/**
 * The looking-over station. A key or a button records what was found on the pair whose tag is shown, and the next tag
 * comes by itself; each entry is kept on the device first. What a key means for the pair is the server's to say.
 */
export function station() {
    return {
        ...tags,
        tag: "",
        said: "",
        network: "",
        progress: "",
        isPaused: false,
        hasSound: true,
        refused: [],
        others: [],

        async init() {
            Object.assign(this, pageData("station-data"));
            this.key = `${this.checker} ${this.url} ${this.occasion}`;
            this.pace = unknownPace;
            this.retries = 0;
            // Presses are worked off one after the other, each for the tag that is shown when it is its turn.
            this.turn = alone(this.key).then((isAlone) => (isAlone ? this.begin() : this.elsewhere()));
            this.awake();
        },

        /** Nothing is ever this tab's turn. */
        elsewhere() {
            this.said = this.words.elsewhere;
            this.isElsewhere = true;
            return new Promise(() => {});
        },

        async begin() {
            this.at = (await stationOf(this.key)) ?? { tray: null, next: null, spent: [], last: null, count: 0 };
            await this.send();
            if (this.at.tray) await this.hear();
            await this.onward();
            this.show();
        },

        press(event) {
            const { ctrlKey, metaKey, altKey, repeat, target, key } = event;
            if (ctrlKey || metaKey || altKey || repeat || target.closest("input, select")) return;
            // These work the button or link that has been reached by keys.
            if ([" ", "Enter"].includes(key) && target.closest("a, summary, button")) return;
            const choice = this.choices.find((each) => each.key === key) ?? (key === "Enter" ? this.choices[0] : null);
            const name = key.length === 1 ? key.toLowerCase() : key;
            const act = { p: "pause", s: "sound", u: "undo", Backspace: "undo" }[name];
            if (!choice && !act) return;
            event.preventDefault();
            if (choice) this.found(choice);
            else this[act]();
        },

        /** Whoever has touched a button and presses the space bar then means the next pair, not that button again. */
        unfocus({ detail, target }) {
            if (detail > 0) target.closest("button, summary")?.blur();
        },

        choose(event) {
            this.found(this.choices[event.currentTarget.dataset.choice]);
        },

        found(choice) {
            this.turn = this.turn.then(() => this.record(choice)).catch(() => (this.said = this.words.notKept));
        },

        undo() {
            this.turn = this.turn.then(() => this.takeBack()).catch(() => (this.said = this.words.notKept));
        },

        async record(choice) {
            const { tray } = this.at;
            if (this.isPaused || !tray?.tags.length) return;
            const [tag, ...rest] = tray.tags;
            const entry = this.entry({ tag, faults: choice.fault ? [choice.fault] : [], voids: null });
            await this.keepWith(entry, {
                tray: { ...tray, tags: rest },
                last: { uuid: entry.uuid, tag },
                count: this.at.count + 1,
            });
            this.pace = afterPair(this.pace, Date.now());
            if (this.hasSound) tone(choice.level);
            this.said = `${tag} · ${choice.words}`;
            this.$root.dataset.level = choice.level;
            await this.onward();
            this.show();
            this.sendSoon();
            if (this.timer) await this.showNetwork("away");
        },

        async takeBack() {
            const { last, tray } = this.at;
            if (!last) return;
            const entry = this.entry({ tag: last.tag, faults: [], voids: last.uuid });
            const rest = [last.tag, ...(tray?.tags ?? []).filter((tag) => tag !== last.tag)];
            await this.keepWith(entry, { tray: { ...tray, tags: rest }, last: null, count: this.at.count - 1 });
            this.said = this.words.takenBack.replace(":tag", last.tag);
            this.$root.dataset.level = "";
            this.show();
            this.sendSoon();
            if (this.timer) await this.showNetwork("away");
        },

        /** The next tags may come while this is written: they stay. */
        async keepWith(entry, change) {
            await keep(entry, this.key, { ...this.at, ...change });
            this.at = { ...this.at, ...change };
        },

        entry(what) {
            const { url, occasion, checker } = this;
            return {
                uuid: newUuid(),
                url,
                occasion,
                checker,
                tray: this.at.tray?.uuid ?? null,
                seen_at: new Date().toISOString(),
                ...what,
            };
        },

        sendSoon() {
            this.isToSend = true;
            // Without network it is tried again after a while, not with every pair.
            if (this.isSending || this.timer) return;
            this.isSending = true;
            this.isToSend = false;
            this.network = this.words.sending;
            this.send()
                .catch(() => "away")
                .then((state) => {
                    this.isSending = false;
                    if (state === "sent" && this.isToSend) this.sendSoon();
                });
        },

        async send() {
            const { state, answer } = await sendWaiting(this.checker);
            clearTimeout(this.timer);
            this.timer = null;
            if (answer) this.hears(answer);
            if (state === "away") {
                this.timer = setTimeout(() => this.again(), RETRY_MS[Math.min(this.retries++, RETRY_MS.length - 1)]);
            } else if (state === "sent") {
                this.retries = 0;
                this.giveBackSpent();
            }
            await this.showNetwork(state);
            return state;
        },

        /** After a while without network, or at once when it is back. */
        again() {
            this.timer = null;
            this.turn = this.turn
                .then(() => this.send())
                .then(() => this.onward())
                .then(() => this.show());
        },

        digits() {
            return String(this.tag).length;
        },

        show() {
            this.tag = this.at.tray?.tags[0] ?? "–";
            const minutes = minutesFor(this.pace, this.left ?? 0);
            const words = [this.words.done.replace(":count", this.at.count)];
            if (this.left !== undefined) words.push(this.words.left.replace(":count", this.left));
            if (minutes !== undefined)
                words.push(
                    this.words.pace.replace(":seconds", secondsEach(this.pace).toFixed(1)).replace(":minutes", minutes),
                );
            this.progress = words.join(" · ");
        },

        async showNetwork(state) {
            const { waiting, refused } = await unsent(this.checker);
            this.refused = refused.map(({ seq, tag, why }) => ({ seq, words: `${tag}: ${why}` }));
            const isAll = state === "sent";
            const word = isAll && waiting.length ? "sending" : isAll && refused.length ? "refused" : state;
            this.network = this.words[word].replace(":count", (word === "refused" ? refused : waiting).length);
        },

        async dismiss(event) {
            await forget(Number(event.currentTarget.dataset.seq));
            await this.showNetwork("sent");
        },

        pause() {
            this.isPaused = !this.isPaused;
            this.pace = afterPause(this.pace, this.isPaused ? null : Date.now());
        },

        sound() {
            this.hasSound = !this.hasSound;
        },

        async leave(event) {
            if (this.isElsewhere) return;
            event.preventDefault();
            const { href } = event.currentTarget;
            await this.turn;
            if ((await this.send()) === "sent") {
                for (const uuid of [this.at.tray?.uuid, this.at.next?.uuid, ...this.at.spent].filter(Boolean)) {
                    await post(`${this.url}/trays/release`, { uuid, occasion: this.occasion });
                }
                await dropStation(this.key);
            }
            location.assign(href);
        },

        async awake() {
            if (document.visibilityState === "visible") await navigator.wakeLock?.request("screen").catch(() => {});
        },
    };
}
