/** Values of the curves under the pointer, or where the slider is put by keys. */
export function spectrum() {
    return {
        init() {
            Object.assign(this, JSON.parse(this.$root.dataset.values));
            this.tell();
        },

        point(event) {
            const { plot, nm } = this.$refs;
            const box = plot.querySelector("svg").getBoundingClientRect();
            const share = Math.max(0, Math.min(1, (event.clientX - box.left) / box.width));
            nm.value = Number(nm.min) + share * (nm.max - nm.min);
            this.tell();
        },

        tell() {
            const { nm, words, cursor } = this.$refs;
            const at = Number(nm.value);
            cursor.setAttribute("d", `M${(100 * (at - nm.min)) / (nm.max - nm.min)} 0V100`);
            const values = this.curves.map(
                ({ name, at: fractions }) =>
                    `${name}: ${percent(fractions[(at - this.from) / this.step]) ?? words.dataset.missing}`,
            );
            words.textContent = `${at} nm · ${values.join(" · ")}`;
        },
    };
}

/** A fraction in per cent, three digits; nothing where it is not known. */
export function percent(fraction) {
    if (fraction === null || fraction === undefined) return undefined;
    const value = 100 * fraction;
    const digits = value > 0 ? Math.max(0, 2 - Math.floor(Math.log10(value))) : 0;
    return `${value.toFixed(Math.min(12, digits))} %`;
}
