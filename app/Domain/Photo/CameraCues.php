<?php

declare(strict_types=1);

namespace App\Domain\Photo;

use App\Domain\Event\NewCue;
use App\Models\Photo\PhotoPlan;
use App\Text\Numbers;
use App\Text\PhotoWords;
use Illuminate\Support\Str;
use KeenShadow\Core\Photo\PlannedShot;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Time\JulianDate;
use Ramsey\Uuid\Uuid;

/**
 * A camera's lines for the run sheet. None of them says when a filter comes off: that is called, by the one rule, wherever the event may be
 * moved to; the list is taken once it is called.
 */
final class CameraCues
{
    private const CODES = ['set-up', 'partial', 'hands', 'list', 'cap'];
    /** Of an event that is moved to where filters stay on these have no time. */
    private const IN_TOTALITY = 'totality';
    private const LONGEST = 40;
    private const LONGEST_CREW = 480;
    private const DAY_S = 86400;
    private const SET_UP_S = 45 * 60;
    private const SETTING_UP_S = 15 * 60;
    private const HANDS_S = 120;

    /** @return list<NewCue> */
    public static function of(PhotoPlan $row, CameraPlan $plan): array
    {
        if (!$plan->mayStand()) {
            return [];
        }
        $programme = $plan->programme;
        $name = Str::limit($row->name, self::LONGEST, '…');
        $cue = static fn(string $code, string $kind, string $words, string $anchor, int $offsetS, int $durationS, string $crew, ?string $needs = null): NewCue => new NewCue(
            id: self::id($row, $code),
            kind: $kind,
            name: Str::limit("{$name}: {$words}", 79, '…'),
            anchor: $anchor,
            offsetS: $offsetS,
            durationS: $durationS,
            who: $programme->watchedBy,
            where: $programme->place,
            crew: Str::limit($crew, self::LONGEST_CREW, '…'),
            needs: $needs,
        );

        return [
            $cue('set-up', 'measure', __('set up, focus, filter on'), 'c1', -self::SET_UP_S, self::SETTING_UP_S, __('Hold the filter against the Sun, then put it on and tape it, before it points anywhere. Aim by the display, never through a finder.')),
            $cue('partial', 'measure', __('a picture every :every, filter on', ['every' => PhotoWords::every($programme->intervalS)]), 'c1', 0, 0, __('The filter stays on until it is called off.')),
            ...self::totality($plan, $cue),
            $cue('cap', 'pack', __('cap it, then take the filter off'), 'c4', 0, 0, __('Turn it off the Sun first.')),
        ];
    }

    /** @return list<string> numbers of all lines that a camera may ever have had */
    public static function ids(PhotoPlan $row): array
    {
        return array_map(static fn(string $code): string => self::id($row, $code), self::CODES);
    }

    /**
     * @param callable(string, string, string, string, int, int, string, string): NewCue $cue
     *
     * @return list<NewCue>
     */
    private static function totality(CameraPlan $plan, callable $cue): array
    {
        $c2 = $plan->seen->here->circumstances->contact(ContactName::C2);
        $list = $plan->totality;
        if ($list->offUt === null || $list->shots === [] || $c2 === null) {
            return [];
        }
        $sinceC2 = ($list->offUt - JulianDate::fromDateTime($c2->time())) * self::DAY_S;

        return [
            $cue('hands', 'measure', __('hands to the filter, it stays on'), 'c2', -self::HANDS_S, 0, __('Wait for the call. Nothing is taken off before.'), self::IN_TOTALITY),
            $cue('list', 'measure', __('the list, once it is called'), 'c2', (int) ceil($sinceC2), (int) floor((float) $plan->freeS()), __('Only once “filters may come off” is called: filter off, :list; then filter on, at the latest with the warning. Look only until “filters on” is called.', [
                'list' => implode(', ', array_map(static fn(PlannedShot $shot, int $i): string => ($i + 1) . ' ' . $shot->wish->name . ' (' . Numbers::decimal(($shot->toUt - $shot->fromUt) * self::DAY_S) . ' s)', $list->shots, array_keys($list->shots))),
            ]), self::IN_TOTALITY),
        ];
    }

    private static function id(PhotoPlan $row, string $code): string
    {
        return Uuid::uuid5($row->uuid, $code)->toString();
    }
}
