<?php

declare(strict_types=1);

namespace App\Text;

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
            Objection::StrangeLag => __('The minimum does not lie where an eclipse makes one, soon after its maximum.'),
            Objection::DropUncertain => __('The drop is uncertain by ±:k K, more than ±:most.', ['k' => Numbers::decimal((float) $drop->uncertaintyK, 2), 'most' => Numbers::decimal(Drop::GOOD_K, 1)]),
            Objection::LagUncertain => __('The time of the minimum is uncertain by ±:n min, more than ±:most.', ['n' => Numbers::decimal((float) $drop->lagUncertaintyS / 60, 1), 'most' => Numbers::decimal(Drop::GOOD_S / 60, 0)]),
        };
    }
}
