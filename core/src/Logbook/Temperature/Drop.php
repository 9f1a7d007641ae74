<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/**
 * By how much an eclipse cooled the air and how late: the lowest point of temperature minus baseline. Uncertainties are at 95 %.
 *
 * The lowest point is found twice, with a response as a guide and without; half of what they differ by is part of the uncertainty.
 */
final readonly class Drop
{
    public const GOOD_K = 0.3;
    public const GOOD_S = 120.0;
    /** Minutes of readings on either side of the eclipse. */
    public const LEAST_MIN = 20;
    private const TWO_SIGMA = 2.0;
    /** Sums of squares are as much larger as curves made up with a known drop ask for. */
    private const CARE = 1.5;
    /** Times its uncertainty a drop is to be, for the lowest of many moments is low by chance already. */
    private const CHANCE = 1.5;
    /** Of the drop, by which the curve's form alone may pull it. */
    private const FORM_SHARE = 0.015;
    private const FORM_S = 15.0;
    /** The minimum lies from so many minutes before the maximum to so many after (common practice: five to twenty after). */
    private const LAG_MIN = [-3, 45];
    /** No gap longer than this, or than two and a half usual steps, so many minutes around the minimum. */
    private const GAP_S = 600.0;
    private const GAP_STEPS = 2.5;
    private const AROUND_S = 1200.0;

    /**
     * @param float|null $dropK null where there is no baseline to measure it from
     * @param float|null $minimumAtS seconds since 1970; null where there is no drop
     * @param float|null $lagS by how much that is after the maximum
     * @param float $beforeMin minutes with readings before first contact that the baseline goes through
     * @param float $afterMin the same after last contact and recovery
     * @param float|null $rmsK scatter around the baseline
     * @param list<Objection> $objections none where it is good
     */
    private function __construct(
        public ?float $dropK,
        public ?float $uncertaintyK,
        public ?float $minimumAtS,
        public ?float $lagS,
        public ?float $lagUncertaintyS,
        public float $beforeMin,
        public float $afterMin,
        public ?float $rmsK,
        public array $objections,
    ) {}

    /** @param bool|null $isClear whether light that was logged beside it shows the eclipse rather than clouds; null where none tells */
    public static function of(Series $log, EclipseTimes $times, ?bool $isClear = null): self
    {
        return self::under(Curve::of($log, $times), $log, $times, $isClear);
    }

    /**
     * @param Curve|null $curve of that log, null where it has none
     * @param bool|null $isClear as in of()
     */
    public static function under(?Curve $curve, Series $log, EclipseTimes $times, ?bool $isClear = null): self
    {
        if ($curve === null) {
            return new self(dropK: null, uncertaintyK: null, minimumAtS: null, lagS: null, lagUncertaintyS: null, beforeMin: 0.0, afterMin: 0.0, rmsK: null, objections: [Objection::NoBaseline]);
        }
        $variance = $curve->baseline->noise->variance();
        $dip = Dip::in($curve->cooling, $curve->response, $times, $variance);
        if ($dip === null) {
            $scatter = $curve->baseline->variance($times->maximumS) + $variance / Dip::LEAST_READINGS;

            return self::nothing($curve, null, null, $curve->response->depthK <= self::CHANCE * self::TWO_SIGMA * sqrt(self::CARE * $scatter) ? Objection::WithinUncertainty : Objection::NoMinimum);
        }
        $plain = Dip::in($curve->cooling, Response::none(), $times, $variance);
        $uncertaintyK = self::uncertaintyK($curve, $dip, $plain === null ? self::GOOD_K : $dip->value - $plain->value);
        $lagUncertaintyS = self::lagUncertaintyS($curve, $dip, $plain === null ? self::GOOD_S : $dip->atS - $plain->atS);
        $lagS = $dip->atS - $times->maximumS;
        $drop = max(0.0, -$dip->value);
        if (min($drop, $curve->response->depthK) <= self::CHANCE * $uncertaintyK) {
            return self::nothing($curve, $drop, $uncertaintyK, Objection::WithinUncertainty);
        }
        $around = $log->longestGapS($dip->atS - self::AROUND_S, $dip->atS + self::AROUND_S);

        return new self(dropK: $drop, uncertaintyK: $uncertaintyK, minimumAtS: $dip->atS, lagS: $lagS, lagUncertaintyS: $lagUncertaintyS, beforeMin: $curve->beforeMin(), afterMin: $curve->afterMin(), rmsK: $curve->baseline->noise->rms, objections: [
            ...self::tooLittle($curve),
            ...($around > max(self::GAP_S, self::GAP_STEPS * $curve->stepS) ? [Objection::Gap] : []),
            ...($isClear === false ? [Objection::Clouded] : []),
            ...(Disturbance::isIn($curve, $times) ? [Objection::Disturbed] : []),
            ...($lagS < 60 * self::LAG_MIN[0] || $lagS > 60 * self::LAG_MIN[1] ? [Objection::StrangeLag] : []),
            ...($uncertaintyK > self::GOOD_K ? [Objection::DropUncertain] : []),
            ...($lagUncertaintyS > self::GOOD_S ? [Objection::LagUncertain] : []),
        ]);
    }

    public function worth(): Worth
    {
        $worths = array_map(static fn(Objection $objection): Worth => $objection->worth(), $this->objections);

        return match (true) {
            $worths === [] => Worth::Good,
            in_array(Worth::None, $worths, true) => Worth::None,
            default => Worth::Poor,
        };
    }

    /** @return array{numbers: list<float|null>, objections: list<string>} to be kept */
    public function toArray(): array
    {
        return [
            'numbers' => [$this->dropK, $this->uncertaintyK, $this->minimumAtS, $this->lagS, $this->lagUncertaintyS, $this->beforeMin, $this->afterMin, $this->rmsK],
            'objections' => array_map(static fn(Objection $objection): string => $objection->value, $this->objections),
        ];
    }

    /** @param array{numbers: list<float|null>, objections: list<string>} $kept */
    public static function fromArray(array $kept): self
    {
        [$dropK, $uncertaintyK, $minimumAtS, $lagS, $lagUncertaintyS, $beforeMin, $afterMin, $rmsK] = $kept['numbers'];

        return new self(
            dropK: $dropK,
            uncertaintyK: $uncertaintyK,
            minimumAtS: $minimumAtS,
            lagS: $lagS,
            lagUncertaintyS: $lagUncertaintyS,
            beforeMin: $beforeMin ?? 0.0,
            afterMin: $afterMin ?? 0.0,
            rmsK: $rmsK,
            objections: array_map(Objection::from(...), $kept['objections']),
        );
    }

    private static function nothing(Curve $curve, ?float $dropK, ?float $uncertaintyK, Objection $why): self
    {
        return new self(dropK: $dropK, uncertaintyK: $uncertaintyK, minimumAtS: null, lagS: null, lagUncertaintyS: null, beforeMin: $curve->beforeMin(), afterMin: $curve->afterMin(), rmsK: $curve->baseline->noise->rms, objections: [$why, ...self::tooLittle($curve)]);
    }

    /** @return list<Objection> */
    private static function tooLittle(Curve $curve): array
    {
        return [
            ...($curve->beforeMin() < self::LEAST_MIN ? [Objection::TooLittleBefore] : []),
            ...($curve->afterMin() < self::LEAST_MIN ? [Objection::TooLittleAfter] : []),
        ];
    }

    private static function uncertaintyK(Curve $curve, Dip $dip, float $difference): float
    {
        $scatter = $dip->variance + $curve->baseline->variance($dip->atS);

        return self::TWO_SIGMA * sqrt(self::CARE * $scatter + $curve->resolutionK ** 2 / 12 + ($difference / 4) ** 2 + (self::FORM_SHARE * $dip->value) ** 2);
    }

    private static function lagUncertaintyS(Curve $curve, Dip $dip, float $differenceS): float
    {
        // A baseline that is tilted by so much moves the lowest point by that over the curve's bend.
        $tilt = $curve->baseline->slopeVariance($dip->atS) / $dip->bend ** 2 * 3600 ** 2;

        return self::TWO_SIGMA * sqrt(self::CARE * ($dip->atVariance + $tilt) + self::FORM_S ** 2 + ($differenceS / 3) ** 2);
    }
}
