#!/usr/bin/env python3
"""Write sun.csv: where ERFA (IAU SOFA) puts the Sun over the demo's place during its three eclipses; and plan-frame.csv:
where ERFA's gd2gc puts points of the ellipsoid on the plane that touches it at another.

    python3 core/tests/Site/reference/make_reference.py      (Debian: python3-erfa)

The Sun is taken from ERFA's epv00 at the time its light left, turned to the site by atco13 with 1010 hPa, 10 degrees C,
half humid air and green light, and lowered by its parallax. UT1 is taken as UTC.
"""
import csv, math, os
import erfa, numpy as np

LAT, LON, HEIGHT = 36.5297, -6.2926, 10.0
SPANS = {'2026-08-12': (17.5, 18.9), '2027-08-02': (7.5, 10.25), '2028-01-26': (14.75, 17.25)}
AU_DAYS, PARALLAX = 499.004784 / 86400, math.radians(8.794 / 3600)


def sun(utc1, utc2):
    tt1, tt2 = erfa.taitt(*erfa.utctai(utc1, utc2))
    light = 0.0
    for _ in range(3):
        heliocentric = np.array(erfa.epv00(tt1, tt2 - light)[0]['p'])
        # The Sun when the light left, seen from the Earth now: the Earth's own way meanwhile is aberration, in atco13.
        earth_now, earth_then = (np.array(erfa.epv00(tt1, tt2 - by)[1]['p']) for by in (0.0, light))
        direction = earth_then - heliocentric - earth_now
        light = float(np.linalg.norm(direction)) * AU_DAYS
    longitude, latitude = erfa.c2s(direction)
    azimuth, zenith, *_ = erfa.atco13(longitude, latitude, 0, 0, 0, 0, utc1, utc2, 0.0, math.radians(LON), math.radians(LAT), HEIGHT, 0, 0, 1010, 10, 0.5, 0.55)
    altitude = math.pi / 2 - zenith
    return math.degrees(azimuth), math.degrees(altitude - PARALLAX * math.cos(altitude))


HERE = os.path.dirname(os.path.abspath(__file__))
with open(os.path.join(HERE, 'sun.csv'), 'w', newline='') as out:
    table = csv.writer(out, lineterminator='\n')
    table.writerow(['date', 'utc', 'azimuth_deg', 'apparent_altitude_deg'])
    for date, (begin, end) in SPANS.items():
        y, m, d = map(int, date.split('-'))
        for k in range(8):
            seconds = round((begin + (end - begin) * k / 7) * 3600)
            h, rest = divmod(seconds, 3600)
            utc1, utc2 = erfa.dtf2d('UTC', y, m, d, h, rest // 60, float(rest % 60))
            azimuth, altitude = sun(utc1, utc2)
            table.writerow([date, f'{date}T{h:02d}:{rest // 60:02d}:{rest % 60:02d}Z', f'{azimuth:.4f}', f'{altitude:.4f}'])

with open(os.path.join(HERE, 'plan-frame.csv'), 'w', newline='') as out:
    table = csv.writer(out, lineterminator='\n')
    table.writerow(['lat0', 'lon0', 'lat', 'lon', 'east_m', 'north_m'])
    for lat0, lon0 in ((36.5297, -6.2926), (0.0, 179.999), (-33.87, 151.21), (60.0, 24.9), (78.22, 15.65)):
        origin = erfa.gd2gc(1, math.radians(lon0), math.radians(lat0), 0.0)
        for north, east in ((0.0009, 0.0), (0.0, 0.0012), (-0.004, 0.003), (0.007, -0.008)):
            lat, lon = lat0 + north, lon0 + east / max(0.2, math.cos(math.radians(lat0)))
            x, y, z = erfa.gd2gc(1, math.radians(lon), math.radians(lat), 0.0) - origin
            a, b = math.radians(lon0), math.radians(lat0)
            east_m = -math.sin(a) * x + math.cos(a) * y
            north_m = -math.sin(b) * math.cos(a) * x - math.sin(b) * math.sin(a) * y + math.cos(b) * z
            table.writerow([lat0, lon0, f'{lat:.7f}', f'{lon:.7f}', f'{east_m:.3f}', f'{north_m:.3f}'])
