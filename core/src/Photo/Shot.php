<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** Frames of one exposure, one after the other; each is written before the next. */
final readonly class Shot
{
    private function __construct(
        public float $q,
        public int $frames,
        public float $writeS,
    ) {}

    /**
     * @param string $path where the shot stands, for messages
     *
     * @throws PhotoException when a number is out of range
     */
    public static function of(float $q, int $frames, float $writeS, string $path): self
    {
        Measure::Frames->checked($frames, "{$path}.frames");

        return new self(Measure::Q->checked($q, "{$path}.q"), $frames, Measure::Write->checked($writeS, "{$path}.write_s"));
    }

    /** As a camera is set to take it, whatever brightness that is right for. */
    public static function exposed(float $seconds, Settings $settings, int $frames, float $writeS): self
    {
        return new self($settings->q($seconds), $frames, $writeS);
    }

    /** Exposed and written. */
    public function lastsS(Settings $settings): float
    {
        return $this->frames * ($settings->seconds($this->q) + $this->writeS);
    }

    /** With so many frames, 1 and more. */
    public function times(int $frames): self
    {
        return new self($this->q, $frames, $this->writeS);
    }
}
