<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Bracket;
use KeenShadow\Core\Photo\FilterDensity;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\When;

/** What is wanted of totality, as an organiser says it: a phase, or all from one to another in steps. */
final readonly class Wanted
{
    public const MOST_EXPOSURES = 25;
    public const LONGEST_NAME = 40;

    private function __construct(
        public string $name,
        public Phase $from,
        public ?Phase $to,
        public float $stepStops,
        public int $frames,
        public When $when,
        public float $pauseS,
    ) {}

    /**
     * @param Phase|null $to null for one exposure
     * @param int $frames of each exposure
     * @param string $at path of it, for messages
     *
     * @throws PhotoException when a number is out of range, or a phase is not of totality
     */
    public static function of(string $name, Phase $from, ?Phase $to, float $stepStops, int $frames, When $when, float $pauseS, string $at = ''): self
    {
        if ($from === Phase::Partial || $to === Phase::Partial) {
            throw PhotoException::notOneOf("{$at}.from", array_values(array_map(static fn(Phase $phase): string => $phase->value, array_filter(Phase::cases(), static fn(Phase $phase): bool => $phase !== Phase::Partial))));
        }
        Measure::Frames->checked($frames, "{$at}.frames");
        $wanted = new self(
            name: $name,
            from: $from,
            to: $to,
            stepStops: Measure::Step->checked($stepStops, "{$at}.step_stops"),
            frames: $frames,
            when: $when,
            pauseS: Measure::Pause->checked($pauseS, "{$at}.pause_s"),
        );

        return $frames * count($wanted->q()) <= self::MOST_EXPOSURES ? $wanted : throw PhotoException::tooManyExposures("{$at}.frames", self::MOST_EXPOSURES);
    }

    /** @return non-empty-list<float> Q of each exposure, in a clear sky with the Sun overhead */
    public function q(): array
    {
        return $this->to === null ? [self::bare($this->from)] : Bracket::covering(self::bare($this->from), self::bare($this->to), $this->stepStops);
    }

    /** Q of a phase without a filter: either density does. */
    public static function bare(Phase $phase): float
    {
        return $phase->q(FilterDensity::Five);
    }
}
