<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** Groups, stations and helpers of one stretch of a day, for which a rotation is wanted. */
final readonly class Problem
{
    /** What a conflict may name beside groups, stations and helpers. */
    public const FIT_GLASSES = 'glasses';
    public const TIME = 'time';

    private const DAY_MIN = 1440;

    /**
     * @param int $stepMin on which everything starts and ends, counted from the beginning
     * @param Stretch $within the time that may be used
     * @param Stretch $peak the best minutes
     * @param list<Station> $stations
     * @param list<Group> $groups
     * @param list<Helper> $crew
     * @param array<string, array<string, int>> $walkMin minutes from station to station, both ways
     * @param int|null $fit people at stations with glasses at any one time; null is no limit
     */
    public function __construct(
        public int $stepMin,
        public Stretch $within,
        public Stretch $peak,
        public array $stations,
        public array $groups,
        public array $crew = [],
        public array $walkMin = [],
        public ?int $fit = null,
    ) {}

    public function walk(string $from, string $to): int
    {
        return $this->walkMin[$from][$to] ?? 0;
    }

    /**
     * What is left of it when only these matter: other groups stay away, other stations take everybody at any time without
     * helpers, and as soon as one helper is without limits no post is ever empty.
     *
     * @param array<string, true> $ids of groups, stations and helpers, FIT_GLASSES and TIME
     */
    public function only(array $ids): self
    {
        $isStaffed = array_filter($this->crew, static fn(Helper $h): bool => !isset($ids[$h->id])) === [];

        return new self(
            stepMin: $this->stepMin,
            within: isset($ids[self::TIME]) ? $this->within : $this->wholeDay(),
            peak: $this->peak,
            stations: array_map(static fn(Station $s): Station => match (true) {
                !isset($ids[$s->id]) => $s->unlimited(),
                $isStaffed => $s,
                default => $s->withoutCrew(),
            }, $this->stations),
            groups: array_values(array_filter($this->groups, static fn(Group $g): bool => isset($ids[$g->id]))),
            crew: $isStaffed ? $this->crew : [],
            walkMin: $this->walkMin,
            fit: isset($ids[self::FIT_GLASSES]) ? $this->fit : null,
        );
    }

    private function wholeDay(): Stretch
    {
        [$from, $to, $step] = [$this->within->fromMin, $this->within->toMin, $this->stepMin];

        return new Stretch($from - intdiv(max(0, $from), $step) * $step, $to + intdiv(max(0, self::DAY_MIN - $to), $step) * $step);
    }
}
