// bin/bench sound: from press and plan to the first and the last syllable of what is called, beside what it may take. The day is the demo's, played in
// virtual time with the program's own caller and machine; the voice begins 150 ms after it is asked and takes 400 ms a word, unless said otherwise.
import { execFileSync } from "node:child_process";
import { playDay } from "../tests/js/day-sound.mjs";

const [{ tables }] = JSON.parse(
    execFileSync("php", [new URL("../tests/js/day-reference.php", import.meta.url).pathname], { maxBuffer: 64e6 }),
);
const SAID = {
    may_come_off: "Filters may come off!",
    warning: "Filters on in 10 seconds!",
    back_on: "Filters on, filters on, filters on!",
};
// As sure as a clock is that was just compared.
const table = { ...tables[0], calls: tables[0].calls.map((call) => ({ ...call, call: SAID[call.id] })) };
const at = Object.fromEntries(table.calls.map(({ id, from }) => [id, from]));
/** Filters on is called so long before the earliest end of totality that the program states: a hand's time. */
const BEFORE_C3_MS = 3000;
/** Words of a safety call begin within half a second. */
const FIRST_MS = 500;

const voices = [
    ["a voice that begins after 50 ms", { latencyMs: () => 50 }],
    ["a voice that begins after 150 ms", { latencyMs: () => 150 }],
    ["a slow voice, 600 ms", { latencyMs: () => 600 }],
    ["no voice: tones alone", { isMute: true }],
];
const calls = [
    ["filters may come off", at.may_come_off, []],
    ["warning", at.warning, []],
    ["filters on", at.back_on, []],
    ["stop, pressed in totality", at.may_come_off + 20000, [{ kind: "stop", at: at.may_come_off + 20000 }]],
    [
        "stop, pressed while the permission is spoken",
        at.may_come_off + 1300,
        [{ kind: "stop", at: at.may_come_off + 1300 }],
    ],
];
for (const [voice, how] of voices) {
    console.log(voice);
    for (const [name, due, presses] of calls) {
        const { heard } = playDay({ table, presses, from: due - 5000, to: due + 8000, ...how });
        const after = heard.filter(({ begin }) => begin >= due);
        const tone = after.find(({ what }) => what === "tone");
        const words = after.find(({ what }) => what === "voice");
        const told = (one, of) =>
            one ? `${(one.begin - due).toFixed(0)} to ${(one.end - due).toFixed(0)} ms${of ? ` (${of})` : ""}` : "none";
        const share = words ? `first syllable ${((words.begin - due) / FIRST_MS).toFixed(2)} of ${FIRST_MS} ms` : "";
        console.log(`  ${name}: tone ${told(tone)}, words ${told(words, share)}`);
        if (name === "filters on") {
            const first = words ?? tone;
            console.log(
                `    begins ${((first.begin - due) / BEFORE_C3_MS).toFixed(2)} of the ${BEFORE_C3_MS} ms before the earliest end of totality`,
            );
        }
    }
}
