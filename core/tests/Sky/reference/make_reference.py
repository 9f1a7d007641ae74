#!/usr/bin/env python3
"""Write local-circumstances.csv, random-circumstances.csv, apparent-places.csv, earth-orientation.csv and sunrise.csv: what independent programs say, for the tests to compare with.

    php artisan sky:eclipses --from=1950 --to=2100 | python3 core/tests/Sky/reference/make_reference.py
    (Debian: swetest swe-standard-data python3-erfa)

Two references stand side by side, both with the constants k1 = 0.272517, k2 = 0.272288, solar radius 696 000 km and
the delta T that swetest itself uses for the date:

* swe_*: what `swetest -solecl -local` prints. It leaves nutation out of the observer's place and stops iterating early.
* ref_*: Sun and Moon from swetest (JPL-fitted places), the site turned by ERFA's gst06a on WGS84, and contacts where the
  angle between the topocentric centres equals the sum or difference of the topocentric semidiameters; the maximum where
  the site is nearest to the line through the centres of Sun and Moon. No Besselian elements are in it. swetest takes
  the least angle for the maximum, which in a shallow partial eclipse is up to a quarter of a minute away.
"""
import csv, json, math, os, random, re, subprocess, sys
import erfa, numpy as np

HERE = os.path.dirname(os.path.abspath(__file__))
PLANETS = (('mercury', 2), ('venus', 3), ('mars', 4), ('jupiter', 5), ('saturn', 6))
EPHE = '-edir/usr/share/libswe/ephe'
K1, K2, RSUN, EARTH, AU, C = 0.272517, 0.272288, 696000.0, 6378.137, 149597870.7, 299792.458
PLACES = {
    'Cadiz': (36.53, -6.29, 10), 'Luxor': (25.70, 32.64, 90), 'Tangier': (35.77, -5.80, 20), 'Jeddah': (21.54, 39.17, 12),
    'Reykjavik': (64.15, -21.94, 20), 'Burgos': (42.34, -3.70, 860), 'Dublin': (53.35, -6.26, 20),
    'Guayaquil': (-2.19, -79.89, 5), 'Sevilla': (37.39, -5.99, 10), 'Dallas': (32.78, -96.80, 130),
    'Mazatlan': (23.25, -106.41, 5), 'Montreal': (45.50, -73.57, 30), 'Albuquerque': (35.08, -106.65, 1600),
    'San Antonio': (29.42, -98.49, 200), 'Bogota': (4.71, -74.07, 2550), 'Exmouth': (-21.93, 114.13, 10),
    'Dili': (-8.56, 125.57, 10), 'La Serena': (-29.90, -71.25, 30), 'Buenos Aires': (-34.60, -58.38, 25),
    'La Paz': (-16.50, -68.15, 3640), 'Stuttgart': (48.78, 9.18, 250), 'Bucharest': (44.43, 26.10, 80),
    'Karachi': (24.86, 67.01, 8), 'Sydney': (-33.87, 151.21, 40), 'Windhoek': (-22.56, 17.08, 1650),
    'Durban': (-29.86, 31.02, 8), 'Halifax': (44.65, -63.57, 30), 'Nuuk': (64.18, -51.72, 5), 'Oslo': (59.91, 10.75, 20),
    'Casablanca': (33.57, -7.59, 20), 'Caracas': (10.48, -66.90, 900), 'Nairobi': (-1.29, 36.82, 1795),
    'Tromso': (69.65, 18.96, 5), 'Recife': (-8.05, -34.88, 10), 'Tokyo': (35.68, 139.69, 40), 'Honolulu': (21.31, -157.86, 5),
}
ECLIPSES = {
    '1955-06-20': ['Sydney', 'Tokyo'], '1999-08-11': ['Stuttgart', 'Bucharest', 'Karachi', 'Dublin'],
    '2019-07-02': ['La Serena', 'Buenos Aires', 'Guayaquil', 'La Paz'], '2023-04-20': ['Exmouth', 'Dili', 'Sydney'],
    '2023-10-14': ['Albuquerque', 'San Antonio', 'Bogota', 'Montreal'],
    '2024-04-08': ['Dallas', 'Mazatlan', 'Montreal', 'San Antonio', 'Honolulu'],
    '2025-03-29': ['Halifax', 'Nuuk', 'Oslo', 'Tromso'], '2026-08-12': ['Reykjavik', 'Burgos', 'Cadiz', 'Dublin'],
    '2027-08-02': ['Cadiz', 'Luxor', 'Tangier', 'Jeddah', 'Casablanca', 'Nairobi'],
    '2028-01-26': ['Guayaquil', 'Sevilla', 'Caracas', 'Recife'], '2028-07-22': ['Sydney', 'Dili'],
    '2030-11-25': ['Windhoek', 'Durban'], '2049-11-25': ['Nairobi'], '2186-07-16': ['Bogota', 'Caracas', 'Recife'],
}


