/**
 * Which card comes next, as core's Pile has it: what was wrong comes back after a few others, and it gets harder with success.
 *
 * @param {{gaps: number[], harder: number, easier: number, hardest: number}} rules
 */
export function pile(rules, level = 1) {
    const seen = new Set();
    const returning = new Map();
    let right = 0;
    let wrong = 0;
    const soonest = (cards) => cards.reduce((a, b) => (b[1].wait < a[1].wait ? b : a))[0];
    return {
        level: () => level,

        /** The id of a card; null when all are known. */
        next(dealt) {
            const due = [...returning].filter(([, { wait }]) => wait <= 0);
            if (due.length) return soonest(due);
            const levels = Object.keys(dealt)
                .map(Number)
                .sort((a, b) => Math.abs(a - level) - Math.abs(b - level) || a - b);
            for (const each of levels) {
                const fresh = dealt[each].find((id) => !seen.has(id));
                if (fresh) return fresh;
            }
            return returning.size ? soonest([...returning]) : null;
        },

        answered(id, isRight) {
            returning.forEach((card) => card.wait--);
            if (!isRight) {
                const card = returning.get(id);
                // As core's: one that is there keeps its place.
                if (card) Object.assign(card, { box: 0, wait: rules.gaps[0] });
                else returning.set(id, { box: 0, wait: rules.gaps[0] });
            } else if (returning.has(id)) {
                const box = returning.get(id).box + 1;
                returning.delete(id);
                if (box < rules.gaps.length) returning.set(id, { box, wait: rules.gaps[box] });
            }
            [right, wrong] = isRight ? [right + 1, 0] : [0, wrong + 1];
            if (right >= rules.harder) [level, right] = [Math.min(rules.hardest, level + 1), 0];
            else if (wrong >= rules.easier) [level, wrong] = [Math.max(1, level - 1), 0];
            seen.add(id);
        },
    };
}
