<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** How fast a camera takes frames one after the other, and how many it can hold until they are on the card. */
final readonly class Burst
{
    private function __construct(private float $framesPerS, private int $buffer) {}

    /** @throws PhotoException when a number is out of range */
    public static function of(float $framesPerS, int $buffer): self
    {
        Measure::Buffer->checked($buffer);

        return new self(Measure::FramesPerSecond->checked($framesPerS), $buffer);
    }

    /** A camera that writes each frame before it takes the next. */
    public static function none(): self
    {
        return new self(Measure::FramesPerSecond->range()[1], 1);
    }

    /**
     * From the first exposure until the last frame is on the card; the buffer is empty at first.
     *
     * @param list<Shot> $shots one after the other
     */
    public function lastsS(array $shots, Settings $settings): float
    {
        $written = [];
        $fromS = $freeS = $onCardS = 0.0;
        foreach ($shots as $shot) {
            $exposureS = $settings->seconds($shot->q);
            for ($i = 0; $i < $shot->frames; ++$i) {
                $fromS = max($freeS, $written[count($written) - $this->buffer] ?? 0.0);
                $onCardS = max($onCardS, $fromS + $exposureS) + $shot->writeS;
                $written[] = $onCardS;
                $freeS = $fromS + max($exposureS, 1 / $this->framesPerS);
            }
        }

        return $onCardS;
    }
}
