<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Logbook;

use Closure;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A log of an eclipse that never was, with a drop and a lag that are known. Minutes are counted from the maximum; the eclipse lasts
 * from −HALF to HALF. How air cools has no source: several forms are made up, one of them the light that is missing with an inertia.
 */
final class MadeUpLog
{
    public const HALF_MIN = 75.0;
    public const MAXIMUM_S = 1785663000.0;

    /** @var array<string, float> sums that were made before */
    private static array $sums = [];

    /** @var list<Closure(float): float> what happens beside the eclipse: minutes to kelvins */
    private array $disturbed = [];

    /** @var list<array{float, float}> minutes without readings */
    private array $gaps = [];

    private readonly Randomizer $random;

    private ?float $deepest = null;

    private float $noiseK = 0.1;

    private float $correlation = 0.0;

    private float $resolutionK = 0.0;

    private float $stepMin = 1.0;

    private float $fromMin = -165.0;

    private float $toMin = 185.0;

    public function __construct(
        private readonly string $form,
        private readonly float $dropK,
        private readonly float $lagMin,
        int $seed,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public static function times(): EclipseTimes
    {
        return EclipseTimes::of(self::MAXIMUM_S - 60 * self::HALF_MIN, self::MAXIMUM_S, self::MAXIMUM_S + 60 * self::HALF_MIN);
    }

    public function noisy(float $rmsK, float $correlation = 0.0): self
    {
        [$this->noiseK, $this->correlation] = [$rmsK, $correlation];

        return $this;
    }

    public function every(float $stepMin, float $resolutionK = 0.0): self
    {
        [$this->stepMin, $this->resolutionK] = [$stepMin, $resolutionK];

        return $this;
    }

    public function lasting(float $fromMin, float $toMin): self
    {
        [$this->fromMin, $this->toMin] = [$fromMin, $toMin];

        return $this;
    }

    public function without(float $fromMin, float $toMin): self
    {
        $this->gaps[] = [$fromMin, $toMin];

        return $this;
    }

    /** A cloud that cools by so much, deepest then, over so many minutes. */
    public function clouded(float $atMin, float $widthMin, float $coolsK): self
    {
        $this->disturbed[] = static fn(float $m): float => -$coolsK * exp(-2 * (($m - $atMin) / $widthMin) ** 2);

        return $this;
    }

    public function drifting(float $kelvinsAnHour): self
    {
        $this->disturbed[] = static fn(float $m): float => $kelvinsAnHour * $m / 60;

        return $this;
    }

    public function series(): Series
    {
        [$atS, $values, $noise] = [[], [], 0.0];
        $kept = $this->correlation ** $this->stepMin;
        for ($m = $this->fromMin; $m <= $this->toMin; $m += $this->stepMin) {
            $noise = $kept * $noise + sqrt(1 - $kept ** 2) * $this->noiseK * $this->gauss();
            // A day's course: 5 K up and down around 20 °C, warmest four hours after the maximum.
            $value = 20 + 5 * cos(2 * M_PI * ($m - 240) / 1440) - $this->coolingK($m) + $noise + array_sum(array_map(static fn(Closure $more): float => $more($m), $this->disturbed));
            if (array_filter($this->gaps, static fn(array $gap): bool => $m > $gap[0] && $m < $gap[1]) === []) {
                $atS[] = self::MAXIMUM_S + 60 * $m;
                $values[] = $this->resolutionK > 0.0 ? round($value / $this->resolutionK) * $this->resolutionK : $value;
            }
        }

        return Series::of($atS, $values);
    }

    private function coolingK(float $m): float
    {
        $u = $m - $this->lagMin;
        $this->deepest ??= $this->form === 'inertia' ? self::inert(self::lagOf($this->lagMin), $this->lagMin) : 1.0;

        return $this->dropK / $this->deepest * match ($this->form) {
            'bell' => exp(-0.5 * ($u / 28) ** 2),
            'wave' => abs($u) < self::HALF_MIN ? (1 + cos(M_PI * $u / self::HALF_MIN)) / 2 : 0.0,
            'light' => self::covered($u),
            default => self::inert($m, $this->lagMin),
        };
    }

    /** Minutes from the maximum to the minimum; of air with an inertia by looking for it. */
    public function lagOfMinimum(): float
    {
        return $this->form === 'inertia' ? self::lagOf($this->lagMin) : $this->lagMin;
    }

    private static function lagOf(float $relaxationMin): float
    {
        $at = range(0, 60, 0.25);
        $deep = array_map(static fn(float $m): float => self::inert($m, $relaxationMin), $at);

        return $at[(int) array_search(max($deep), $deep, true)];
    }

    /** The missing light, each minute forgotten by e within the time of relaxation: a plain sum. */
    private static function inert(float $m, float $relaxationMin): float
    {
        $key = "{$m} of {$relaxationMin}";
        if (isset(self::$sums[$key])) {
            return self::$sums[$key];
        }
        $sum = 0.0;
        for ($ago = 0.125; $ago < 8 * $relaxationMin; $ago += 0.25) {
            $sum += self::covered($m - $ago) * exp(-$ago / $relaxationMin) * 0.25 / $relaxationMin;
        }

        return self::$sums[$key] = $sum;
    }

    /** What a Moon as large as the Sun covers of it: two segments of a circle. */
    private static function covered(float $m): float
    {
        $d = 2 * abs($m) / self::HALF_MIN;

        return $d >= 2 ? 0.0 : (2 * acos($d / 2) - $d / 2 * sqrt(4 - $d * $d)) / M_PI;
    }

    private function gauss(): float
    {
        return sqrt(-2 * log($this->random->getInt(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * $this->random->getInt(0, 999_999) / 1_000_000);
    }
}
