<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/** A log of an eclipse with its baseline taken off, and the response that goes best with what is left. */
final readonly class Curve
{
    /** Minutes after last contact that are left to the air to come back. */
    public const RECOVERY_MIN = 20;
    private const MINUTE_S = 60.0;
    /** Below this the readings of a thermometer in the open are not believed to scatter. */
    private const LEAST_NOISE_K = 0.02;
    /** How long after last contact a response is looked for. */
    private const ANSWER_S = 7200.0;

    /**
     * @param Series $cooling temperature minus baseline, one reading a minute or as often as there are any
     * @param float $resolutionK the last digit of the logger
     */
    private function __construct(
        public Series $cooling,
        public Baseline $baseline,
        public Response $response,
        public float $stepS,
        public float $resolutionK,
    ) {}

    /** Null where there are too few readings outside the eclipse for a baseline. */
    public static function of(Series $log, EclipseTimes $times): ?self
    {
        $reachS = 60.0 * (Baseline::MOST_MINUTES + self::RECOVERY_MIN);
        $log = $log->between($times->c1S - $reachS, $times->c4S + $reachS);
        $medians = $log->medians(max(self::MINUTE_S, $log->stepS()));
        $resolution = $log->resolution();
        // A first baseline gives a first response; the second is free of what of the eclipse still stood in the first.
        $first = self::under($medians, Response::none(), $times, $resolution);

        return $first === null ? null : self::under($medians, $first->response, $times, $resolution);
    }

    private static function under(Series $medians, Response $known, EclipseTimes $times, float $resolution): ?self
    {
        $undone = $medians->map(static fn(float $atS, float $value): float => $value - $known->at($atS));
        $baseline = Baseline::outside($undone, $times, 60.0 * self::RECOVERY_MIN, max(self::LEAST_NOISE_K, $resolution / sqrt(12)));
        if ($baseline === null) {
            return null;
        }
        $cooling = $medians->map(static fn(float $atS, float $value): float => $value - $baseline->at($atS));

        return new self($cooling, $baseline, Response::fitted(self::answer($cooling, $times), $times), $medians->stepS(), $resolution);
    }

    /** Where the air answers the eclipse. */
    private static function answer(Series $cooling, EclipseTimes $times): Series
    {
        return $cooling->between($times->c1S, $times->c4S + self::ANSWER_S);
    }

    public function cloud(EclipseTimes $times): Cloud
    {
        return Cloud::beside(self::answer($this->cooling, $times), $times);
    }

    /** Minutes with readings before first contact that the baseline goes through. */
    public function beforeMin(): float
    {
        return $this->baseline->before * $this->stepS / 60;
    }

    /** The same after last contact and recovery. */
    public function afterMin(): float
    {
        return $this->baseline->after * $this->stepS / 60;
    }

    /** What the response leaves. */
    public function rest(): Series
    {
        return $this->cooling->map(fn(float $atS, float $value): float => $value - $this->response->at($atS));
    }
}