def swetest(*args):
    return subprocess.run(['swetest', *args, EPHE], capture_output=True, text=True, check=True).stdout


def julian(date, hours=0.0):
    y, m, d = map(int, date.split('-'))
    a, b = erfa.cal2jd(y, m, d)
    return a + b + hours / 24


def delta_t(jd):
    return float(re.search(r'delta t:\s*(-?[\d.]+)', swetest(f'-bj{jd:.6f}', '-ut', '-p0', '-fl')).group(1))


def vectors(jd_tt, n, step_min, body):
    """Apparent directions, true equator of date, with geometric distances in km: swetest lets aberration lengthen R."""
    call = (f'-bj{jd_tt:.9f}', f'-n{n}', f'-s{step_min}m', f'-p{body}', '-g,', '-head')
    rows = [list(map(float, line.split(','))) for line in swetest(*call, '-fad').strip().splitlines()]
    a, d = np.radians([x[0] for x in rows]), np.radians([x[1] for x in rows])
    r = np.array(list(map(float, swetest(*call, '-true', '-fR').strip().splitlines()))) * AU
    return np.stack([r * np.cos(d) * np.cos(a), r * np.cos(d) * np.sin(a), r * np.sin(d)])


def reference(date, lat, lon, height, dt, about):
    """Contacts in seconds of UT since 0h of the date, and what is seen at the maximum (sought near `about`, hours)."""
    step, n = 20, 37
    start = julian(date, about - 6)        # TT
    hours = np.arange(n) * step / 60
    sun, moon = vectors(start, n, step, 0), vectors(start, n, step, 1)

    def place(table, h):                   # ten-point Lagrange interpolation
        i = min(max(int(h / (step / 60)) - 4, 0), n - 10)
        x = hours[i:i + 10]
        w = np.array([np.prod([(h - x[k]) / (x[j] - x[k]) for k in range(10) if k != j]) for j in range(10)])
        return table[:, i:i + 10] @ w

    ellipsoid = np.array(erfa.gd2gc(1, math.radians(lon), math.radians(lat), height)) / 1000

    def seen(h):
        tt = start + h / 24
        ut = tt - dt / 86400
        g = erfa.gst06a(ut, 0, tt, 0)
        site = np.array([[math.cos(g), -math.sin(g), 0], [math.sin(g), math.cos(g), 0], [0, 0, 1]]) @ ellipsoid
        early = (site @ place(moon, h) / np.linalg.norm(place(moon, h))) / C / 3600
        m, s = place(moon, h + early) - site, place(sun, h) - site
        return m, s, site, g

    def measures(h):
        m, s, _, _ = seen(h)
        dm, ds = np.linalg.norm(m), np.linalg.norm(s)
        angle = math.atan2(np.linalg.norm(np.cross(m, s)), m @ s)
        return angle, math.asin(RSUN / ds), math.asin(K1 * EARTH / dm), math.asin(K2 * EARTH / dm)

    def axis_distance(h):
        m, s, _, _ = seen(h)
        return np.linalg.norm(np.cross(m, s - m)) / np.linalg.norm(s - m)

    grid = np.arange(3, 9, 1 / 60)
    best = grid[int(np.argmin([axis_distance(h) for h in grid]))]
    lo, hi = best - 1 / 60, best + 1 / 60
    for _ in range(60):                    # golden section would do; thirds are enough
        a, b = lo + (hi - lo) / 3, hi - (hi - lo) / 3
        if axis_distance(a) < axis_distance(b):
            hi = b
        else:
            lo = a
    top = (lo + hi) / 2

    def root(f, inside, side):
        out = inside
        while f(out) < 0 and abs(out - inside) < 3.5:
            out += side / 30
        a, b = out - side / 30, out
        for _ in range(50):
            c = (a + b) / 2
            a, b = (c, b) if f(c) < 0 else (a, c)
        return (a + b) / 2

    seconds = lambda h: (start - julian(date)) * 86400 + h * 3600 - dt
    angle, s, m1, m2 = measures(top)
    if angle > s + m1:
        return None
    result = {'max': seconds(top)}
    outer = lambda h: (lambda q: q[0] - q[1] - q[2])(measures(h))
    inner = lambda h: (lambda q: q[0] - abs(q[1] - q[3]))(measures(h))
    result['c1'], result['c4'] = seconds(root(outer, top, -1)), seconds(root(outer, top, 1))
    central = angle < abs(s - m2)
    if central:
        result['c2'], result['c3'] = seconds(root(inner, top, -1)), seconds(root(inner, top, 1))
    result['type'] = ('total' if m2 > s else 'annular') if central else 'partial'
    result['magnitude'] = (s + m1 - angle) / (2 * s)
    result['sun_width_arcmin'] = math.degrees(2 * s) * 60
    result['width_ratio'] = m1 / s
    result['obscuration'] = covered(m1 / s, angle / s)

    def axes(g):                           # east, north, up at the site, in the equator's frame
        theta, phi = g + math.radians(lon), math.radians(lat)
        east = np.array([-math.sin(theta), math.cos(theta), 0])
        up = np.array([math.cos(phi) * math.cos(theta), math.cos(phi) * math.sin(theta), math.sin(phi)])
        return east, np.cross(up, east), up

    def moon_from(h, mark):                # anticlockwise as seen looking up, from the direction of `mark`
        m, s, _, _ = seen(h)
        m, s = m / np.linalg.norm(m), s / np.linalg.norm(s)
        away = m - s * (s @ m)
        up = mark - s * (s @ mark)
        left = np.cross(up, s)
        return math.degrees(math.atan2(away @ left, away @ up)) % 360

    for key in ('c1', 'c2', 'c3', 'c4'):
        if key in result:
            h = (result[key] + dt) / 3600 - (start - julian(date)) * 24
            result[f'{key}_north_deg'] = moon_from(h, np.array([0.0, 0.0, 1.0]))
            result[f'{key}_zenith_deg'] = moon_from(h, axes(seen(h)[3])[2])
    _, sv, _, g = seen(top)
    east, north, up = axes(g)
    u = sv / np.linalg.norm(sv)
    result['altitude_deg'] = math.degrees(math.asin(u @ up))
    result['azimuth_deg'] = math.degrees(math.atan2(u @ east, u @ north)) % 360
    return result


