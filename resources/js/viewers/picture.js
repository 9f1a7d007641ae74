/**
 * Shows a picture once it has come, one after another; of those that wait only the last is fetched, and the one before stands
 * until then.
 */
export function latestPicture(show) {
    let next = null;
    let isBusy = false;
    return async (src) => {
        next = src;
        if (isBusy) return;
        isBusy = true;
        while (next !== null) {
            const picture = new Image();
            picture.src = next;
            next = null;
            try {
                await picture.decode();
                show(picture);
            } catch {
                // It could not be had: the one before stands, as the numbers beside it do.
            }
        }
        isBusy = false;
    };
}
