import worldUrl from "world-atlas/countries-110m.json?url";
import closeUrl from "world-atlas/countries-50m.json?url";
import { feature } from "topojson-client";
import { fetchPiece } from "./page.js";

const WORLD = { x: -180, y: -90, width: 360, height: 180 };
const CLOSEST_DEG = 4;
/** Below this width in degrees the finer outlines are fetched. */
const FINE_BELOW_DEG = 120;
const TAP_PX = 5;
const SMALL_PX = 600;
const CROSS_PX = 9;
const LABEL_PX = 14;

/** A world map in plain longitude and latitude that is moved and zoomed by mouse, touch and keys, and asked by a tap. */
function mapSheet() {
    return {
        box: { ...WORLD },
        held: null,
        isFine: false,

        async drawOutlines(url) {
            const topology = await (await fetch(url)).json();
            const countries = feature(topology, topology.objects.countries).features;
            this.$refs.land.setAttribute("d", countries.map(({ geometry }) => unwrapped(geometry)).join(""));
        },

        /** Puts the window on the sheet and what keeps its size on the screen. */
        show() {
            const { x, y, width, height } = this.box;
            this.$refs.sheet.setAttribute("viewBox", `${x} ${y} ${width} ${height}`);
            const degreesPerPx = width / this.$refs.sheet.clientWidth;
            const arm = CROSS_PX * degreesPerPx;
            if (this.here) this.$refs.site.setAttribute("d", cross(this.here.lon, -this.here.lat, arm));
            if (this.asked) this.$refs.point.setAttribute("d", cross(this.asked.lon, -this.asked.lat, arm));
            this.label(degreesPerPx);
            if (!this.isFine && width < FINE_BELOW_DEG) {
                this.isFine = true;
                this.drawOutlines(closeUrl);
            }
        },

        /** What is written on the map; nothing by default. */
        label() {},

        zoom(factor, about = this.middle()) {
            const width = Math.min(WORLD.width, Math.max(CLOSEST_DEG, this.box.width * factor));
            const scale = width / this.box.width;
            this.place(about.x - (about.x - this.box.x) * scale, about.y - (about.y - this.box.y) * scale, width);
        },

        place(x, y, width) {
            const height = width / 2;
            this.box = {
                x: Math.min(180 - width, Math.max(-180, x)),
                y: Math.min(90 - height, Math.max(-90, y)),
                width,
                height,
            };
            this.show();
        },

        middle() {
            return { x: this.box.x + this.box.width / 2, y: this.box.y + this.box.height / 2 };
        },

        at(event) {
            const frame = this.$refs.sheet.getBoundingClientRect();
            return {
                x: this.box.x + ((event.clientX - frame.left) / frame.width) * this.box.width,
                y: this.box.y + ((event.clientY - frame.top) / frame.height) * this.box.height,
            };
        },

        closer() {
            this.zoom(0.5);
        },

        farther() {
            this.zoom(2);
        },

        whole() {
            this.place(WORLD.x, WORLD.y, WORLD.width);
        },

        site() {
            this.around(30);
        },

        around(width) {
            this.place(this.here.lon - width / 2, -this.here.lat - width / 4, width);
        },

        wheel(event) {
            this.zoom(event.deltaY > 0 ? 1.25 : 0.8, this.at(event));
        },

        grab(event) {
            this.held = { clientX: event.clientX, clientY: event.clientY, box: { ...this.box }, moved: false };
            this.$refs.sheet.setPointerCapture(event.pointerId);
        },

        drag(event) {
            if (!this.held) return;
            const frame = this.$refs.sheet.getBoundingClientRect();
            const dx = event.clientX - this.held.clientX;
            const dy = event.clientY - this.held.clientY;
            if (Math.hypot(dx, dy) < TAP_PX && !this.held.moved) return;
            this.held.moved = true;
            const { x, y, width, height } = this.held.box;
            this.place(x - (dx / frame.width) * width, y - (dy / frame.height) * height, width);
        },

        drop(event) {
            const tapped = this.held && !this.held.moved && event.type === "pointerup";
            this.held = null;
            if (tapped) this.ask(this.at(event));
        },

        key(event) {
            const step = this.box.width / 10;
            const moves = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] };
            if (moves[event.key]) {
                const [dx, dy] = moves[event.key];
                this.place(this.box.x + dx, this.box.y + dy, this.box.width);
            } else if (event.key === "+") this.zoom(0.5);
            else if (event.key === "-") this.zoom(2);
            else if (event.key === "Enter") this.ask(this.middle());
            else return;
            event.preventDefault();
        },
    };
}

/** The path of an eclipse on the map. The server computed every line. */
export function skyMap() {
    return {
        ...mapSheet(),
        instants: [],

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
            if (this.$refs.sheet.clientWidth < SMALL_PX) this.around(100);
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
            const piece = await fetchPiece(this.$root.dataset.there, { lat: (-y).toFixed(4), lon: x.toFixed(4) });
            if (this.asked.lat !== -y || this.asked.lon !== x) return;
            if (piece !== null) this.$refs.there.innerHTML = piece;
            else this.$refs.there.textContent = this.$root.dataset.unanswered;
        },
    };
}

/** A map on which the place of a new event is picked; a tap tells the form by an event. */
export function placeMap() {
    return {
        ...mapSheet(),

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

/** SVG path of a GeoJSON line or area; the server cut it at the antimeridian. */
function outline({ type, coordinates }) {
    const line = (points, end) => `M${points.map(([lon, lat]) => `${lon} ${-lat}`).join("L")}${end}`;
    return type === "MultiPolygon"
        ? coordinates.flatMap((rings) => rings.map((ring) => line(ring, "Z"))).join("")
        : coordinates.map((points) => line(points, "")).join("");
}

/** SVG path of a country; a ring that crosses the antimeridian is drawn on both sides of the sheet. */
function unwrapped({ type, coordinates }) {
    return (type === "MultiPolygon" ? coordinates.flat() : coordinates)
        .map((ring) => {
            let shift = 0;
            let before = ring[0][0];
            const points = ring.flatMap(([lon, lat]) => {
                const jumps = Math.abs(lon - before) > 180;
                const from = before;
                before = lon;
                // Antarctica goes once around: from one border of the sheet to the other by way of the pole.
                if (jumps && lat < -60) return [[from, 90], [lon, 90], [lon, -lat]]; // prettier-ignore
                if (jumps) shift += lon < from ? 360 : -360;
                return [[lon + shift, -lat]];
            });
            const d = (by) => `M${points.map(([x, y]) => `${x + by} ${y}`).join("L")}Z`;
            const past = points.some(([x]) => x > 180) ? -360 : points.some(([x]) => x < -180) ? 360 : 0;
            return past === 0 ? d(0) : d(0) + d(past);
        })
        .join("");
}

function cross(x, y, size) {
    return `M${x - size} ${y}H${x + size}M${x} ${y - size}V${y + size}`;
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
