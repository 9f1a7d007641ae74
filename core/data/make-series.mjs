/**
 * Cuts the published series for the Moon (ELP/MPP02) and the Earth (VSOP87B) to what a contact time can feel
 * and writes them as PHP: node core/data/make-series.mjs
 *
 * Sources: Chapront & Francou, Astron. Astrophys. 404 (2003) 735; Bretagnon & Francou, Astron. Astrophys. 202
 * (1988) 309. The full coefficients come with the npm package astronomia (a development dependency only).
 *
 * Every term is written as A·sin(p0 + p1·T + p2·T² + p3·T³ + p4·T⁴). Where the powers above the first cannot
 * move a term by as much as the cut within two centuries of J2000, only A, p0, p1 are kept ("steady").
 */
import { writeFileSync } from "node:fs";
import moon from "astronomia/data/elpMppDeFull";
import earth from "astronomia/data/vsop87Bearth";

const CUT_ARCSEC = 3e-4;
const CENTURIES = 2;
const ARCSEC = 3600 * (180 / Math.PI);

/** How many arcseconds one unit of a coordinate weighs in the shadow's place. */
const MOON_WEIGHT = { L: 1, B: 1, R: 0.02 };
const EARTH_WEIGHT = { L: ARCSEC, B: ARCSEC, R: 6000 };

const TAU = 2 * Math.PI;
const short = (value, digits) => String(Number(value.toPrecision(digits)));
const phase = (p0) => short(((p0 % TAU) + TAU) % TAU, 12);

function moonTerm([amplitude, p0, p1, p2, p3, p4], weight, power) {
    const reach = Math.abs(amplitude) * weight * CENTURIES ** power;
    const drift = Math.abs(p2) * CENTURIES ** 2 + Math.abs(p3) * CENTURIES ** 3 + Math.abs(p4) * CENTURIES ** 4;
    const head = [short(amplitude, 12), phase(p0), short(p1, 15)];
    return {
        reach,
        row: reach * drift < CUT_ARCSEC / 3 ? head : [...head, short(p2, 8), short(p3, 6), short(p4, 5)],
    };
}

/** VSOP87 counts T in millennia and writes cosines. */
function earthTerm([amplitude, p0, p1], weight, power) {
    const scaled = amplitude / 10 ** power;
    return {
        reach: Math.abs(scaled) * weight * CENTURIES ** power,
        row: [short(scaled, 12), phase(p0 + Math.PI / 2), short(p1 / 10, 15)],
    };
}

function cut(coordinate, weight, term) {
    return Object.entries(coordinate).map(([power, terms]) => {
        const kept = terms
            .map((t) => term(t, weight, Number(power)))
            .filter((t) => t.reach > CUT_ARCSEC)
            .sort((a, b) => b.reach - a.reach)
            .map((t) => t.row);
        return { steady: kept.filter((r) => r.length === 3), drifting: kept.filter((r) => r.length === 6) };
    });
}

function php(title, series, weights, term, extra = "") {
    let total = 0;
    const body = Object.keys(weights).map((name) => {
        const powers = cut(series[name], weights[name], term);
        while (powers.at(-1).steady.length + powers.at(-1).drifting.length === 0) powers.pop();
        const rows = (list) => list.map((r) => `            [${r.join(", ")}],\n`).join("");
        return (
            `    '${name}' => [\n` +
            powers
                .map((p) => {
                    total += p.steady.length + p.drifting.length;
                    return (
                        `        [\n            'drifting' => [\n${rows(p.drifting)}            ],\n` +
                        `            'steady' => [\n${rows(p.steady)}            ],\n        ],\n`
                    );
                })
                .join("") +
            `    ],\n`
        );
    });
    const text =
        `<?php\n\n/**\n * ${title}\n * Made by make-series.mjs; terms that reach ${CUT_ARCSEC}″ within two centuries of J2000.\n */\n\n` +
        `declare(strict_types=1);\n\nreturn [\n${extra}${body.join("")}];\n`;
    return { text, total };
}

const here = (name) => new URL(name, import.meta.url);
const outputs = {
    "moon-elp-mpp02.php": php(
        "Moon: ELP/MPP02 fitted to DE405 (Chapront & Francou 2003): L, B in arcseconds, R in km; T in Julian centuries.",
        moon,
        MOON_WEIGHT,
        moonTerm,
        `    'W1' => [${moon.W1.join(", ")}],\n`,
    ),
    "earth-vsop87b.php": php(
        "Earth: VSOP87B (Bretagnon & Francou 1988): L, B in radians, R in au; T in Julian centuries.",
        earth,
        EARTH_WEIGHT,
        earthTerm,
    ),
};
for (const [name, { text, total }] of Object.entries(outputs)) {
    writeFileSync(here(name), text);
    console.log(`${name}: ${total} terms, ${Math.round(text.length / 1024)} kB`);
}
