<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\Panorama;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SiteWords;
use App\Text\SkyWords;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\ContactVisibility;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Obstruction;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Site\Skyline\UncertainObstruction;

/** What the eye at one spot sees of the Sun's way: the answer, the horizon view, the contacts. */
final readonly class SpotView
{
    /**
     * @param list<string> $hidden
     * @param list<string> $close what may hide the Sun as well, if the plan is off by what it may be
     * @param list<array{name: string, time: string, altitude: string, visibility: string, isClear: bool}> $contacts
     */
    private function __construct(
        public Thing $place,
        public string $headline,
        public string $clear,
        public array $hidden,
        public array $close,
        public Verdict $verdict,
        public array $contacts,
        public Panorama $panorama,
        public string $position,
    ) {}

    public static function of(Thing $place, SunlitSite $site): self
    {
        $outlook = $site->outlookFrom($place);

        return new self(
            place: $place,
            headline: self::headlineOf($outlook, $place, $site),
            clear: __('The whole disc is clear for :clear of :whole.', ['clear' => Durations::toTheMinute($outlook->clearSeconds), 'whole' => Durations::toTheMinute($outlook->wholeSeconds)]),
            hidden: array_map(static fn(UncertainObstruction $h): string => ObstructionWords::line($h, $site), $outlook->obstructions),
            close: array_map(static fn(Obstruction $s): string => trans_choice('If the plan is off by :m m, :what hides it from :from to :to as well.|If the plan is off by :m m, :what hide it from :from to :to as well.', count($s->by), [
                'm' => $site->plan->accuracyM, 'what' => ObstructionWords::by($s), 'from' => ObstructionWords::goes($s->from, 60.0, $site), 'to' => ObstructionWords::comes($s->to, 60.0, $site),
            ]), $outlook->nearMisses),
            verdict: $place->kind->wantsShade() ? $outlook->shadeVerdict() : $outlook->verdict(),
            contacts: array_map(static fn(ContactVisibility $c): array => self::contact($c, $site), $outlook->contacts),
            panorama: Panorama::of($place, $outlook, $site),
            position: __(':east m east, :north m north of the event\'s place, eyes :eye m up', [
                'east' => Numbers::decimal($place->at()->eastM, 1), 'north' => Numbers::decimal($place->at()->northM, 1), 'eye' => Numbers::decimal($place->heightM, 2),
            ]),
        );
    }

    /** One sentence: from here the Sun is clear, or from when the first thing hides it. */
    public static function headlineOf(SpotOutlook $outlook, Thing $place, SunlitSite $site): string
    {
        if ($outlook->cover !== null) {
            return __('“:spot” lies under :cover: nothing is seen from there.', ['spot' => SiteWords::name($place), 'cover' => $outlook->cover]);
        }
        if (!$outlook->isDrawn) {
            return __('Nothing is drawn yet that could hide the Sun.');
        }
        $during = array_values(array_filter($outlook->obstructions, static fn(UncertainObstruction $h): bool => $h->obstruction->to->time() > $site->here->begins() && $h->obstruction->from->time() < $site->here->ends()));
        if ($during === []) {
            return __('From “:spot” the Sun is clear from the first contact to the last.', ['spot' => SiteWords::name($place)]);
        }
        $first = $during[0];
        $count = count($first->obstruction->by);
        $names = ['spot' => SiteWords::name($place), 'what' => ObstructionWords::by($first->obstruction), 'from' => ObstructionWords::goes($first->obstruction->from, $first->earlierSeconds, $site), 'to' => ObstructionWords::comes($first->obstruction->to, $first->laterSeconds, $site)];

        return match (true) {
            $first->obstruction->from->time() <= $site->here->begins() && $first->obstruction->to->time() >= $site->here->ends() => trans_choice('From “:spot” nothing of the eclipse is seen: :what hides it.|From “:spot” nothing of the eclipse is seen: :what hide it.', $count, $names),
            $first->obstruction->from->time() <= $site->here->begins() => __('From “:spot” the Sun comes clear of :what at :to.', $names),
            $first->obstruction->to->time() >= $site->here->ends() => trans_choice('From “:spot” you see it until :from, then :what hides it.|From “:spot” you see it until :from, then :what hide it.', $count, $names),
            default => trans_choice('From “:spot” :what hides the Sun from :from to :to.|From “:spot” :what hide the Sun from :from to :to.', $count, $names),
        };
    }

    /** @return array{name: string, time: string, altitude: string, visibility: string, isClear: bool} */
    private static function contact(ContactVisibility $contact, SunlitSite $site): array
    {
        $names = ['what' => $contact->by ?? __('the horizon'), 'deg' => Angles::degrees(abs($contact->marginDeg))];

        return [
            'name' => SkyWords::contact($contact->name),
            'time' => Clock::over($site->here)->second($contact->sun->time()),
            'altitude' => Angles::degrees($contact->sun->altitudeDeg),
            'visibility' => match (true) {
                !$contact->sun->isUp() => __('the Sun is down'),
                $contact->isUncertain => __('clear by :deg only; :what may hide it', $names),
                $contact->visibility === DiscVisibility::Clear => __('clear, :deg from :what', $names),
                $contact->visibility === DiscVisibility::Partly => __('cut by :what', $names),
                default => __('lost behind :what', $names),
            },
            'isClear' => $contact->visibility === DiscVisibility::Clear || !$contact->sun->isUp(),
        ];
    }
}
