/**
 * Looking up what the server worked out for a day: tables of states for clocks that are more and less sure, and what was
 * called. Nothing is computed here but which row holds. Moments are milliseconds since 1970.
 */

/** The first table for a clock that is no surer than this one; the last is for a clock of which nothing is known. */
export function tableFor(tables, uncertaintyS) {
    return tables.find(({ uncertainty }) => uncertainty !== null && uncertaintyS <= uncertainty) ?? tables.at(-1);
}

/** Which column holds: whether a stop or a cloud was called by then and not taken back since. Of two at once caution holds. */
export function columnAt(calls, at) {
    const last = (kind) => Math.max(-Infinity, ...calls.filter((c) => c.kind === kind && c.at <= at).map((c) => c.at));
    const holds = (call, back) => last(call) > -Infinity && last(call) >= last(back);
    if (holds("stop", "go_on")) return "stop";
    return holds("cloud", "clear") ? "cloud" : "planned";
}

/** The state at a moment, by what was called. */
export function stateAt(table, at, calls) {
    const state = table.spans.find(({ to }) => to === null || at < to)[columnAt(calls, at)];
    return state === "may_come_off" && wasTakenBackTooLate(table, calls, at) ? "kept_on" : state;
}

/** Whether a stop or a cloud was taken back in totality past the moment up to which filters come off again. */
function wasTakenBackTooLate({ spans, returnUntil }, calls, at) {
    const off = spans[spans.findIndex(({ planned }) => planned === "may_come_off") - 1].to;
    const moments = (kind) => calls.filter((c) => c.kind === kind && c.at <= at).map((c) => c.at);
    return [
        ["stop", "go_on"],
        ["cloud", "clear"],
    ].some(([call, back]) => {
        const last = Math.max(-Infinity, ...moments(call));
        const taken = Math.min(Infinity, ...moments(back).filter((moment) => moment > last));
        return last > -Infinity && taken < Infinity && taken > Math.max(off, returnUntil);
    });
}

/** What is shown: once filters were on again after totality no surer clock takes them off once more. */
export function onward(wereBackOn, state) {
    return wereBackOn && state === "may_come_off" ? "filters_back_on" : state;
}

/** Whether filters were on again after totality; before it, as when a clock is put right, that counts no more. */
export function areBackOn(wereBackOn, state) {
    if (state === "before" || state === "filters_on") return false;
    return wereBackOn || state === "filters_back_on";
}

/** Whether the eclipse lasts, or is about to begin. */
export function isOn(table, at, soonMs) {
    return at >= table.spans[0].to - soonMs && at < table.spans.at(-2).to;
}

/** What comes, in order of time: the lines of the plan and what is called about filters; under clouds plan B instead of what needs the Sun; where filters are kept on nothing about their coming off. */
export function linesOf(table, lines, column, state) {
    const isPlanned = column === "planned" && state !== "kept_on";
    const [off, warning] = ["may_come_off", "warning"].map((id) => table.calls.find((call) => call.id === id)?.from);
    // By this clock: the times of the filters are drawn in by what it may be wrong.
    const isFree = ({ from, to }) => isPlanned && off <= from && to <= warning;
    const isUsed = (line) =>
        line.clouds !== (column === "cloud" ? "falls_away" : "only_then") && (!line.onlyFiltersOff || isFree(line));
    const calls = table.calls.map((call) => ({ ...call, isFilters: true }));
    return [...lines.filter(isUsed), ...(isPlanned ? [...calls, ...table.looks] : [])].sort((a, b) => a.from - b.from);
}

/** What begins after a moment up to another. */
export function between(lines, after, upTo) {
    return lines.filter(({ from }) => from > after && from <= upTo);
}

/** Whether the disc was worked out for a moment. */
export function isSampled(samples, at) {
    return at >= 1000 * samples[0].s && at <= 1000 * samples.at(-1).s;
}

/** The disc at a moment, between the samples before and after it. */
export function sampleAt(samples, at) {
    const s = at / 1000;
    const i = samples.findIndex((sample) => sample.s > s);
    if (i <= 0) return samples[i === 0 ? 0 : samples.length - 1];
    const [a, b] = [samples[i - 1], samples[i]];
    const part = (s - a.s) / (b.s - a.s);
    const mixed = (key) => a[key] + part * (b[key] - a[key]);
    return { ...a, x: mixed("x"), y: mixed("y"), r: mixed("r"), o: mixed("o") };
}

/** By how much the place's clock is ahead of UTC at a moment, and what its time is called; whatever zone the device has. */
export function offsetAt(offsets, at) {
    return offsets.findLast(({ from }) => from <= at) ?? offsets[0];
}

/** "10:45:29" of a moment on the place's clock. */
export function clockTime(offsets, at) {
    const { seconds } = offsetAt(offsets, at);
    return new Date(at + 1000 * seconds).toISOString().slice(11, 19);
}

/** The moment nearest to another at which the place's clock shows a time that somebody typed; null for what is no time. */
export function momentOf(offsets, typed, near) {
    const match = /^\s*([01]?\d|2[0-3])[:. ]([0-5]\d)(?:[:. ]([0-5]\d))?\s*$/.exec(typed);
    if (!match) return null;
    const seconds = (words) => words.reduce((sum, part) => 60 * sum + Number(part ?? 0), 0);
    const apart = seconds(match.slice(1)) - seconds(clockTime(offsets, near).split(":"));
    const nearest = ((apart + 129600) % 86400) - 43200;
    return near - (near % 1000) + 1000 * nearest;
}

/** Whether a time was typed with its seconds. */
export function isToTheSecond(typed) {
    return typed.trim().split(/[:. ]/).length === 3;
}

/** How long until: "3:07", "1:02:03", "12 d". Whole seconds, none of them lost: it says 0:01 to the end. */
export function countdown(ms) {
    const seconds = Math.ceil(ms / 1000);
    if (seconds >= 2 * 86400) return `${Math.floor(seconds / 86400)} d`;
    const parts = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
    const [, m, s] = parts.map((part) => String(part).padStart(2, "0"));
    return parts[0] > 0 ? `${parts[0]}:${m}:${s}` : `${Number(m)}:${s}`;
}
