<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** What a camera is set to besides the time. */
final readonly class Settings
{
    private function __construct(
        public float $fNumber,
        public float $iso,
    ) {}

    /** @throws PhotoException when a number is out of range */
    public static function of(float $fNumber, float $iso): self
    {
        return new self(Measure::FNumber->checked($fNumber), Measure::Iso->checked($iso));
    }

    /** How long is exposed for a brightness: t = N²/(ISO·2^Q) (Espenak; from memory). Q grows by one as the light doubles. */
    public function seconds(float $q): float
    {
        return $this->fNumber ** 2 / ($this->iso * 2.0 ** $q);
    }

    /** For what brightness so long an exposure is right. */
    public function q(float $seconds): float
    {
        return log($this->fNumber ** 2 / ($this->iso * $seconds), 2);
    }
}
