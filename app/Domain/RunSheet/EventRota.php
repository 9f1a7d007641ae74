<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\RoundParty;
use App\Domain\Event\RoundSpot;
use App\Models\RunSheet\Helper;
use DateTimeImmutable;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\Helping;
use KeenShadow\Core\RunSheet\Rota\Party;
use KeenShadow\Core\RunSheet\Rota\Relief;
use KeenShadow\Core\RunSheet\Rota\Rota;
use KeenShadow\Core\RunSheet\Rota\RotaCheck;
use KeenShadow\Core\RunSheet\Rota\RotaDay;
use KeenShadow\Core\RunSheet\Rota\RotaProblem;
use KeenShadow\Core\RunSheet\Rota\Spot;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Stretch;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use KeenShadow\Core\Sky\LocalEclipse;

/** Turns and duties of an event with all they depend on. */
final readonly class EventRota
{
    /**
     * @param RotaDay|null $day null where nothing of the eclipse is seen while the event is open
     * @param list<RoundParty> $parties
     * @param list<RoundSpot> $spots
     * @param list<Helper> $helpers of the organisation, by name
     * @param int $fit pairs of glasses found fit
     * @param list<PlacedCue> $cues with their times
     */
    public function __construct(
        public Sheet $sheet,
        public LocalEclipse $here,
        public ?RotaDay $day,
        public array $parties,
        public array $spots,
        public array $helpers,
        public int $fit,
        private array $cues,
    ) {}

    public function rota(): Rota
    {
        return $this->sheet->rota;
    }

    /** The moment of a minute of turns and posts. */
    public function at(int $minute): DateTimeImmutable
    {
        return RotaDay::moment($this->here, $minute);
    }

    public function isBest(Turn $turn): bool
    {
        return $this->day !== null && $this->day->peak->commonMin($turn->startMin, $turn->endMin) >= $this->rota()->wishes->stepMin;
    }

    /** @return array<string, string> what groups, stations and helpers are called */
    public function names(): array
    {
        return array_column([
            ...array_map(static fn(RoundParty $p): array => ["g{$p->id}", $p->name], $this->parties),
            ...array_map(static fn(RoundSpot $s): array => [$s->method, $s->name], $this->spots),
            ...array_map(static fn(Helper $h): array => [$h->rotaId(), $h->name], $this->helpers),
        ], 1, 0);
    }

    /** What the check goes by: the pairs that are fit, whatever is promised. */
    public function problem(): ?Problem
    {
        return once(fn(): ?Problem => $this->withPairs($this->fit));
    }

    /** @return list<Fault> */
    public function faults(): array
    {
        return once(function (): array {
            $problem = $this->problem();

            return $problem === null ? [] : RotaCheck::of($problem, array_values($this->rota()->turns), array_values($this->rota()->posts));
        });
    }

    /** @return list<Stretch> when helpers are to be at a station */
    public function staffed(string $station): array
    {
        $problem = $this->problem();

        return $problem === null ? [] : RotaCheck::staffed($problem, $station, array_values($this->rota()->turns));
    }

    /** What is wanted, with the pairs that are to be there. */
    public function wanted(): ?Problem
    {
        return $this->withPairs($this->rota()->wishes->pairs ?? $this->fit);
    }

    /** Turns and duties found anew for all. */
    public function proposed(): Sheet
    {
        $problem = $this->wanted();
        if ($problem === null) {
            return $this->sheet;
        }
        $answer = Solver::solve($problem);

        return $this->sheet->withRota($this->rota()->withTurns($answer->turns)->withPosts($answer->posts, self::number(...)));
    }

    /** The minute before which all is over at a moment: on the day now, else the opening. */
    public function overUntil(DateTimeImmutable $now): int
    {
        $open = $this->day->open ?? new Stretch(0, 0);
        $minute = $this->day?->minuteOf($now) ?? 0;

        return $minute > $open->fromMin && $minute < $open->toMin ? $minute : $open->fromMin;
    }

    /** Helpers found for what has none, with as few changes as can be; what was before a minute is over. */
    public function relieved(int $fromMin): Sheet
    {
        $problem = $this->wanted();

        return $problem === null ? $this->sheet : $this->sheet->withRota($this->rota()->withPosts(Relief::of($problem, array_values($this->rota()->turns), array_values($this->rota()->posts), $fromMin), self::number(...)));
    }

    /** @return list<Stretch> when cues of the day want a helper, in whole minutes */
    private function taken(RotaDay $day, Helper $helper): array
    {
        $own = array_filter($this->cues, static fn(PlacedCue $p): bool => $p->begins !== null && !$p->cue->isDaysBefore() && mb_strtolower($p->cue->who) === mb_strtolower($helper->name));

        return array_values(array_map(static fn(PlacedCue $p): Stretch => new Stretch($day->minuteOf($p->begins ?? $day->at(0)), max($day->minuteOf($p->begins ?? $day->at(0)) + 1, $day->minuteOf(($p->ends ?? $day->at(0))->modify('+59 seconds')))), $own));
    }

    private function withPairs(int $pairs): ?Problem
    {
        $day = $this->day;

        return $day === null ? null : RotaProblem::of(
            $this->rota()->wishes,
            $day,
            $this->rotaParties(),
            array_map(self::spot(...), $this->spots),
            array_map(fn(Helper $h): Helping => $h->helping($this->taken($day, $h)), $this->helpers),
            $pairs,
        );
    }

    /** How many look at a time at a station where each has an adult of their own; null where none needs one. */
    public function watchedAtOnce(Station $station): ?int
    {
        $spot = array_column($this->spots, null, 'method')[$station->id] ?? null;
        $coming = array_values(array_filter($this->rotaParties(), static fn(Party $p): bool => in_array($station->id, $p->methods, true)));

        return $spot === null ? null : self::spot($spot)->watchedAtOnce($coming, $station->crew);
    }

    /** @return list<Party> */
    private function rotaParties(): array
    {
        return array_map(static fn(RoundParty $p): Party => new Party("g{$p->id}", $p->people, $p->methods, $p->watched, $p->adults), $this->parties);
    }

    private static function spot(RoundSpot $s): Spot
    {
        return new Spot($s->method, $s->atOnce, $s->secondsEach, $s->peoplePerHelper, $s->at, $s->isNeverAlone);
    }

    private static function number(): string
    {
        return Str::uuid7()->toString();
    }
}
