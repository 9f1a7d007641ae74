<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Sky\ClockFace;
use KeenShadow\Core\Sky\Compass;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseKind;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\LunarKind;

/** What the sky's kinds, contacts and directions are called. */
final class SkyWords
{
    private const HOURS = ['twelve', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven'];

    /** "total", "annular". */
    public static function kind(EclipseKind|LocalKind|LunarKind $kind): string
    {
        return __($kind->value);
    }

    /** "C1", "Max". */
    public static function contact(ContactName $name): string
    {
        return $name === ContactName::Maximum ? __('Max') : $name->value;
    }

    /** What happens then. */
    public static function meaning(ContactName $name, LocalKind $kind): string
    {
        return match ($name) {
            ContactName::C1 => __('first bite'),
            ContactName::C2 => $kind === LocalKind::Total ? __('totality begins') : __('ring closes'),
            ContactName::Maximum => __('maximum'),
            ContactName::C3 => $kind === LocalKind::Total ? __('totality ends') : __('ring opens'),
            ContactName::C4 => __('last bite gone'),
        };
    }

    /** "south-west". */
    public static function compass(float $azimuthDeg): string
    {
        return __(Compass::nearest($azimuthDeg)->value);
    }

    /** A place on the Sun's edge: "half past four". */
    public static function clock(float $zenithAngleDeg): string
    {
        $face = ClockFace::at($zenithAngleDeg);

        return __($face->isHalfPast ? 'half past :hour' : ':hour o\'clock', ['hour' => __(self::HOURS[$face->hour % 12])]);
    }
}
