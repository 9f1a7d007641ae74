<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Logbook\Light\LightCurve;
use KeenShadow\Core\Logbook\Light\Sensor;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Temperature\Curve;
use KeenShadow\Core\Logbook\Temperature\Drop;
use KeenShadow\Core\Logbook\Temperature\Objection;
use KeenShadow\Core\Logbook\Temperature\Worth;

/** What the logbook says of what was measured and seen. */
final class LogbookWords
{
    public static function worth(Worth $worth): string
    {
        return match ($worth) {
            Worth::Good => __('Good'),
            Worth::Poor => __('Poor'),
            Worth::None => __('None'),
        };
    }

    /** By how much it was colder and how late, with what both may be wrong. */
    public static function drop(Drop $drop): string
    {
        return match (true) {
            $drop->dropK === null || $drop->uncertaintyK === null => __('No drop of the temperature can be told.'),
            $drop->lagS === null || $drop->lagUncertaintyS === null => __('No drop of the temperature: :drop ± :uncertainty K (95 %).', ['drop' => Numbers::decimal($drop->dropK, 1), 'uncertainty' => Numbers::decimal($drop->uncertaintyK, 1)]),
            default => __('The air cooled by :drop ± :uncertainty K, lowest :lag ± :minutes min :after the maximum (95 %).', [
                'drop' => Numbers::decimal($drop->dropK, 1), 'uncertainty' => Numbers::decimal(ceil(10 * $drop->uncertaintyK) / 10, 1),
                'lag' => Numbers::decimal(abs($drop->lagS) / 60, 0), 'minutes' => Numbers::decimal(ceil($drop->lagUncertaintyS / 60), 0), 'after' => $drop->lagS < 0 ? __('before') : __('after'),
            ]),
        };
    }

    public static function quantity(Quantity $quantity): string
    {
        return match ($quantity) {
            Quantity::Temperature => __('Temperature, °C'),
            Quantity::Light => __('Light, lx'),
            Quantity::Pressure => __('Pressure, hPa'),
        };
    }

    /** What else is drawn beside the curves. */
    public static function legend(Quantity $quantity): string
    {
        return match ($quantity) {
            Quantity::Temperature => __('dashed: the baseline, as it would have been without an eclipse; upright: lowest against it'),
            Quantity::Light => __('dashed: under a clear sky, with the Moon before the Sun'),
            Quantity::Pressure => '',
        };
    }

    public static function sensor(Sensor $sensor): string
    {
        return match ($sensor) {
            Sensor::Flat => __('lying flat'),
            Sensor::Turned => __('turned to the Sun all the time'),
        };
    }

    /** Light beside what a clear sky gives. */
    public static function light(?float $factor, ?float $clearShare): string
    {
        return match (true) {
            $factor === null => __('Light: too little was logged outside the eclipse to tell what a clear sky gave this meter.'),
            $clearShare === null => __('Light: :factor % of what a clear sky gives by computation; in the eclipse the Sun was too low to tell clouds.', ['factor' => Numbers::aboutPercent($factor)]),
            default => __('Light: :factor % of what a clear sky gives by computation; clear in :clear % of the eclipse.', ['factor' => Numbers::aboutPercent($factor), 'clear' => Numbers::aboutPercent($clearShare)]) . (LightCurve::isEnough($clearShare) ? '' : ' ' . __('It shows clouds rather than the eclipse.')),
        };
    }

    /** Why a drop is worth what it is, in sentences. */
    public static function why(Drop $drop): string
    {
        return $drop->objections === []
            ? __('Enough readings before and after, a curve like that of an eclipse, the drop within ±:k K and its minimum within ±:s s at 95 %.', ['k' => Numbers::decimal((float) $drop->uncertaintyK, 2), 's' => Numbers::decimal((float) $drop->lagUncertaintyS, 0)])
            : implode(' ', array_map(static fn(Objection $objection): string => self::objection($objection, $drop), $drop->objections));
    }

    private static function objection(Objection $objection, Drop $drop): string
    {
        return match ($objection) {
            Objection::NoBaseline => __('There are too few readings outside the eclipse for a baseline.'),
            Objection::TooLittleBefore => __('Too little before first contact: :n min with readings, :least are wanted.', ['n' => Numbers::decimal($drop->beforeMin, 0), 'least' => Drop::LEAST_MIN]),
            Objection::TooLittleAfter => __('Too little after last contact and :recovery min of recovery: :n min with readings, :least are wanted.', ['n' => Numbers::decimal($drop->afterMin, 0), 'least' => Drop::LEAST_MIN, 'recovery' => Curve::RECOVERY_MIN]),
            Objection::WithinUncertainty => __('No drop beyond its uncertainty.'),
            Objection::NoMinimum => __('It cooled, but the readings do not show a lowest point.'),
            Objection::Gap => __('Readings are missing around the minimum.'),
            Objection::Disturbed => __('Between the contacts the curve is not that of an eclipse alone: a cloud, a gust or a hand moved it.'),
            Objection::Clouded => __('The light that was logged beside it shows clouds in the eclipse, and they cool the air as well.'),
            Objection::StrangeLag => __('The minimum does not lie where an eclipse makes one, soon after its maximum.'),
            Objection::DropUncertain => __('The drop is uncertain by ±:k K, more than ±:most.', ['k' => Numbers::decimal((float) $drop->uncertaintyK, 2), 'most' => Numbers::decimal(Drop::GOOD_K, 1)]),
            Objection::LagUncertain => __('The time of the minimum is uncertain by ±:n min, more than ±:most.', ['n' => Numbers::decimal((float) $drop->lagUncertaintyS / 60, 1), 'most' => Numbers::decimal(Drop::GOOD_S / 60, 0)]),
        };
    }
}
