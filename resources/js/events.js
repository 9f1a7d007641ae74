import { afterPause, fetchPiece, pageData } from "./page.js";

/** New event: a place from the few fills the fields; the list of eclipses follows the place. */
export function eventForm() {
    return {
        lat: "",
        lon: "",
        height_m: "",
        timezone: "",
        place_name: "",
        places: [],

        init() {
            Object.assign(this, pageData("event-form"));
            const reload = afterPause(250, () => this.reload());
            ["lat", "lon", "height_m", "timezone"].forEach((field) => this.$watch(field, reload));
        },

        choosePlace() {
            const place = this.places[Number(this.$refs.place.value)];
            if (!place) return;
            this.place_name = place.name;
            this.lat = String(place.lat);
            this.lon = String(place.lon);
            this.height_m = String(place.height_m);
            this.timezone = place.timezone;
        },

        async reload() {
            const chosen = this.$refs.list.querySelector("input:checked")?.value ?? "";
            const piece = await fetchPiece(this.$root.dataset.eclipses, {
                lat: this.lat,
                lon: this.lon,
                height_m: this.height_m,
                timezone: this.timezone,
                eclipse: chosen,
                other_date: this.$refs.list.querySelector("[name=other_date]").value,
            });
            if (piece !== null) this.$refs.list.innerHTML = piece;
        },
    };
}
