"""Reads an iCalendar file and prints "UID instant-in-UTC" a line; python3-dateutil makes the zones of the file's own VTIMEZONEs."""
import datetime
import re
import sys

from dateutil import tz

text = open(sys.argv[1], encoding="utf-8", newline="").read().replace("\r\n ", "").replace("\r\n", "\n")
zones = tz.tzical(sys.argv[1]) if "BEGIN:VTIMEZONE" in text else None
for entry in re.findall(r"BEGIN:VEVENT\n(.*?)END:VEVENT", text, re.S):
    uid = re.search(r"^UID:(.*)$", entry, re.M).group(1)
    tzid, start = re.search(r"^DTSTART(?:;TZID=([^:;]+))?[^:]*:(\d{8}T\d{6})Z?$", entry, re.M).groups()
    zone = zones.get(tzid) if tzid else tz.UTC
    moment = datetime.datetime.strptime(start, "%Y%m%dT%H%M%S").replace(tzinfo=zone)
    print(uid, moment.astimezone(tz.UTC).strftime("%Y-%m-%dT%H:%M:%SZ"))
