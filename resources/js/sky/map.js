import worldUrl from "world-atlas/countries-110m.json?url";
import closeUrl from "world-atlas/countries-50m.json?url";
import { feature } from "topojson-client";
import { latest } from "../page.js";
import { mapCanvas } from "./map-canvas.js";
import { outline, unwrapped } from "./outlines.js";

const SMALL_PX = 600;
const LABEL_PX = 14;

/** The canvas with the outlines of the countries on it. */
function worldCanvas() {
    return {
        ...mapCanvas(),

        async drawOutlines(url) {
            const topology = await (await fetch(url)).json();
            const countries = feature(topology, topology.objects.countries).features;
            this.$refs.land.setAttribute("d", countries.map(({ geometry }) => unwrapped(geometry)).join(""));
        },

        fine() {
            this.drawOutlines(closeUrl);
        },
    };
}

/** The path of an eclipse on the map. The server computed every line. */
export function skyMap() {
    return {
        ...worldCanvas(),
        instants: [],
        askThere: latest(),

        async init() {
            const { lat, lon, path } = this.$root.dataset;
            this.here = { lat: Number(lat), lon: Number(lon) };
            this.drawOutlines(worldUrl);
            const { features } = await (await fetch(path)).json();
            this.instants = features.filter((f) => f.properties.what === "instant");
            const lines = {};
            for (const { properties, geometry } of features) {
                if (properties.what !== "instant") (lines[properties.what] ??= []).push(outline(geometry));
            }
            for (const [what, d] of Object.entries(lines)) this.$refs[what].setAttribute("d", d.join(""));
            // The whole world says little on a phone.
            if (this.canvas().clientWidth < SMALL_PX) this.around(100);
            else this.show();
        },

        label(degreesPerPx) {
            // Ten minutes of the path must be wider than their label.
            const every = degreesPerPx > 0.2 ? 3 : 1;
            const shown = this.instants.filter((_, i) => i % every === 0);
            this.$refs.labels.replaceChildren(
                ...shown.map(({ geometry, properties }) =>
                    text(geometry.coordinates, properties.time.slice(11, 16), LABEL_PX * degreesPerPx),
                ),
            );
        },

        async ask({ x, y }) {
            this.asked = { lat: -y, lon: x };
            this.show();
            // An answer that is not there must not look like that of the point before.
            this.$refs.there.textContent = this.$root.dataset.asking;
            const at = { lat: (-y).toFixed(4), lon: x.toFixed(4) };
            const { piece, isStale } = await this.askThere(this.$root.dataset.there, at);
            if (isStale) return;
            if (piece !== null) this.$refs.there.innerHTML = piece;
            else this.$refs.there.textContent = this.$root.dataset.unanswered;
        },
    };
}

/** A map on which the place of a new event is picked; a tap tells the form by an event. */
export function placeMap() {
    return {
        ...worldCanvas(),

        /** Drawn when it is opened for the first time. */
        open() {
            if (this.isDrawn) return;
            this.isDrawn = true;
            this.drawOutlines(worldUrl);
            this.show();
        },

        ask({ x, y }) {
            this.asked = { lat: -y, lon: x };
            this.show();
            this.$dispatch("picked", `${(-y).toFixed(4)} ${x.toFixed(4)}`);
        },
    };
}

function text([lon, lat], words, size) {
    const element = document.createElementNS("http://www.w3.org/2000/svg", "text");
    element.setAttribute("x", lon);
    element.setAttribute("y", -lat - size * 0.6);
    element.setAttribute("font-size", size);
    element.setAttribute("text-anchor", "middle");
    element.setAttribute("class", "map-label");
    element.textContent = words;
    return element;
}
