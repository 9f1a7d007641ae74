/**
 * Looking pairs over by key: the digits mark faults in the order of the list, Enter records. Works beside the buttons.
 */
export function pairCheck() {
    let isSent = false;
    return {
        send() {
            isSent = true;
        },

        /** Back on a page that the browser kept: what it has sent is recorded, and the next entry needs a number of its own. */
        shownAgain(event) {
            if (event.persisted && isSent) location.reload();
        },

        key(event) {
            if (
                event.ctrlKey ||
                event.metaKey ||
                event.altKey ||
                event.target.matches("input[type=number], input[type=text]")
            )
                return;
            const box = this.$root.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
            if (!box) return;
            event.preventDefault();
            box.checked = !box.checked;
            box.focus();
        },
    };
}
