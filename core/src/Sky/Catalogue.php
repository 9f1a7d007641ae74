<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Polynomial;
use KeenShadow\Core\Time\DeltaT;

/**
 * The eclipses of 1900–2199 as flat rows of numbers: what core/data keeps and a database can hold.
 *
 * ΔT is left out and taken from the model when a row is read, so that a better model needs no new catalogue.
 */
final class Catalogue
{
    /** Significant digits of a float, so that a row gives back what it was made of. */
    private const DIGITS = 16;


    /** @return array<string, string> */
    public static function solarRow(SolarEclipse $eclipse): array
    {
        $e = $eclipse->elements;
        $row = [
            'date' => $eclipse->date(),
            'kind' => $eclipse->kind->value,
            't0_jd_tt' => $e->t0JulianDateTt,
            'greatest_h' => $eclipse->greatestHours,
            'gamma' => $eclipse->gamma,
            'magnitude' => $eclipse->magnitude,
            'lat' => $eclipse->latDeg,
            'lon' => $eclipse->lonDeg,
        ];
        $polynomials = ['x' => $e->x, 'y' => $e->y, 'd' => $e->dRad, 'mu' => $e->muRad, 'l1' => $e->l1, 'l2' => $e->l2];
        foreach (BesselianElements::DEGREES as $name => $degree) {
            $row += self::coefficients($name, $degree, $polynomials[$name]);
        }

        return self::written($row + ['tan_f1' => $e->tanF1, 'tan_f2' => $e->tanF2, 'sun_distance' => $e->sunDistance]);
    }

    /** @param array<string, string> $row as solarRow() made it, or read from its file */
    public static function solarEclipse(array $row): SolarEclipse
    {
        $number = static fn(string $key): float => (float) $row[$key];
        $polynomial = static fn(string $name): Polynomial => self::polynomial($row, $name, BesselianElements::DEGREES[$name]);
        $elements = new BesselianElements(
            t0JulianDateTt: $number('t0_jd_tt'),
            x: $polynomial('x'),
            y: $polynomial('y'),
            dRad: $polynomial('d'),
            muRad: $polynomial('mu'),
            l1: $polynomial('l1'),
            l2: $polynomial('l2'),
            tanF1: $number('tan_f1'),
            tanF2: $number('tan_f2'),
            sunDistance: $number('sun_distance'),
            radii: Radii::cautious(),
        );

        return new SolarEclipse(
            elements: $elements,
            kind: EclipseKind::from($row['kind']),
            greatestHours: $number('greatest_h'),
            gamma: $number('gamma'),
            magnitude: $number('magnitude'),
            latDeg: $number('lat'),
            lonDeg: $number('lon'),
            deltaT: DeltaT::atJulianDate($elements->julianDateTt($number('greatest_h'))),
        );
    }

    /** @return array<string, string> contacts that do not happen are empty */
    public static function lunarRow(LunarEclipse $eclipse): array
    {
        $row = [
            'date' => $eclipse->date(),
            'kind' => $eclipse->kind->value,
            't0_jd_tt' => $eclipse->t0JulianDateTt,
            'gamma' => $eclipse->gamma,
            'magnitude' => $eclipse->magnitude,
        ];
        foreach (LunarContactName::cases() as $name) {
            $row[strtolower($name->value) . '_h'] = $eclipse->hours[$name->value] ?? '';
        }

        return self::written($row + self::coefficients('mu', 3, $eclipse->muRad) + self::coefficients('d', 3, $eclipse->dRad));
    }

    /** @param array<string, string> $row as lunarRow() made it, or read from its file */
    public static function lunarEclipse(array $row): LunarEclipse
    {
        $hours = [];
        foreach (LunarContactName::cases() as $name) {
            $value = $row[strtolower($name->value) . '_h'];
            if ($value !== '') {
                $hours[$name->value] = (float) $value;
            }
        }
        $t0 = (float) $row['t0_jd_tt'];

        return new LunarEclipse(
            t0JulianDateTt: $t0,
            muRad: self::polynomial($row, 'mu', 3),
            dRad: self::polynomial($row, 'd', 3),
            kind: LunarKind::from($row['kind']),
            gamma: (float) $row['gamma'],
            magnitude: (float) $row['magnitude'],
            deltaT: DeltaT::atJulianDate($t0),
            hours: $hours,
        );
    }

    /** @return array<string, float> */
    private static function coefficients(string $name, int $degree, Polynomial $polynomial): array
    {
        $cells = [];
        for ($power = 0; $power <= $degree; ++$power) {
            $cells["{$name}{$power}"] = $polynomial->coefficient($power);
        }

        return $cells;
    }

    /** @param array<string, string> $row */
    private static function polynomial(array $row, string $name, int $degree): Polynomial
    {
        return new Polynomial(array_map(static fn(int $power): float => (float) $row["{$name}{$power}"], range(0, $degree)));
    }

    /**
     * @param array<string, string|float> $row
     *
     * @return array<string, string>
     */
    private static function written(array $row): array
    {
        return array_map(static fn(string|float $value): string => is_float($value) ? sprintf('%.' . self::DIGITS . 'g', $value) : $value, $row);
    }
}
