<?php

declare(strict_types=1);

namespace App\Pages;

use DateTimeImmutable;

/** Numbers as people read them: rounded once, with their unit. */
final class Words
{
    /** How near to 1 the magnitude is computed at C2 and C3. */
    private const MAGNITUDE_AT_CONTACT = 1e-5;

    /** "2 min 53 s", "48 s". */
    public static function duration(float $seconds): string
    {
        $whole = (int) round($seconds);

        return $whole < 60
            ? __(':s s', ['s' => $whole])
            : __(':min min :s s', ['min' => intdiv($whole, 60), 's' => $whole % 60]);
    }

    /** "2 h 31 min", "48 min". */
    public static function hours(float $seconds): string
    {
        $minutes = (int) round($seconds / 60);

        return $minutes < 60
            ? __(':min min', ['min' => $minutes])
            : __(':h h :min min', ['h' => intdiv($minutes, 60), 'min' => $minutes % 60]);
    }

    /** "−12.5": one decimal, with a true minus sign. */
    public static function signed(float $number, int $decimals = 1): string
    {
        return str_replace('-', '−', number_format($number, $decimals));
    }

    /** A fraction as a percentage with one decimal; what is not all is never rounded up to 100. */
    public static function percent(float $fraction): string
    {
        return $fraction >= 1 ? '100' : number_format(min(99.9, $fraction * 100), 1);
    }

    /** Share of the Sun's diameter: what falls short of all of it by more than a contact is computed to is never called 1. */
    public static function magnitude(float $magnitude, int $decimals = 3): string
    {
        $isAll = $magnitude >= 1 - self::MAGNITUDE_AT_CONTACT;

        return number_format($isAll ? $magnitude : min(1 - 0.1 ** $decimals, $magnitude), $decimals);
    }

    /** "4 300": two significant digits, for what is known no better. */
    public static function about(float $number): string
    {
        if ($number <= 0) {
            return '0';
        }
        $decimals = 1 - (int) floor(log10($number));

        return number_format(round($number, $decimals), max(0, $decimals), '.', "\u{202F}");
    }

    public static function aboutPercent(float $fraction): string
    {
        return self::about($fraction * 100);
    }

    /** Half a second on, so that a format that cuts the fraction shows the nearest second. */
    public static function rounded(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $moment->modify('+500 milliseconds');
    }

    /** "36.53° N 6.29° W". */
    public static function coordinates(float $lat, float $lon, int $decimals = 2): string
    {
        return sprintf(
            '%s %s %s %s',
            self::degrees(abs($lat), $decimals),
            $lat < 0 ? __('S') : __('N'),
            self::degrees(abs($lon), $decimals),
            $lon < 0 ? __('W') : __('E'),
        );
    }

    /** A direction all around: 359.97 with one decimal is 0.0°, not 360.0°. */
    public static function direction(float $degrees, int $decimals = 1): string
    {
        return self::degrees(fmod(round($degrees, $decimals), 360.0), $decimals);
    }

    /** "37.4°", with a true minus sign. */
    public static function degrees(float $degrees, int $decimals = 1): string
    {
        $text = number_format(abs($degrees), $decimals);

        return (round($degrees, $decimals) < 0 ? '−' : '') . $text . '°';
    }
}
