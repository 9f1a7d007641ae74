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
