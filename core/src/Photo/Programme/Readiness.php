<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Kit\FilterSeat;
use KeenShadow\Core\Photo\Kit\Fixing;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Source;

/**
 * Whether a camera may point to the Sun as it stands there: what the rule book says of it, and what common practice asks of the filter
 * before every lens. Where it may not, no picture is planned at all, in totality neither: it would have to be aimed before.
 */
final class Readiness
{
    /** The camera outside totality, as far as it is known. */
    public static function situation(Outfit $outfit, Programme $programme, ?FilterState $state): Situation
    {
        $filter = $outfit->filter;
        $isPhone = $outfit->camera->isPhone();

        return Situation::of([
            'look' => $isPhone ? 'screen_of_device' : 'camera',
            'phase' => 'partial',
            'instrument' => $isPhone ? 'phone' : $outfit->optics->build->instrument(),
            'filter' => $filter === null ? 'none' : $filter->make->value,
            'at' => $filter?->seat->value,
            'fixing' => $filter?->fixing->value,
            'flaw' => $state?->flaws,
            // Before the day nothing more than an earlier check can be asked for.
            'checked_against_sun' => $state !== null && ($state->isToday || !$state->isDue) ? true : null,
            'finder' => $isPhone ? Finder::None->value : $programme->finder?->value,
            'mounted' => $outfit->mount === null ? 'hand' : 'tripod',
            'attended' => $programme->watchedBy === '' ? null : true,
        ]);
    }

    /** @return list<Finding> what speaks against it */
    public static function findings(Outfit $outfit, Programme $programme, ?FilterState $state): array
    {
        return [
            ...self::book(self::situation($outfit, $programme, $state)),
            ...self::filter($outfit, $state),
            ...($programme->watchedBy === '' ? [self::common(Level::Hold, 'Nobody is named who watches it.', 'Name who stands at it and keeps the filter on.', 'sensor-only')] : []),
            ...($outfit->mount === null ? [self::common(Level::Hold, 'It is held in the hand.', 'Put it on a tripod: set it and leave it.', 'sensor-only')] : []),
        ];
    }

    /** @param list<Finding> $findings */
    public static function mayStand(array $findings): bool
    {
        return array_filter($findings, static fn(Finding $finding): bool => $finding->level === Level::No) === [];
    }

    /** @return list<Finding> */
    private static function book(Situation $situation): array
    {
        $answer = Standard::book()->ask($situation);
        $rule = $answer->rules[0]->id ?? 'sensor-only';

        return match ($answer->permission) {
            Permission::Yes => [],
            Permission::If => array_map(static fn(string $condition): Finding => self::common(Level::Hold, 'Nobody has said yet whether this is so:', $condition, $rule), $answer->conditions),
            Permission::No => [self::common(Level::No, $answer->reason, $answer->do, $rule)],
        };
    }

    /** @return list<Finding> */
    private static function filter(Outfit $outfit, ?FilterState $state): array
    {
        $filter = $outfit->filter;
        if ($filter === null) {
            return [self::common(Level::No, 'It has no filter.', 'Choose one that is made for the lens: outside totality a filter sits on the front of every lens.', 'unfiltered-sensor')];
        }
        $findings = [
            $filter->seat === FilterSeat::BehindOptics ? self::common(Level::No, 'Its filter sits behind the optics, where the Sun\'s heat is gathered.', 'Put a filter over the front.', 'behind-the-optics') : null,
            match ($filter->fixing) {
                Fixing::Loose => self::common(Level::No, 'Its filter is loose.', 'Screw or tape it on.', 'held-against-wind'),
                Fixing::PushedOn => self::common(Level::Hold, 'Its filter is only pushed on: a knock or the wind takes it off.', 'Tape it as well.', 'held-against-wind'),
                Fixing::Screwed, Fixing::Taped => null,
            },
            $state !== null && $state->flaws !== [] ? self::common(Level::No, 'When its filter was last held against the Sun, it was not whole.', 'Take another filter.', 'whole') : null,
            match (true) {
                $state === null => self::common(Level::Hold, 'Its filter was never held against the Sun.', 'Hold it against the Sun, look for holes, and write it down.', 'checked-against-the-sun'),
                $state->isDue && !$state->isToday => self::common(Level::Hold, 'Its filter was not held against the Sun today.', 'Hold it against the Sun, look for holes, and write it down, before it goes on.', 'checked-against-the-sun'),
                default => null,
            },
        ];

        return array_values(array_filter($findings));
    }

    private static function common(Level $level, string $reason, string $nextStep, string $rule): Finding
    {
        return new Finding($level, $reason, $nextStep, Source::CommonPractice, $rule);
    }
}
