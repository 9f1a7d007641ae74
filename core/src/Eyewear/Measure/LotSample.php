<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Measure;

use KeenShadow\Core\Eyewear\EyewearException;

/**
 * What a sample of a lot tells of all of it, drawn at random and not put back (hypergeometric). With a confidence c no more are
 * bad than the largest number D for which so few failures in the sample are still as likely as 1 − c.
 */
final readonly class LotSample
{
    public const MOST_PAIRS = 100000;
    public const CONFIDENCE_PERCENT = [50.0, 99.99];
    private const ROUNDING = 1e-9;

    /** @param list<float> $logs ln n!, by n */
    private function __construct(
        private int $pairs,
        private float $chance,
        private array $logs,
    ) {}

    /** @throws EyewearException */
    public static function of(int $pairs, float $confidencePercent): self
    {
        if ($pairs < 1 || $pairs > self::MOST_PAIRS) {
            throw EyewearException::outOfRange('pairs', $pairs, 1, self::MOST_PAIRS);
        }
        if (!($confidencePercent >= self::CONFIDENCE_PERCENT[0] && $confidencePercent <= self::CONFIDENCE_PERCENT[1])) {
            throw EyewearException::outOfRange('confidence_percent', $confidencePercent, ...self::CONFIDENCE_PERCENT);
        }
        $logs = [0.0];
        for ($n = 1; $n <= $pairs; ++$n) {
            $logs[] = $logs[$n - 1] + log($n);
        }

        return new self($pairs, 1 - $confidencePercent / 100, $logs);
    }

    /**
     * So many of all are bad at most, those found among them.
     *
     * @throws EyewearException
     */
    public function mostBad(int $tested, int $failed): int
    {
        self::within('tested', $tested, $this->pairs);
        self::within('failed', $failed, $tested);
        [$low, $high] = [$failed, $this->pairs - $tested + $failed];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->chanceOfSoFew($middle, $tested, $failed) >= $this->chance * (1 - self::ROUNDING)) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    /**
     * How many to test, none of which may fail, for no more than so many of all to be bad.
     *
     * @throws EyewearException
     */
    public function needed(int $mostBad): int
    {
        self::within('most_bad', $mostBad, $this->pairs);
        [$low, $high] = [0, $this->pairs - $mostBad];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->mostBad($middle, 0) <= $mostBad) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** P(X ≤ failed) when so many of all are bad. */
    private function chanceOfSoFew(int $bad, int $tested, int $failed): float
    {
        $sum = 0.0;
        for ($i = max(0, $tested - ($this->pairs - $bad)); $i <= min($failed, $bad); ++$i) {
            $sum += exp($this->logChoose($bad, $i) + $this->logChoose($this->pairs - $bad, $tested - $i) - $this->logChoose($this->pairs, $tested));
        }

        return $sum;
    }

    private function logChoose(int $n, int $k): float
    {
        return $this->logs[$n] - $this->logs[$k] - $this->logs[$n - $k];
    }

    private static function within(string $field, int $value, int $most): void
    {
        if ($value < 0 || $value > $most) {
            throw EyewearException::outOfRange($field, $value, 0, $most);
        }
    }
}