def covered(ratio, distance):
    """Area of the unit disc under a disc of radius `ratio` at `distance`, by summing strips (no formula for the lens)."""
    y = (np.arange(200000) + 0.5) / 100000 - 1
    half = np.sqrt(1 - y * y)
    other = np.sqrt(np.maximum(ratio * ratio - y * y, 0)) * (abs(y) < ratio)
    low, high = np.maximum(-half, distance - other), np.minimum(half, distance + other)
    return float(np.sum(np.maximum(high - low, 0) * (abs(y) < ratio)) / 100000 / math.pi)


def random_pairs():
    """Some 170 pairs of an eclipse of 1950-2100 and a place: by the greatest, somewhere around it, far off near the horizon.

    Standard input: JSON Lines of `php artisan sky:eclipses --from=1950 --to=2100`, used only to choose."""
    random.seed(1)
    for e in [json.loads(line) for line in sys.stdin][::6]:
        for reach in (0.6, 35, 68):
            for _ in range(20):
                lat, lon = e['lat'] + random.uniform(-reach, reach), e['lon'] + random.uniform(-reach, reach) / max(0.3, math.cos(math.radians(e['lat'])))
                if abs(lat) > 89:
                    continue
                lat, lon, height = round(lat, 3), round((lon + 540) % 360 - 180, 3), random.choice([0, 0, 250, 1500, 4000])
                about = (lambda t: int(t[11:13]) + int(t[14:16]) / 60)(e['greatest_ut'])
                dt = delta_t(julian(e['date'], 12))
                r = reference(e['date'], lat, lon, height, dt, about)
                if r is not None and r['magnitude'] > 0.03:
                    yield e['date'], lat, lon, height, dt, r
                    break


