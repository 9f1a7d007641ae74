/** Draws the code of each label; the drawing of codes is fetched with the page that needs it. */
export function labels() {
    return {
        async init() {
            const { create } = (await import("qrcode")).default;
            this.$root
                .querySelectorAll("[data-address]")
                .forEach((svg) => draw(svg, create(svg.dataset.address, { errorCorrectionLevel: "M" })));
            this.$root.dataset.drawn = "";
        },
    };
}

/** One path of a square for each dark module, with the four clear modules around that a reader needs (ISO/IEC 18004). */
function draw(svg, { modules }) {
    const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i)
        .filter((i) => modules.data[i])
        .map((i) => `M${(i % modules.size) + 4} ${Math.floor(i / modules.size) + 4}h1v1h-1z`);
    svg.setAttribute("viewBox", `0 0 ${modules.size + 8} ${modules.size + 8}`);
    const path = document.createElementNS("http://www.w3.org/2000/svg", "path");
    path.setAttribute("d", dark.join(""));
    svg.append(path);
}
