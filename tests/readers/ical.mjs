// Reads an iCalendar file with ical.js and prints "UID instant-in-UTC" a line, by the file's own time zones alone.
import { readFileSync } from "node:fs";
import ICAL from "ical.js";

const calendar = new ICAL.Component(ICAL.parse(readFileSync(process.argv[2], "utf8")));
const zones = new Map(
    calendar
        .getAllSubcomponents("vtimezone")
        .map((zone) => [zone.getFirstPropertyValue("tzid"), new ICAL.Timezone(zone)]),
);
for (const entry of calendar.getAllSubcomponents("vevent")) {
    const start = entry.getFirstProperty("dtstart");
    const time = start.getFirstValue();
    const tzid = start.getParameter("tzid");
    if (tzid !== undefined) {
        if (!zones.has(tzid)) throw new Error(`no VTIMEZONE for ${tzid}`);
        time.zone = zones.get(tzid);
    }
    console.log(`${entry.getFirstPropertyValue("uid")} ${time.convertToZone(ICAL.Timezone.utcTimezone).toString()}`);
}
