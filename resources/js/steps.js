/** What was tried, one after the other, to go back and on; going on from an earlier one forgets the later ones. */
export function steps() {
    const all = [];
    let at = -1;
    return {
        add(step) {
            const text = JSON.stringify(step);
            if (text === all[at]) return;
            all.splice(++at, all.length, text);
        },
        back: () => (at > 0 ? JSON.parse(all[--at]) : null),
        on: () => (at < all.length - 1 ? JSON.parse(all[++at]) : null),
        canGoBack: () => at > 0,
        canGoOn: () => at < all.length - 1,
    };
}

/** Undo and redo of a form, spread into its component, which says what stands `now()` and can `put()` it back. */
export function undoable() {
    return {
        isFirst: true,
        isLast: true,
        steps: steps(),

        /** Remembers what stands now, to come back to. */
        keep() {
            this.steps.add(this.now());
            this.lookBack();
        },

        undo() {
            // What its answer has not come for yet is a step too.
            this.keep();
            this.goTo(this.steps.back());
        },

        redo() {
            this.goTo(this.steps.on());
        },

        goTo(step) {
            if (step === null) return;
            this.put(step);
            this.lookBack();
        },

        lookBack() {
            this.isFirst = !this.steps.canGoBack();
            this.isLast = !this.steps.canGoOn();
        },
    };
}
