<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Viewers\PinholeCriterion;

/** What is said of viewers. */
final class ViewersWords
{
    public static function criterion(PinholeCriterion $criterion): string
    {
        return match ($criterion) {
            PinholeCriterion::Petzval => __('sharpest edge (Petzval)'),
            PinholeCriterion::EqualBlur => __('hole as wide as its own diffraction'),
            PinholeCriterion::Rayleigh => __('brighter, a little softer (Rayleigh)'),
        };
    }
}
