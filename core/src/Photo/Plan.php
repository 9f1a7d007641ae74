<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** What one camera is to take in totality. */
final readonly class Plan
{
    /** More of totality than this is spent at the camera and not under the sky (common practice, no source). */
    public const MOST_SHARE = 0.5;

    /** @param list<Shot> $shots */
    private function __construct(
        public Frame $frame,
        public Settings $settings,
        public FilterDensity $filter,
        public float $totalityS,
        public array $shots,
    ) {}

    /**
     * @param list<Shot> $shots
     *
     * @throws PhotoException when a number is out of range
     */
    public static function of(Frame $frame, Settings $settings, FilterDensity $filter, float $totalityS, array $shots): self
    {
        return new self($frame, $settings, $filter, Measure::Totality->checked($totalityS), $shots);
    }

    public function exposureS(Phase $phase): float
    {
        return $this->settings->seconds($phase->q($this->filter));
    }

    /** All shots, exposed and written. */
    public function shotsS(): float
    {
        return array_sum(array_map(fn(Shot $shot): float => $shot->lastsS($this->settings), $this->shots));
    }

    /** Null where there is no totality. */
    public function shareOfTotality(): ?float
    {
        return $this->totalityS > 0.0 ? $this->shotsS() / $this->totalityS : null;
    }

    /** Whether the camera takes more of totality than it should; of none, any. */
    public function isTooMuch(): bool
    {
        return $this->shotsS() > self::MOST_SHARE * $this->totalityS;
    }
}
