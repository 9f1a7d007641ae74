<?php

declare(strict_types=1);

namespace App\Domain\Audience;

use App\Domain\Event\RoundParty;
use App\Domain\Event\RoundPlan;
use App\Domain\Event\Rounds;
use App\Domain\Event\RoundSpot;
use App\Domain\Event\WantedViewers;
use App\Domain\Site\EventPlan;
use App\Models\Audience\AudienceStation;
use App\Models\Event;
use App\Text\AudienceWords;
use App\Text\RuleWords;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Yard\Attendance;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Condition;
use KeenShadow\Core\Rules\Effect;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Rule;

/** The groups of an event with the methods they may use, and the stations that these make. */
final readonly class RoundsOfGroups implements Rounds
{
    /** With a viewer of their own everybody looks at once, and again and again (own judgement). */
    private const OWN_LOOK_S = 120.0;

    private const OF_POLICY = 'policy-';

    public function __construct(private WantedViewers $viewers) {}

    public function of(Event $event): RoundPlan
    {
        $yard = EventYard::of($event, EventPlan::of($event)->plan(), $this->viewers->of($event));
        $parties = array_map(
            static fn(int $id, Attendance $a): RoundParty => new RoundParty(
                $id,
                $a->name,
                $a->group->people,
                array_map(static fn(Method $m): string => $m->value, $a->methods),
                array_values(array_map(static fn(Method $m): string => $m->value, array_filter($a->methods, static fn(Method $m): bool => $m->isWatchedEach(Standard::book(), $a->group, $event->policy)))),
                $a->group->adults,
            ),
            $yard->groupIds,
            $yard->attendances,
        );

        return new RoundPlan($parties, self::spots($yard, $parties));
    }

    /**
     * @param list<RoundParty> $parties
     *
     * @return list<RoundSpot>
     */
    private static function spots(EventYard $yard, array $parties): array
    {
        $stations = array_column(array_map(static fn(AudienceStation $s): array => [$s->method->value, $s], $yard->stations), 1, 0);
        $spots = [];
        foreach (Method::cases() as $method) {
            $people = array_map(static fn(RoundParty $p): int => in_array($method->value, $p->methods, true) ? $p->people : 0, $parties);
            $station = $stations[$method->value] ?? null;
            if (max([0, ...$people]) > 0) {
                $spots[] = new RoundSpot(
                    method: $method->value,
                    name: AudienceWords::station($method),
                    place: $station?->place,
                    atOnce: $station === null ? array_sum($people) : $station->places,
                    secondsEach: $station === null ? self::OWN_LOOK_S : $station->look_s + $station->hand_s,
                    peoplePerHelper: $method->peoplePerHelper(),
                    at: $station === null ? null : $yard->thingOf($station)?->middle,
                    isNeverAlone: $method->isNeverAlone(Standard::book()),
                    cautions: self::cautions($method, array_values(array_filter($yard->attendances, static fn(Attendance $a): bool => in_array($method, $a->methods, true)))),
                );
            }
        }

        return $spots;
    }

    /**
     * What the book asks for there, of whoever comes; what a policy forbids is no station.
     *
     * @param list<Attendance> $coming
     *
     * @return list<string>
     */
    private static function cautions(Method $method, array $coming): array
    {
        /** @var array<string, array<string, string>> $known the book stays as it is */
        static $known = [];
        $cautions = [];
        foreach ($coming as $attendance) {
            // Whether they peek is asked of them at the post, whatever was said.
            $group = new Group(people: 1, band: $attendance->group->band, spectacles: 0, seated: 0, lowVision: 0, peeks: false);
            $cautions += $known["{$method->value} {$group->band->value}"] ??= self::asked($method, $group);
        }

        return array_values(array_map(RuleWords::sentence(...), $cautions));
    }

    /** @return array<string, string> statements by the rule: what is asked for, and who must not look at all where that is not known of each */
    private static function asked(Method $method, Group $group): array
    {
        $isAsked = static fn(Rule $rule): bool => !str_starts_with($rule->id, self::OF_POLICY)
            && ($rule->effect === Effect::Asks || $rule->effect === Effect::Forbids && array_filter($rule->where, static fn(Condition $c): bool => $c->part === Part::Person) !== []);
        $asking = array_filter($method->answer(Standard::book(), $group, null)->rules ?? [], $isAsked);

        return array_column(array_map(static fn(Rule $rule): array => [$rule->id, $rule->statement], $asking), 1, 0);
    }
}
