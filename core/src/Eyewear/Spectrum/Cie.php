<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/**
 * The eye and the daylight by which a luminous transmittance is weighted: V(λ) of CIE 1924 and the standard illuminant D65, both
 * after the tables of CIE 15, every 5 nm from 380 to 780 nm; between them straight lines.
 */
final class Cie
{
    public const FROM_NM = 380;
    public const TO_NM = 780;
    private const STEP_NM = 5;

    private const V = [
        3.9e-05, 6.4e-05, 0.00012, 0.000217, 0.000396, 0.00064, 0.00121, 0.00218, 0.004, 0.0073,
        0.0116, 0.01684, 0.023, 0.0298, 0.038, 0.048, 0.06, 0.0739, 0.09098, 0.1126,
        0.13902, 0.1693, 0.20802, 0.2586, 0.323, 0.4073, 0.503, 0.6082, 0.71, 0.7932,
        0.862, 0.91485, 0.954, 0.9803, 0.99495, 1.0, 0.995, 0.9786, 0.952, 0.9154,
        0.87, 0.8163, 0.757, 0.6949, 0.631, 0.5668, 0.503, 0.4412, 0.381, 0.321,
        0.265, 0.217, 0.175, 0.1382, 0.107, 0.0816, 0.061, 0.04458, 0.032, 0.0232,
        0.017, 0.01192, 0.00821, 0.005723, 0.004102, 0.002929, 0.002091, 0.001484, 0.001047, 0.00074,
        0.00052, 0.0003611, 0.0002492, 0.0001719, 0.00012, 8.48e-05, 6e-05, 4.24e-05, 3e-05, 2.12e-05,
        1.499e-05,
    ];

    /** Relative spectral power, 100 at 560 nm. */
    private const D65 = [
        49.9755, 52.3118, 54.6482, 68.7015, 82.7549, 87.1204, 91.4860, 92.4589, 93.4318, 90.0570,
        86.6823, 95.7736, 104.8650, 110.9360, 117.0080, 117.4100, 117.8120, 116.3360, 114.8610, 115.3920,
        115.9230, 112.3670, 108.8110, 109.0820, 109.3540, 108.5780, 107.8020, 106.2960, 104.7900, 106.2390,
        107.6890, 106.0470, 104.4050, 104.2250, 104.0460, 102.0230, 100.0000, 98.1671, 96.3342, 96.0611,
        95.7880, 92.2368, 88.6856, 89.3459, 90.0062, 89.8026, 89.5991, 88.6489, 87.6987, 85.4936,
        83.2886, 83.4939, 83.6992, 81.8630, 80.0268, 80.1207, 80.2146, 81.2462, 82.2778, 80.2810,
        78.2842, 74.0027, 69.7213, 70.6652, 71.6091, 72.9790, 74.3490, 67.9765, 61.6040, 65.7448,
        69.8856, 72.4863, 75.0870, 69.3398, 63.5927, 55.0054, 46.4182, 56.6118, 66.8054, 65.0941,
        63.3828,
    ];

    /** Spectral luminous efficiency for photopic vision, 1 at 555 nm. */
    public static function v(int $nm): float
    {
        return self::between(self::V, $nm);
    }

    public static function d65(int $nm): float
    {
        return self::between(self::D65, $nm);
    }

    /** @param list<float> $table */
    private static function between(array $table, int $nm): float
    {
        $i = intdiv($nm - self::FROM_NM, self::STEP_NM);
        $share = ($nm - self::FROM_NM) % self::STEP_NM / self::STEP_NM;

        return $share === 0 ? $table[$i] : (1 - $share) * $table[$i] + $share * $table[$i + 1];
    }
}
