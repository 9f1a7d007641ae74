<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawings\ShadowRibbon;
use App\Models\Event;
use App\Pages\Eyewear\LotRow;
use App\Pages\Site\EventSite;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\LocalEclipse;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Site\Skyline\ContactVisibility;
use KeenShadow\Core\Site\Skyline\SpotOutlook;

/** What every page of an event has around it: the stages with what is still to do, and the shadow ribbon. */
final readonly class EventFrame
{
    /** @param list<Stage> $stages in the order of work */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public EventSite $site,
        public ShadowRibbon $ribbon,
        public array $stages,
        public Filters $filters,
    ) {}

    public static function of(Event $event, Eclipses $eclipses): self
    {
        $here = LocalEclipse::of($event, $eclipses);
        $site = EventSite::of($event, $here);
        $outlook = $site->outlook();
        $left = self::pairsLeft($event);
        $viewers = $event->viewers()->count();

        return new self($event, $here, $site, ShadowRibbon::of($here, $outlook === null ? [] : $outlook->obstructions, Date::now()), [
            new Stage('sky', __('Sky'), route('sky.show', $event), self::skyToDo($here), false),
            new Stage('site', __('Site'), route('site.show', $event), self::siteToDo($outlook), $outlook === null || $outlook->lost() !== [] || $outlook->verdict()->level !== Level::Yes),
            new Stage('eyewear', __('Glasses'), route('eyewear.index', $event), self::glassesToDo($left), $left !== 0),
            new Stage('viewers', __('Viewers'), route('viewers.index', $event), self::viewersToDo($viewers), $viewers === 0),
        ], $site->filters());
    }

    private static function skyToDo(LocalEclipse $here): string
    {
        return $here->cutBy() === null ? __('times ready') : __('the horizon cuts the eclipse');
    }

    private static function siteToDo(?SpotOutlook $outlook): string
    {
        if ($outlook === null) {
            return __('nothing drawn yet');
        }
        $lost = $outlook->lost();

        return match (true) {
            $lost !== [] => __(':contacts hidden', ['contacts' => implode(', ', array_map(static fn(ContactVisibility $c): string => $c->name->value, $lost))]),
            $outlook->verdict()->level === Level::Hold => __('the Sun is hidden or close to it for a while'),
            default => __('the Sun stands clear'),
        };
    }

    private static function glassesToDo(?int $left): string
    {
        if ($left === null) {
            return __('no glasses yet');
        }

        return $left === 0 ? __('all pairs looked at') : trans_choice('{1} 1 pair not looked at|[2,*] :count pairs not looked at', $left);
    }

    private static function viewersToDo(int $count): string
    {
        return $count === 0 ? __('none designed yet') : trans_choice('{1} 1 design|[2,*] :count designs', $count);
    }

    /** Pairs that nobody has looked at; null where there are no glasses. */
    private static function pairsLeft(Event $event): ?int
    {
        $lots = LotRow::allFor($event);

        return $lots === [] ? null : array_sum(array_map(static fn(LotRow $row): int => $row->unchecked(), $lots));
    }
}
