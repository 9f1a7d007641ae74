/** A thermometer that logged every minute from an hour and a half before an eclipse's maximum to nearly three hours after it: 24 °C, less a bell of 4 K. */
export function thermometer(maximum, columns = "time,temperature_c") {
    const rows = [columns];
    for (let minute = -165; minute <= 185; minute++) {
        const at = new Date(Date.parse(maximum) + minute * 60000);
        rows.push(`${at.toISOString()},${(24 - 4 * Math.exp(-0.5 * ((minute - 9) / 26) ** 2)).toFixed(2)}`);
    }
    return { name: "log.csv", mimeType: "text/csv", buffer: Buffer.from(rows.join("\n")) };
}

const PNG = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

/** One of everything that an address of the logbook names. */
export async function logbookOf(event, make, sql) {
    await make(`/events/${event}/logbook/paper`, {
        kind: "wind",
        who: "F",
        within: "60",
        "rows[0][time]": "10:46",
        "rows[0][value]": "3",
    });
    return {
        dayEntry: sql(`select max(id) from day_entries where event_id = ${event}`),
        incident: await make(
            `/events/${event}/logbook/incidents`,
            { time: "10:46", within: "60", what: "F", method: "telescope" },
            "incidents",
        ),
        eyeReport: await make(
            `/events/${event}/logbook/eyes`,
            { called: "F", other: "F", eye: "left", method: "nothing", kept_days: "30" },
            "eye_reports",
        ),
        logPicture: await make(
            `/events/${event}/logbook/pictures`,
            {
                caption: "F",
                file: { name: "a.png", mimeType: "image/png", buffer: Buffer.from(PNG, "base64") },
            },
            "log_pictures",
        ),
        instrumentLog: await make(
            `/events/${event}/logbook/instruments`,
            { name: "F", zone: "UTC", sensor: "flat", file: thermometer("2027-08-02T08:46:53Z") },
            "instrument_logs",
        ),
    };
}
