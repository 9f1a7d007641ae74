<?php

declare(strict_types=1);

namespace App\Domain\Audience;

use App\Domain\Event\WantedViewer;
use App\Models\Audience\AudienceGroup;
use App\Models\Audience\AudienceStation;
use App\Models\Event;
use KeenShadow\Core\Audience\AudienceException;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Yard\Attendance;
use KeenShadow\Core\Audience\Yard\UsualStation;
use KeenShadow\Core\Audience\Yard\Yard;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** The stations that the chosen methods of an event's groups make, and where on the plan each stands. */
final readonly class EventYard
{
    /**
     * @param list<int> $groupIds numbers of the groups, in the order of their attendances
     * @param list<Attendance> $attendances the groups, with the methods that the rule book allows
     * @param list<AudienceStation> $stations in the order of the methods, as stored or as usual
     * @param list<WantedViewer> $viewers
     */
    private function __construct(
        public array $groupIds,
        public array $attendances,
        public array $stations,
        private SitePlan $plan,
        private array $viewers,
    ) {}

    /** @param list<WantedViewer> $viewers that are to be built: where nobody has said otherwise, a station has as many places as they have */
    public static function of(Event $event, SitePlan $plan, array $viewers): self
    {
        $groups = $event->audienceGroups()->orderBy('name')->get();
        $attendances = array_values($groups->map(static fn(AudienceGroup $g): Attendance => new Attendance($g->name, $g->group(), $g->allowedMethods($event->policy), $g->comes, $g->ahead_min, $g->goes_first))->all());
        $stored = $event->audienceStations()->get()->keyBy(static fn(AudienceStation $s): string => $s->method->value);
        $stations = [];
        foreach (Method::cases() as $method) {
            $people = self::peopleAt($method, $attendances);
            if ($people > 0) {
                $stations[] = $stored->get($method->value) ?? self::usual($event, $method, $people, $viewers);
            }
        }

        return new self(array_values($groups->map(static fn(AudienceGroup $g): int => $g->id)->all()), $attendances, $stations, $plan, $viewers);
    }

    /** The station of a method; null where each has one of their own. */
    public function station(Event $event, Method $method): ?AudienceStation
    {
        $station = array_values(array_filter($this->stations, static fn(AudienceStation $s): bool => $s->method === $method))[0] ?? null;

        return $station ?? (UsualStation::isFor($method) ? self::usual($event, $method, 0, $this->viewers) : null);
    }

    /** At all stations together. */
    public function looks(): int
    {
        return array_sum(array_map($this->peopleOf(...), $this->stations));
    }

    public function peopleOf(AudienceStation $station): int
    {
        return self::peopleAt($station->method, $this->attendances);
    }

    /** Where it stands; null while that is not said, or gone from the plan. */
    public function thingOf(AudienceStation $station): ?Thing
    {
        return $station->place === null ? null : $this->plan->named($station->place);
    }

    /** Where people come to: the queue, if the plan has one. */
    public function entrance(): ?PlanPoint
    {
        $queues = array_values(array_filter($this->plan->places(), static fn(Thing $t): bool => $t->kind === ThingKind::Queue));

        return isset($queues[0]) ? $queues[0]->at() : null;
    }

    /** @return list<string> where a station can stand */
    public function places(): array
    {
        return array_map(static fn(Thing $t): string => $t->name, [...$this->plan->places(), ...$this->plan->openings()]);
    }

    /**
     * @param float $bestS the best moment, in seconds from the first contact
     *
     * @throws AudienceException
     */
    public function yard(float $bestS, int $seed): Yard
    {
        $methods = array_map(static fn(AudienceStation $s): string => $s->method->value, $this->stations);
        $at = array_filter(array_combine($methods, array_map(fn(AudienceStation $s): ?PlanPoint => $this->thingOf($s)?->middle, $this->stations)), static fn(?PlanPoint $p): bool => $p !== null);

        return new Yard(array_combine($methods, array_map(static fn(AudienceStation $s): Station => $s->station(), $this->stations)), $at, $this->entrance(), $this->attendances, $bestS, $seed);
    }

    /** @param list<WantedViewer> $viewers */
    private static function usual(Event $event, Method $method, int $people, array $viewers): AudienceStation
    {
        $usual = AudienceStation::usual($event, $method, $people);
        $places = array_sum(array_map(static fn(WantedViewer $v): int => $v->method === $method->value ? $v->wanted * $v->atOnce : 0, $viewers));

        return $places === 0 ? $usual : $usual->fill(['places' => min(Station::MOST_PLACES, $places)]);
    }

    /** @param list<Attendance> $attendances */
    private static function peopleAt(Method $method, array $attendances): int
    {
        return array_sum(array_map(static fn(Attendance $a): int => $a->peopleAt($method), $attendances));
    }
}
