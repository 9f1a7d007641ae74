<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Methods\Kit;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Policy;

/** Groups and policy in words. */
final class AudienceWords
{
    public static function band(AgeBand $band): string
    {
        return match ($band) {
            AgeBand::YoungChild => __('up to 8 years'),
            AgeBand::Child => __('9 to 12 years'),
            AgeBand::Teen => __('teenagers'),
            AgeBand::Adult => __('adults'),
            AgeBand::AllAges => __('all ages, families'),
        };
    }

    public static function method(Method $method): string
    {
        return match ($method) {
            Method::Glasses => __('Eclipse glasses, shared'),
            Method::Banner => __('Banner across a doorway'),
            Method::Box => __('Box or tube, one each'),
            Method::Card => __('Card with a hole, colander'),
            Method::Mirror => __('Flat mirror on a wall'),
            Method::Projection => __('Telescope or binocular on a screen'),
            Method::Telescope => __('Telescope with a front filter'),
            Method::PhaseStrip => __('Phase strip to feel, light and warmth told'),
        };
    }

    /** A station of it, in a word. */
    public static function station(Method $method): string
    {
        return match ($method) {
            Method::Glasses => __('Glasses'),
            Method::Banner => __('Banner'),
            Method::Box => __('Boxes'),
            Method::Card => __('Cards'),
            Method::Mirror => __('Mirror'),
            Method::Projection => __('Projection'),
            Method::Telescope => __('Telescope'),
            Method::PhaseStrip => __('Phase strip'),
        };
    }

    public static function coming(Coming $coming): string
    {
        return match ($coming) {
            Coming::Evenly => __('evenly, up to the maximum'),
            Coming::AtOnce => __('all at once'),
            Coming::Burst => __('most shortly before the maximum'),
        };
    }

    /** How a group comes, and when. */
    public static function comes(Coming $coming, ?float $aheadMin): string
    {
        $minutes = Numbers::decimal($aheadMin ?? 0.0, fmod($aheadMin ?? 0.0, 1.0) === 0.0 ? 0 : 1);

        return match ($coming) {
            Coming::Evenly => $aheadMin === null ? __('evenly, from the first contact to the maximum') : __('evenly, from :min min before the maximum to it', ['min' => $minutes]),
            Coming::AtOnce => $aheadMin === null ? __('all at once, at the first contact') : __('all at once, :min min before the maximum', ['min' => $minutes]),
            Coming::Burst => $aheadMin === null ? self::coming($coming) : __('most shortly before the maximum, :min min on average', ['min' => $minutes]),
        };
    }

    public static function kit(Kit $kit): string
    {
        return match ($kit) {
            Kit::Banner => __('banner with filters'),
            Kit::Refractor => __('small refractor'),
            Kit::Binocular => __('binocular on a tripod'),
            Kit::FilteredTelescope => __('telescope with a front filter'),
            Kit::FlatMirror => __('flat mirror'),
            Kit::WhiteSheet => __('white sheet'),
        };
    }

    public static function policy(Policy $policy): string
    {
        return match ($policy) {
            Policy::IndirectOnly => __('Indirect only'),
            Policy::Glasses => __('Through checked glasses'),
            Policy::Banner => __('From indoors, through a banner'),
            Policy::Mixed => __('Mixed'),
        };
    }

    /** What it means for those who come. */
    public static function policyMeans(Policy $policy): string
    {
        return match ($policy) {
            Policy::IndirectOnly => __('Nobody looks at the Sun, only at images on screens.'),
            Policy::Glasses => __('Direct looks through eclipse glasses only; no eye comes to an instrument.'),
            Policy::Banner => __('Direct looks through checked filters in a banner across a doorway, from indoors.'),
            Policy::Mixed => __('Whatever the rule book allows, for each group what fits it.'),
        };
    }
}
