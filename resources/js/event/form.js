import { afterPause, latest, pageData } from "../page.js";

/** New event: a place that is found fills the fields; the list of eclipses follows the place. */
export function eventForm() {
    return {
        lat: "",
        lon: "",
        height_m: "",
        timezone: "",
        place_name: "",
        looksFor: null,
        askPlaces: latest(),
        askEclipses: latest(),

        init() {
            Object.assign(this, pageData("event-form"));
            const reload = afterPause(250, () => this.reload());
            ["lat", "lon", "height_m", "timezone", "place_name"].forEach((field) => this.$watch(field, reload));
            this.lookUp = afterPause(150, () => this.find());
        },

        search() {
            this.lookUp();
        },

        /** Asks once for what is typed: the same list put there a second time would take the focus from its first place. */
        find() {
            const typed = this.$refs.place.value;
            if (typed !== this.looksFor) this.finding = this.list(typed);
            this.looksFor = typed;
            return this.finding;
        },

        async list(typed) {
            const { piece, isStale } = await this.askPlaces(this.$root.dataset.places, { q: typed });
            // What was typed since is asked for soon.
            if (isStale || typed !== this.$refs.place.value) return;
            this.$refs.unreached.hidden = piece !== null;
            if (piece === null) this.looksFor = null;
            else this.$refs.found.innerHTML = piece;
        },

        /** A plain match is taken; else the list waits for a choice. */
        async takeFirst() {
            await this.find();
            const first = this.$refs.found.querySelector("button");
            if (first?.hasAttribute("data-plain")) this.fill(first);
            else first?.focus();
        },

        /** A place picked on the map, as coordinates. */
        async pick(event) {
            this.$refs.place.value = event.detail;
            await this.takeFirst();
        },

        take(event) {
            this.fill(event.target.closest("button"));
        },

        takeEarlier(event) {
            const link = event.target.closest("a");
            if (!link) return;
            event.preventDefault();
            this.fill(link);
        },

        /** Takes the name and the zone that go with the coordinates, as far as what stands there does not. */
        fit(event) {
            const { name, zone, misfits } = event.currentTarget.dataset;
            if (misfits.includes("place_name")) this.place_name = name;
            if (misfits.includes("timezone")) this.timezone = zone;
        },

        fill(button) {
            if (!button) return;
            const { name, lat, lon, height, zone } = button.dataset;
            this.place_name = name;
            this.lat = lat;
            this.lon = lon;
            this.height_m = height === "" ? "0" : height;
            this.timezone = zone;
            this.$refs.found.innerHTML = "";
            this.$refs.place.value = "";
            this.looksFor = null;
        },

        async reload() {
            const chosen = this.$refs.list.querySelector("input:checked")?.value ?? "";
            const { piece, isStale } = await this.askEclipses(this.$root.dataset.eclipses, {
                lat: this.lat,
                lon: this.lon,
                height_m: this.height_m,
                timezone: this.timezone,
                place_name: this.place_name,
                eclipse: chosen,
                other_date: this.$refs.list.querySelector("[name=other_date]").value,
            });
            if (isStale) return;
            this.$refs.unreached.hidden = piece !== null;
            if (piece !== null) this.$refs.list.innerHTML = piece;
        },
    };
}
