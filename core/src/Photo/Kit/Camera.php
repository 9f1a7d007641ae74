<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

use KeenShadow\Core\Photo\Burst;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Sensor;

/** A camera; a phone is one with a lens of its own. */
final readonly class Camera
{
    private function __construct(
        public Sensor $sensor,
        public float $leastIso,
        public float $mostIso,
        public float $framesPerS,
        public int $bufferFrames,
        public float $writeS,
        public ?Optics $ownLens,
    ) {}

    /**
     * @param int $bufferFrames that it holds until the card has them; 1 writes each before the next
     * @param float $writeS for one frame to be on the card
     * @param Optics|null $ownLens of a phone
     *
     * @throws PhotoException when a number is out of range
     */
    public static function of(Sensor $sensor, float $leastIso, float $mostIso, float $framesPerS, int $bufferFrames, float $writeS, ?Optics $ownLens = null): self
    {
        if ($mostIso < $leastIso) {
            throw PhotoException::reversed(Measure::Iso->value);
        }

        return new self(
            sensor: $sensor,
            leastIso: Measure::Iso->checked($leastIso),
            mostIso: Measure::Iso->checked($mostIso),
            framesPerS: Measure::FramesPerSecond->checked($framesPerS),
            bufferFrames: (int) Measure::Buffer->checked($bufferFrames),
            writeS: Measure::Write->checked($writeS),
            ownLens: $ownLens,
        );
    }

    public function isPhone(): bool
    {
        return $this->ownLens !== null;
    }

    public function burst(): Burst
    {
        return Burst::of($this->framesPerS, $this->bufferFrames);
    }
}
