import { readFileSync, readdirSync } from "node:fs";

/** What people, and others, type into a field. */
export const TEXTS = [
    "",
    " ",
    "0",
    "-1",
    "1e400",
    "-1e-400",
    "NaN",
    "0x1F",
    "99999999999999999999",
    "1,5",
    "−3",
    "true",
    "null",
    "[]",
    "Europe/Madrid",
    "Mars/Olympus",
    "2027-08-02",
    "2027-02-31",
    "0000-00-00",
    "25:61",
    "17:30",
    "viewers",
    "building",
    "yes",
    "front",
    "36.53",
    "-6.29",
    "36°31′47″N 6°17′33″W",
    "geo:36.5,-6.3",
    "0 0; 12 0; 12 8",
    "0 0; 0 0",
    "215 0.5\n230 1",
    "'; drop table events; --",
    "<script>alert(1)</script>",
    "{{ 7*7 }}",
    "../../etc/passwd",
    "%00",
    "\u202Ellaw",
    "e\u0301",
    "漢字",
    "🌘".repeat(40),
    "=1+1",
    "x".repeat(130),
    "x".repeat(5000),
    "9".repeat(400),
    "a\nb\tc",
    "\u0007\u001b[31m",
];

/** One file of each kind that is read. */
export const SAMPLES = [
    "name,lat,lon,height_m\nCadiz,36.53,-6.29,10\nLuxor,25.7,32.64,80\n",
    "azimuth_deg,altitude_deg\n215,0.6\n230,1.1\n",
    '<?xml version="1.0"?><gpx version="1.1"><wpt lat="36.53" lon="-6.29"><ele>10</ele><name>Cadiz</name></wpt><trk><name>T</name><trkseg><trkpt lat="36.5297" lon="-6.2926"/><trkpt lat="36.5298" lon="-6.2927"/></trkseg></trk></gpx>',
    "<kml><Document><Placemark><name>Yard</name><Polygon><outerBoundaryIs><LinearRing><coordinates>-6.2926,36.5297 -6.2927,36.5297 -6.2927,36.5298 -6.2926,36.5297</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></Document></kml>",
    '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Hall"},"geometry":{"type":"Polygon","coordinates":[[[-6.2926,36.5297],[-6.2927,36.5297],[-6.2927,36.5298],[-6.2926,36.5297]]]}}]}',
    "nm,transmittance\n380,1e-5\n500,1.2e-5\n780,1e-5\n",
];

/** The fields that the program's own requests know. */
export const FIELDS = (() => {
    const files = (folder) =>
        readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
            entry.isDirectory() ? files(`${folder}/${entry.name}`) : [`${folder}/${entry.name}`],
        );
    const source = files("app/Http/Requests").map((file) => readFileSync(file, "utf8"));
    const names = source.flatMap((text) =>
        [...text.matchAll(/'([a-z_]+)(?:\.\*[a-z_.]*)?' => /g)].map(([, name]) => name),
    );
    return [
        ...new Set([...names, "best", "sort", "page", "q", "minute", "_method", "eclipse", "other_date", "as_typed"]),
    ];
})();
