<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** Something that is to be taken in totality: one exposure, or a bracket of them. */
final readonly class Wish
{
    /** @param non-empty-list<Shot> $shots */
    private function __construct(
        public string $name,
        public When $when,
        public array $shots,
        public float $pauseS,
        private Burst $burst,
    ) {}

    /**
     * @param non-empty-list<Shot> $shots one after the other
     * @param float $pauseS before the first, until nothing shakes any more
     * @param Burst|null $burst null writes each frame before the next
     *
     * @throws PhotoException when the pause is out of range
     */
    public static function of(string $name, When $when, array $shots, float $pauseS = 0.0, ?Burst $burst = null): self
    {
        return new self($name, $when, $shots, Measure::Pause->checked($pauseS), $burst ?? Burst::none());
    }

    public function lastsS(Settings $settings): float
    {
        return $this->pauseS + $this->burst->lastsS($this->shots, $settings);
    }

    /** With a frame less of each exposure that has several; null where none has. */
    public function fewer(): ?self
    {
        $fewer = array_map(static fn(Shot $shot): Shot => $shot->frames > 1 ? $shot->times($shot->frames - 1) : $shot, $this->shots);

        return $fewer === $this->shots ? null : $this->with($fewer);
    }

    /** With a single frame of each exposure. */
    public function shortest(): self
    {
        return $this->with(array_map(static fn(Shot $shot): Shot => $shot->times(1), $this->shots));
    }

    /** @param non-empty-list<Shot> $shots */
    private function with(array $shots): self
    {
        return new self($this->name, $this->when, $shots, $this->pauseS, $this->burst);
    }
}
