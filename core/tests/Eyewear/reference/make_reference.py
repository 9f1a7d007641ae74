#!/usr/bin/env python3
"""Writes cie.csv: V(lambda), CIE 1924, and the illuminant D65, at every 5 nm from 380 to 780 nm.

Source: Debian's colord-data 1.4.6-2.2, whose files are the tables of CIE 15 (the y of the 1931 colour matching functions is
V(lambda)). D65 is given twice: as the table has it, and built from the daylight components S0, S1, S2 of the same package with
CIE 15's M1 and M2 for the chromaticity of D65.

    apt-get download colord-data && dpkg -x colord-data_*.deb x && python3 make_reference.py x/usr/share/colord > cie.csv
"""
import sys


def table(path):
    rows, block, fields = [], None, []
    for line in open(path):
        word = line.split()[0] if line.split() else ""
        if word in ("BEGIN_DATA_FORMAT", "BEGIN_DATA"):
            block = word
        elif word in ("END_DATA_FORMAT", "END_DATA"):
            block = None
        elif block == "BEGIN_DATA_FORMAT":
            fields += [int(f.split("_")[1]) for f in line.split()]
        elif block == "BEGIN_DATA":
            rows.append([float(v) for v in line.split()])
    return [dict(zip(fields, row)) for row in rows]


root = sys.argv[1]
v = table(root + "/cmf/CIE1931-2deg-XYZ.cmf")[1]
d65 = table(root + "/illuminant/CIE-D65.sp")[0]
s0, s1, s2 = table(root + "/ref/CIE-1986-daylight-SPD.cmf")
x, y = 0.31271, 0.32902
m = 0.0241 + 0.2562 * x - 0.7341 * y
m1, m2 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m, (0.0300 - 31.4424 * x + 30.0717 * y) / m
scale = 100 / d65[560]
print("nm,v,d65,d65_from_components")
for nm in range(380, 781, 5):
    built = s0[nm] + m1 * s1[nm] + m2 * s2[nm] if nm in s0 else ""
    print(f"{nm},{v[nm]!r},{d65[nm] * scale:.4f},{built if built == '' else format(built, '.4f')}")
