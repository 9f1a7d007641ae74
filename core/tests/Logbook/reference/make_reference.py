#!/usr/bin/env python3
"""References for the logbook, made by numpy alone: run it here, it writes the two tables beside it.

light.csv   what a Moon takes of the light of a Sun darkened towards its edge (u = 0.6), added up over a fine grid of points
fit.csv     polynomials through points with weights: coefficients and the variance of the value and slope at a place
"""
import numpy

side = 4001
axis = (numpy.arange(side) + 0.5) / side * 2 - 1
x, y = numpy.meshgrid(axis, axis)
r2 = x * x + y * y
light = numpy.where(r2 < 1, 1 - 0.6 * (1 - numpy.sqrt(numpy.clip(1 - r2, 0, 1))), 0)
with open("light.csv", "w") as file:
    file.write("ratio,separation,covered\n")
    for ratio in (0.93, 1.0, 1.06):
        for separation in (0.0, 0.05, 0.1, 0.3, 0.6, 1.0, 1.4, 1.8, 1.95):
            hidden = (x - separation) ** 2 + y * y < ratio * ratio
            file.write(f"{ratio},{separation},{light[hidden].sum() / light.sum():.6f}\n")

random = numpy.random.default_rng(20260812)
with open("fit.csv", "w") as file:
    file.write("degree,precision2,precision3,points,coefficients,at,variance,slope_variance\n")
    for degree, prior in ((1, (0, 0)), (2, (0, 0)), (3, (0, 0)), (3, (11.0, 400.0))):
        t = numpy.sort(random.uniform(-2, 2, 15)).round(4)
        v = (20 + t - 0.3 * t**2 + random.normal(0, 0.2, 15)).round(4)
        w = random.uniform(1, 30, 15).round(4)
        design = numpy.vander(t, degree + 1, increasing=True)
        precision = numpy.diag([0, 0, *prior][: degree + 1])
        covariance = numpy.linalg.inv(design.T @ numpy.diag(w) @ design + precision)
        found = covariance @ design.T @ (w * v)
        if not any(prior):
            assert numpy.allclose(found[::-1], numpy.polyfit(t, v, degree, w=numpy.sqrt(w)))
        at = 0.7
        row = at ** numpy.arange(degree + 1)
        slope = numpy.array([k * at ** (k - 1) if k else 0 for k in range(degree + 1)])
        points = " ".join(f"{a}:{b}:{c}" for a, b, c in zip(t, v, w))
        file.write(f"{degree},{prior[0]},{prior[1]},{points},{' '.join(f'{c:.9f}' for c in found)},{at},{row @ covariance @ row:.12f},{slope @ covariance @ slope:.12f}\n")
