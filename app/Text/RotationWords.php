<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\RunSheet\Rotation\Group;
use KeenShadow\Core\RunSheet\Rotation\Helper;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Unmet;

/** Why a group has fewer turns than it should, in words. */
final class RotationWords
{
    /** @param array<string, string> $names of groups, stations and helpers by id; what has none is called by its id */
    public static function why(Problem $problem, Unmet $unmet, array $names = []): string
    {
        $groups = self::named(array_map(static fn(Group $g): string => $g->id, $problem->groups), $unmet, $names);
        $stations = self::named(array_map(static fn(Station $s): string => $s->id, $problem->stations), $unmet, $names);
        $crew = self::named(array_map(static fn(Helper $h): string => $h->id, $problem->crew), $unmet, $names);
        $parts = [
            ...($groups === [] ? [] : [__('the turns of :names', ['names' => implode(', ', $groups)])]),
            ...($stations === [] ? [] : [__('places, opening and helpers wanted at :names', ['names' => implode(', ', $stations)])]),
            ...($crew === [] ? [] : [__('hours, training and rests of the helpers')]),
            ...(in_array(Problem::FIT_GLASSES, $unmet->conflict, true) ? [__('the pairs that are fit')] : []),
            ...(in_array(Problem::TIME, $unmet->conflict, true) ? [__('the time from beginning to end')] : []),
        ];
        if (count($parts) === 1 && count($groups) === 1) {
            return __('No station has what this group may use while it is free, as often as it is asked for.');
        }

        return $unmet->isProven
            ? __('These cannot be had together, and with any one fewer they could: :parts.', ['parts' => implode('; ', $parts)])
            : __('No way was found to have these together: :parts.', ['parts' => implode('; ', $parts)]);
    }

    /**
     * @param list<string> $ids
     * @param array<string, string> $names
     *
     * @return list<string> those of a conflict, as people call them
     */
    private static function named(array $ids, Unmet $unmet, array $names): array
    {
        return array_map(static fn(string $id): string => PlainText::quoted($names[$id] ?? $id), array_values(array_intersect($ids, $unmet->conflict)));
    }
}
