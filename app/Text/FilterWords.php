<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;
use KeenShadow\Core\Rules\FilterCall;
use KeenShadow\Core\Rules\FilterReason;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;

/** What the rule about filters says, in words. */
final class FilterWords
{
    /** The caution for a place, with its times. */
    public static function caution(Filters $filters, Clock $clock): string
    {
        $sentence = match ($filters->reason) {
            FilterReason::Unknown => __('Filters stay on: not enough is known about this place to say more.'),
            FilterReason::NoEclipse => __('Filters stay on: there is no eclipse here, the whole Sun shines.'),
            FilterReason::Partial => __('Filters never come off at this place: some of the Sun shows all the time.'),
            FilterReason::Annular => __('Filters never come off at this place: the ring is Sun as well.'),
            FilterReason::NearEdge => __('Filters stay on: this place lies within 5 km of the edge of the path, where the Moon\'s uneven limb decides. Plan as for a partial eclipse.'),
            FilterReason::TooShort => __('Filters stay on: with the uncertainty and a hand\'s time taken off C2 and C3, less than :least s of totality is left with the Sun up.', ['least' => (string) (int) Filters::LEAST_SECONDS]),
            FilterReason::BelowHorizon => __('Filters stay on: it is total here only while the Sun is down. What is seen is partial.'),
            FilterReason::Hidden => __('Filters stay on: totality passes behind what stands on the site. What is seen from there is partial.'),
            FilterReason::Policy => __('Filters stay on, in totality too: at this event nobody looks at the Sun directly, or only from indoors, through a banner.'),
            FilterReason::Totality => __('Filters may come off from :off to :on, and only then: only during totality, only inside the path, only between C2 and C3. Wait until the last bead of light is gone; be back behind the filter before the first returns.', self::times($filters, $clock)),
        };

        return $filters->isCut ? $sentence . ' ' . __('For a part of totality the Sun is not seen here.') : $sentence;
    }

    /** The caution in a few words, for a line of a list. */
    public static function brief(Filters $filters, Clock $clock): string
    {
        return match ($filters->reason) {
            FilterReason::Totality => __('filters may come off from :off to :on', self::times($filters, $clock)),
            FilterReason::NearEdge => __('near the edge of the path: filters stay on'),
            FilterReason::BelowHorizon => __('total with the Sun down: filters stay on'),
            FilterReason::Hidden => __('total behind what stands there: filters stay on'),
            FilterReason::TooShort => __('too short to be sure: filters stay on'),
            default => __('filters stay on'),
        };
    }

    /** What to do with filters at C2 or C3, null at the other contacts. */
    public static function cue(ContactName $name, Filters $filters, Clock $clock): ?string
    {
        if ($name !== ContactName::C2 && $name !== ContactName::C3) {
            return null;
        }

        return match (true) {
            !$filters->mayComeOff() => __('filters stay on'),
            $name === ContactName::C2 => __('filters may come off at :off', self::times($filters, $clock)),
            default => __('filters on by :on', self::times($filters, $clock)),
        };
    }

    /** What is called out. */
    public static function call(FilterCall $call): string
    {
        return match ($call) {
            FilterCall::MayComeOff => __('Filters may come off!'),
            FilterCall::Warning => __('Filters on in :seconds seconds!', ['seconds' => (string) Filters::WARNING_SECONDS]),
            FilterCall::BackOn => __('Filters on, filters on, filters on!'),
        };
    }

    /** The name of a call in a list of what comes next. */
    public static function callName(FilterCall $call): string
    {
        return match ($call) {
            FilterCall::MayComeOff => __('Filters may come off'),
            FilterCall::Warning => __('Warning: filters on in :seconds s', ['seconds' => (string) Filters::WARNING_SECONDS]),
            FilterCall::BackOn => __('Filters on'),
        };
    }

    /** A time from which filters may be off, to the second: never an earlier one. */
    public static function notBefore(DateTimeImmutable $moment, Clock $clock): string
    {
        return $clock->second($moment->modify('+499 milliseconds'));
    }

    /** A time by which filters are on, to the second: never a later one. */
    public static function notAfter(DateTimeImmutable $moment, Clock $clock): string
    {
        return $clock->second($moment->modify('-499 milliseconds'));
    }

    /** @return array{off: string, on: string} */
    private static function times(Filters $filters, Clock $clock): array
    {
        return [
            'off' => $filters->off() === null ? '' : self::notBefore($filters->off(), $clock),
            'on' => $filters->on() === null ? '' : self::notAfter($filters->on(), $clock),
        ];
    }
}
