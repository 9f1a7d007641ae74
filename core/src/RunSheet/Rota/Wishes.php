<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\RunSheetException;

/** What an organiser says about groups, stations and helpers before turns and duties are found. */
final readonly class Wishes
{
    public const STEPS_MIN = [1, 5, 10];
    /** Nobody stands longer without a break, and a shorter gap is none (own judgement). */
    public const LONGEST_MIN = 60;
    public const REST_MIN = 10;

    /**
     * @param int $stepMin on which everything begins and ends
     * @param int $longestMin on duty without a rest
     * @param int $restMin a shorter gap is no rest
     * @param int|null $pairs of glasses that are to be there on the day; null is those found fit so far
     * @param list<Bell> $bells
     * @param array<string, GroupWish> $groups by id
     * @param array<string, StationWish> $stations by method
     * @param array<string, CrewWish> $crew by id: who is asked to come
     */
    private function __construct(
        public int $stepMin,
        public int $longestMin,
        public int $restMin,
        public ?int $pairs,
        public array $bells,
        public array $groups,
        public array $stations,
        public array $crew,
    ) {}

    public static function none(): self
    {
        return new self(stepMin: 5, longestMin: self::LONGEST_MIN, restMin: self::REST_MIN, pairs: null, bells: [], groups: [], stations: [], crew: []);
    }

    /**
     * @param list<Bell> $bells
     * @param array<string, GroupWish> $groups
     * @param array<string, StationWish> $stations
     * @param array<string, CrewWish> $crew
     *
     * @throws RunSheetException naming the field
     */
    public static function of(int $stepMin, int $longestMin, int $restMin, ?int $pairs, array $bells, array $groups, array $stations, array $crew): self
    {
        if (!in_array($stepMin, self::STEPS_MIN, true)) {
            throw RunSheetException::notAStep('step_min', self::STEPS_MIN);
        }
        RunSheetException::within('longest_min', $longestMin, $stepMin, 1440);
        RunSheetException::within('rest_min', $restMin, 0, 240);
        RunSheetException::within('pairs', $pairs ?? 0, 0, 100_000);

        return new self(stepMin: $stepMin, longestMin: $longestMin, restMin: $restMin, pairs: $pairs, bells: Bell::day($bells), groups: $groups, stations: $stations, crew: $crew);
    }

    public function withLimits(int $stepMin, int $longestMin, int $restMin, ?int $pairs): self
    {
        return self::of($stepMin, $longestMin, $restMin, $pairs, $this->bells, $this->groups, $this->stations, $this->crew);
    }

    /** @param list<Bell> $bells */
    public function withBells(array $bells): self
    {
        return self::of($this->stepMin, $this->longestMin, $this->restMin, $this->pairs, $bells, $this->groups, $this->stations, $this->crew);
    }

    /** @param array<string, GroupWish> $groups */
    public function withGroups(array $groups): self
    {
        return self::of($this->stepMin, $this->longestMin, $this->restMin, $this->pairs, $this->bells, array_replace($this->groups, $groups), $this->stations, $this->crew);
    }

    /** @param array<string, StationWish> $stations */
    public function withStations(array $stations): self
    {
        return self::of($this->stepMin, $this->longestMin, $this->restMin, $this->pairs, $this->bells, $this->groups, array_replace($this->stations, $stations), $this->crew);
    }

    /** @param CrewWish|null $wish null: is not asked to come */
    public function withHelper(string $id, ?CrewWish $wish): self
    {
        $crew = $wish === null ? array_diff_key($this->crew, [$id => true]) : array_replace($this->crew, [$id => $wish]);

        return self::of($this->stepMin, $this->longestMin, $this->restMin, $this->pairs, $this->bells, $this->groups, $this->stations, $crew);
    }
}
