<?php

declare(strict_types=1);

namespace App\Domain\Photo;

use App\Domain\Event\EventReader;
use App\Domain\Kept;
use App\Models\Event;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use KeenShadow\Core\Photo\Kit\Camera;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Photo\Programme\FilterState;
use KeenShadow\Core\Photo\Programme\Outfit;
use KeenShadow\Core\Photo\Programme\Programme;
use KeenShadow\Core\Photo\Programme\SeenEclipse;
use KeenShadow\Core\Time\Interval;

/** The one way from an event's rows to what core makes of its cameras. */
final readonly class EventCameras
{
    public function __construct(
        private EventReader $reader,
        private FilterTests $tests,
        private Kept $kept,
    ) {}

    /** @throws PhotoException */
    public function of(PhotoPlan $plan): CameraPlan
    {
        return $this->plan($plan->event, self::outfit($plan->camera, $plan->optics, $plan->filter, $plan->mount), $plan->read(), $plan->filter);
    }

    /**
     * @param KitItem|null $filter the row of the outfit's filter
     *
     * @throws PhotoException
     */
    public function plan(Event $event, Outfit $outfit, Programme $programme, ?KitItem $filter): CameraPlan
    {
        return CameraPlan::of($outfit, $programme, $this->seen($event, $programme->place), $filter === null ? null : self::state($filter, $event), $filter === null ? null : $this->realQ($filter));
    }

    /** @throws PhotoException where a camera has nothing to look through */
    public static function outfit(KitItem $camera, ?KitItem $optics, ?KitItem $filter, ?KitItem $mount): Outfit
    {
        [$body, $lens, $before, $below] = array_map(static fn(?KitItem $item): Camera|Optics|FrontFilter|Mount|null => $item?->read(), [$camera, $optics, $filter, $mount]);

        return Outfit::of(
            $body instanceof Camera ? $body : throw PhotoException::missing('camera'),
            $lens instanceof Optics ? $lens : null,
            $before instanceof FrontFilter ? $before : null,
            $below instanceof Mount ? $below : null,
        );
    }

    /** @return FilterState|null how it was found last, today being the day where the event is; null where it was never looked at */
    public static function state(KitItem $filter, Event $event): ?FilterState
    {
        $check = $filter->lastCheck;
        $today = now($event->timezone);

        return $check === null ? null : new FilterState(
            $check->flaws,
            isToday: $check->checked_at->setTimezone($event->timezone)->isSameDay($today),
            isDue: abs($event->eclipse_date->diffInDays($today->toDateString())) <= 1.0,
        );
    }

    /** @return float|null of the newest test shot through it; null without one */
    public function realQ(KitItem $filter): ?float
    {
        $test = FilterTest::standing($filter->id)->first();

        return $test === null ? null : $this->tests->overheadQ($test);
    }

    /** @param string $place on the site's plan; blank is where the people watch */
    public function seen(Event $event, string $place): SeenEclipse
    {
        return SeenEclipse::of($this->reader->facts($event)->here, $this->hidden($event, $place), $event->policy?->inTheBook());
    }

    /** @return list<Interval> when it is seen from there, and nothing else of it */
    public function stretches(Event $event, string $place): array
    {
        return SeenEclipse::stretches($this->reader->facts($event)->here, $this->hidden($event, $place));
    }

    /** @return list<Interval> during which the whole Sun is behind something from there */
    private function hidden(Event $event, string $place): array
    {
        $outlook = $this->reader->facts($event)->outlook;
        if ($place === '' || $outlook === null) {
            return $outlook->hidden ?? [];
        }
        $rows = $this->kept->by('hidden-from', [...$this->reader->siteInputs($event), $place], function () use ($event, $place): array {
            $site = $this->reader->site($event);

            return array_map(static fn(Interval $i): array => [$i->fromUt, $i->toUt], $site->outlookFrom($site->place($place))->hidden);
        });

        return array_map(static fn(array $row): Interval => new Interval(...$row), $rows);
    }
}
