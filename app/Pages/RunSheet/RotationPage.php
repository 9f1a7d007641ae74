<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\Event\RoundParty;
use App\Domain\RunSheet\EventRota;
use App\Domain\RunSheet\EventSheet;
use App\Drawings\RunSheet\Lanes;
use App\Drawings\RunSheet\RotaEntries;
use App\Text\Clock;
use App\Text\TypedBells;
use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\FaultKind;
use KeenShadow\Core\RunSheet\Rotation\Group;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use KeenShadow\Core\Time\Interval;

/** Groups over stations, between bells. */
final readonly class RotationPage
{
    /**
     * @param string $headline what the rotation comes to
     * @param int $stepS whole steps on which turns and duties begin, seconds
     * @param string $together the best minutes, or when nobody has a turn, for all are together
     * @param list<string> $faults
     * @param list<TurnsRow> $groups
     * @param list<StationNeed> $stations
     * @param string $bells as they are typed
     * @param list<string> $bellNames
     * @param list<string> $lessons those that are no break
     * @param int $fit pairs of glasses found fit
     * @param array<string, string> $limits what is stored, by field
     */
    private function __construct(
        public string $headline,
        public string $together,
        public Interval $axis,
        public Lanes $lanes,
        public array $faults,
        public bool $isShort,
        public array $groups,
        public array $stations,
        public string $bells,
        public array $bellNames,
        public array $lessons,
        public int $fit,
        public array $limits,
        public bool $canPropose,
        public int $stepS,
        public SheetSteps $steps,
    ) {}

    public static function of(EventFacts $facts, EventRota $rota): self
    {
        $clock = Clock::over($facts->here);
        $axis = DayAxis::of($facts);
        $wishes = $rota->rota()->wishes;
        $problem = $rota->problem();
        $short = array_column(array_filter($rota->faults(), static fn(Fault $f): bool => $f->kind === FaultKind::TooFewTurns), null, 'group');
        $together = $rota->day?->together;

        return new self(
            headline: self::headline($rota),
            together: match (true) {
                $rota->day === null => '',
                $together === null => __('Best minutes: :from to :to.', ['from' => $clock->minute($rota->at($rota->day->peak->fromMin)), 'to' => $clock->minuteAndZone($rota->at($rota->day->peak->toMin))]),
                default => __('Nobody has a turn from :from to :to: totality is for all together.', ['from' => $clock->minute($rota->at($together->fromMin)), 'to' => $clock->minuteAndZone($rota->at($together->toMin))]),
            },
            axis: $axis->interval(),
            lanes: Lanes::ofStations(RotaEntries::of($rota, $clock), $axis->stack()),
            faults: RotaFaults::words($rota, $clock, isOfCrew: false),
            isShort: $short !== [],
            groups: array_map(static fn(RoundParty $p): TurnsRow => TurnsRow::of($p, $rota, $clock), $rota->parties),
            stations: array_map(static fn(Station $s): StationNeed => StationNeed::of($s, $rota), $problem->stations ?? []),
            bells: TypedBells::write($wishes->bells),
            bellNames: array_column($wishes->bells, 'name'),
            lessons: array_column(array_filter($wishes->bells, static fn(Bell $b): bool => !$b->isBreak), 'name'),
            fit: $rota->fit,
            limits: ['step_min' => (string) $wishes->stepMin, 'longest_min' => (string) $wishes->longestMin, 'rest_min' => (string) $wishes->restMin, 'pairs' => (string) $wishes->pairs],
            canPropose: array_filter($problem->groups ?? [], static fn(Group $g): bool => $g->turns > 0) !== [] || ($problem->stations ?? []) !== [],
            stepS: 60 * $rota->rota()->wishes->stepMin,
            steps: SheetSteps::of(EventSheet::of($facts->event)),
        );
    }

    private static function headline(EventRota $rota): string
    {
        $groups = array_filter($rota->problem()->groups ?? [], static fn(Group $g): bool => $g->turns > 0);
        $turns = array_values($rota->rota()->turns);
        $problem = $rota->problem();
        if ($problem === null) {
            return __('Nothing of the eclipse is seen while the event is open.');
        }
        if (array_filter($rota->parties, static fn(RoundParty $p): bool => $p->methods !== []) === []) {
            return $rota->parties === [] ? __('Nobody comes yet.') : __('No group has a method yet: choose how each of them looks.');
        }
        if ($groups === []) {
            return __('No group goes round: all come as they like.');
        }
        if ($turns === []) {
            return trans_choice('{1} 1 group goes round, and has no turns yet.|[2,*] :count groups go round, and have no turns yet.', count($groups));
        }
        $full = array_filter($groups, static fn(Group $g): bool => count(array_filter($turns, static fn(Turn $t): bool => $t->group === $g->id)) >= $g->turns);
        $peak = array_filter($groups, static fn(Group $g): bool => array_filter($turns, static fn(Turn $t): bool => $t->group === $g->id && $rota->isBest($t)) !== []);

        return __(':full of :all groups have all their turns; :peak have one in the best minutes.', ['full' => (string) count($full), 'all' => (string) count($groups), 'peak' => (string) count($peak)]);
    }
}