def swe_local(date, lat, lon, height):
    y, m, d = date.split('-')
    before = julian(date) - 1
    out = swetest(f'-bj{before}', '-solecl', '-local', f'-geopos{lon},{lat},{height}')
    first = [line for line in out.splitlines() if re.match(r'(total|annular|partial|ann-tot)', line)][0]
    second = out.splitlines()[out.splitlines().index(first) + 1]
    assert re.search(r'(\d+)\.(\d\d)\.(\d{4})', first).groups() == (str(int(d)), m, y), (date, first)
    clock = lambda t: None if t == '-' else sum(float(x) * k for x, k in zip(t.split(':'), (3600, 60, 1)))
    contacts = re.sub(r'.*sec', '', second).split()[:4]
    obscuration = re.search(r'([\d.]+)/([\d.]+)/([\d.]+)', first).group(3)
    return {'type': first.split()[0], 'max': clock(re.search(r'\d{4}\s+([\d:.]+)', first).group(1)),
            **dict(zip(('c1', 'c2', 'c3', 'c4'), map(clock, contacts))), 'obscuration': float(obscuration)}


def main():
    show = lambda x: '' if x is None else (x if isinstance(x, str) else f'{x:.6f}'.rstrip('0').rstrip('.'))
    ref_keys = ('type', 'c1', 'c2', 'max', 'c3', 'c4', 'magnitude', 'altitude_deg', 'azimuth_deg')
    swe_keys = ('type', 'c1', 'c2', 'max', 'c3', 'c4', 'obscuration')
    with open(os.path.join(HERE, 'local-circumstances.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['place', 'date', 'lat', 'lon', 'height_m', 'delta_t_s'] + ['ref_' + k for k in ref_keys] + ['swe_' + k for k in swe_keys])
        for date, names in ECLIPSES.items():
            dt = delta_t(julian(date, 12))
            for name in names:
                lat, lon, height = PLACES[name]
                s = swe_local(date, lat, lon, height)
                r = reference(date, lat, lon, height, dt, s['max'] / 3600)
                w.writerow([name, date, lat, lon, height, show(dt)] + [show(r.get(k)) for k in ref_keys] + [show(s.get(k)) for k in swe_keys])
    keys = ('type', 'c1', 'c2', 'max', 'c3', 'c4', 'magnitude', 'obscuration', 'altitude_deg', 'azimuth_deg', 'sun_width_arcmin', 'width_ratio',
            *(f'{c}_{mark}_deg' for c in ('c1', 'c2', 'c3', 'c4') for mark in ('north', 'zenith')))
    with open(os.path.join(HERE, 'random-circumstances.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['date', 'lat', 'lon', 'height_m', 'delta_t_s'] + ['ref_' + k for k in keys])
        for date, lat, lon, height, dt, r in random_pairs():
            w.writerow([date, lat, lon, height, show(dt)] + [show(r.get(k)) for k in keys])
    with open(os.path.join(HERE, 'apparent-places.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['body', 'jd_tt', 'right_ascension_deg', 'declination_deg', 'distance_au'])
        for i in range(40):
            jd = 2415030.5 + i * 2731.37
            for body, number in (('sun', 0), ('moon', 1)):
                w.writerow([body, f'{jd:.2f}'] + [x.strip() for x in swetest(f'-bj{jd:.2f}', f'-p{number}', '-fad', '-g,', '-head').split(',')]
                           + [swetest(f'-bj{jd:.2f}', f'-p{number}', '-true', '-fR', '-head').strip()])
    with open(os.path.join(HERE, 'earth-orientation.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['jd_tt', 'gst06a_rad'] + [f'pnm06a_{i}{j}' for i in '123' for j in '123'])
        for jd in (2415100.25, 2435278.625, 2451545.0, 2461620.0, 2488070.5, 2524600.75):
            w.writerow([jd, f'{erfa.gst06a(jd, 0, jd, 0):.12f}'] + [f'{x:.12f}' for x in erfa.pnm06a(jd, 0).flatten()])
    with open(os.path.join(HERE, 'sunrise.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['place', 'date', 'lat', 'lon', 'rise_s', 'set_s'])
        for name, date in (('Cadiz', '2027-08-02'), ('Reykjavik', '2026-08-12'), ('Nairobi', '2049-11-25'),
                           ('Tromso', '2026-06-12'), ('Recife', '2028-01-26'), ('Oslo', '2025-03-29')):
            lat, lon, _ = PLACES[name]
            out = swetest(f'-bj{julian(date)}', '-p0', '-rise', f'-geopos{lon},{lat},0', '-head', '-n1')
            times = re.findall(r'(?:rise|set)\s+(?:\d+\.\d+\.\d+\s+(\d+):(\d+):([\d.]+)|-)', out)
            seconds = ['' if not h else f'{int(h) * 3600 + int(m) * 60 + float(s):.1f}' for h, m, s in times]
            w.writerow([name, date, lat, lon] + seconds)
    with open(os.path.join(HERE, 'planets.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['planet', 'jd_tt', 'right_ascension_deg', 'declination_deg', 'magnitude'])
        for i in range(37):
            jd = 2415030.5 + i * 2953.37
            for planet, number in PLANETS:
                w.writerow([planet, f'{jd:.2f}'] + [x.strip(' m') for x in swetest(f'-bj{jd:.2f}', f'-p{number}', '-fad=', '-g,', '-head').strip().split(',')])
    with open(os.path.join(HERE, 'planets-at-places.csv'), 'w', newline='') as f:
        w = csv.writer(f, lineterminator='\n')
        w.writerow(['planet', 'place', 'jd_ut', 'lat', 'lon', 'azimuth_deg', 'altitude_deg'])
        for name, jd in (('Cadiz', 2461619.865), ('Reykjavik', 2461265.241), ('Recife', 2461797.2), ('Nairobi', 2469770.6)):
            lat, lon, _ = PLACES[name]
            for planet, number in PLANETS:
                azimuth, altitude = map(float, swetest(f'-bj{jd}', '-ut', f'-p{number}', '-fih', '-g,', '-head', f'-geopos{lon},{lat},0', f'-topo{lon},{lat},0').split(','))
                # It counts from south.
                w.writerow([planet, name, jd, lat, lon, f'{(azimuth + 180) % 360:.4f}', f'{altitude:.4f}'])


if __name__ == '__main__':
    main()
