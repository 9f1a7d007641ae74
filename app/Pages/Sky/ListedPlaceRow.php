<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Event\EventFacts;
use App\Models\Event;
use App\Models\Sky\ListedPlace;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\FilterWords;
use App\Text\LengthWords;
use App\Text\Numbers;
use App\Text\SkyWords;
use DateTimeZone;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\SolarEclipse;

/** One place of a list as the table shows it: what is seen there, in its own time. */
final readonly class ListedPlaceRow
{
    private const NOTHING = '–';

    /**
     * @param string $rule id of that on which the word about filters stands; blank without one
     * @param list<array{time: string, isDown: bool}> $contacts C1, C2, maximum, C3, C4
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $zone,
        public bool $isComputed,
        public bool $isSeen,
        public string $seenAs,
        public string $filters,
        public string $rule,
        public array $contacts,
        public string $obscuration,
        public string $lasts,
        public string $altitude,
    ) {}

    /** @param Event $event of the list, under whose policy filters are */
    public static function of(ListedPlace $place, SolarEclipse $eclipse, Event $event): self
    {
        if ($place->computed_at === null || $place->timezone === null) {
            $waiting = ['time' => '…', 'isDown' => false];

            return new self(id: $place->id, name: $place->name, zone: '', isComputed: false, isSeen: false, seenAs: '…', filters: '', rule: '', contacts: array_fill(0, count(ContactName::cases()), $waiting), obscuration: '…', lasts: '…', altitude: '…');
        }
        $c = $eclipse->circumstances($place->observer());
        $clock = Clock::during(new DateTimeZone($place->timezone), $c->first()->time(), $c->last()->time());
        $isNone = $c->kind === LocalKind::None;
        // Of a partial eclipse the whole list says the same.
        $filters = $c->kind === LocalKind::Total ? EventFacts::underPolicy($event, Filters::of($eclipse, $place->observer(), $c)) : null;

        return new self(
            id: $place->id,
            name: $place->name,
            zone: $clock->zone(),
            isComputed: true,
            isSeen: $c->isSeen(),
            seenAs: $c->isSeen() ? SkyWords::kind($c->seenKind()) : __('not seen'),
            filters: $filters === null ? '' : FilterWords::brief($filters, $clock),
            rule: $filters?->reason->rule() ?? '',
            contacts: array_map(static fn(ContactName $name): array => self::contact($name, $c, $clock), ContactName::cases()),
            obscuration: $isNone ? self::NOTHING : Numbers::percent($c->maximum->obscuration()) . ' %' . ($c->maximum->isSunUp() ? '' : ', ' . __('Sun down')),
            lasts: $c->durationSeconds() === null ? self::NOTHING : LengthWords::of($c),
            altitude: $isNone ? self::NOTHING : Angles::degrees($c->maximum->altitudeDeg(), 0),
        );
    }

    /** @return array{time: string, isDown: bool} */
    private static function contact(ContactName $name, LocalCircumstances $c, Clock $clock): array
    {
        $contact = $c->contact($name);

        return $contact === null
            ? ['time' => self::NOTHING, 'isDown' => false]
            : ['time' => $clock->second($contact->time()), 'isDown' => !$contact->view->isSunUp()];
    }
}
