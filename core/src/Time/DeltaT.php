<?php

declare(strict_types=1);

namespace KeenShadow\Core\Time;

/**
 * ΔT = TT − UT1 for one date, with its uncertainty and where it comes from.
 *
 * The past is interpolated in published yearly values. The future starts from the last value with the mean rate of
 * the ten years before it and bends with the long-term slowing of the Earth, 32.5 s per century squared (Stephenson,
 * Morrison & Hohenkerk, Proc. R. Soc. A 472 (2016), from memory); its standard error follows Huber, Journal of
 * Geodesy 80 (2006) 283, as quoted by Espenak & Meeus (from memory). Before 1900 this class has nothing to say.
 */
final readonly class DeltaT
{
    private const LEAST_SECONDS = -200.0;
    private const MOST_SECONDS = 600.0;
    private const FIRST_YEAR = 1900;
    private const DAY_YEARS = 2 / 365;
    private const LONG_TERM_BEND = 32.5;

    private function __construct(
        public float $seconds,
        public float $uncertaintySeconds,
        public DeltaTSource $source,
    ) {}

    /**
     * A value the user gives; nothing is added to it.
     *
     * @throws TimeException outside −200 … 600 s
     */
    public static function given(float $seconds): self
    {
        if (!is_finite($seconds) || $seconds < self::LEAST_SECONDS || $seconds > self::MOST_SECONDS) {
            throw TimeException::deltaTOutOfRange($seconds, self::LEAST_SECONDS, self::MOST_SECONDS);
        }

        return new self($seconds, 0.0, DeltaTSource::Given);
    }

    /**
     * @param float $year calendar year with its fraction
     *
     * @throws TimeException before 1900
     */
    public static function inYear(float $year): self
    {
        // The year is good to a day or two.
        if ($year < self::FIRST_YEAR - self::DAY_YEARS) {
            throw TimeException::beforeDeltaT($year, self::FIRST_YEAR);
        }
        $table = self::table();
        $position = max(0.0, $year - self::FIRST_YEAR);
        $last = count($table) - 1;
        if ($position >= $last) {
            return self::predicted($table, $position - $last);
        }
        $index = (int) $position;
        $value = $table[$index] + ($position - $index) * ($table[$index + 1] - $table[$index]);

        return new self($value, $year < 1955 ? 0.3 : 0.05, DeltaTSource::Measured);
    }

    public static function atJulianDate(float $julianDate): self
    {
        return self::inYear(JulianDate::year($julianDate));
    }

    /** @param non-empty-list<float> $table */
    private static function predicted(array $table, float $yearsAhead): self
    {
        $last = count($table) - 1;
        $rate = ($table[$last] - $table[$last - 10]) / 10;
        $seconds = $table[$last] + $rate * $yearsAhead + self::LONG_TERM_BEND * ($yearsAhead / 100) ** 2;
        $uncertainty = 0.365_25 * $yearsAhead * sqrt($yearsAhead * 0.058 / 3 * (1 + $yearsAhead / 2500));

        return new self($seconds, 0.05 + $uncertainty, DeltaTSource::Predicted);
    }

    /** @return non-empty-list<float> */
    private static function table(): array
    {
        /** @var non-empty-list<float>|null $table */
        static $table = null;

        if ($table === null) {
            /** @var non-empty-list<float> $table */
            $table = require __DIR__ . '/../../data/delta-t.php';
        }

        return $table;
    }
}
