/** Local circumstances by the npm package astronomy-engine: node bench/astronomy-engine.mjs FILE */
import { readFileSync } from "node:fs";
import { MakeTime, Observer, SearchLocalSolarEclipse } from "astronomy-engine";

const sites = readFileSync(process.argv[2], "utf8")
    .trim()
    .split("\n")
    .map((line) => line.split(" ").map(Number));
const start = MakeTime(new Date("2027-08-01T12:00:00Z"));
let best = Infinity;
for (let run = 0; run < 2; run += 1) {
    const from = process.hrtime.bigint();
    for (const [lat, lon] of sites) SearchLocalSolarEclipse(start, new Observer(lat, lon, 0));
    best = Math.min(best, Number(process.hrtime.bigint() - from) / 1e9);
}
console.log(`sites_per_second ${(sites.length / best).toFixed(1)}`);
