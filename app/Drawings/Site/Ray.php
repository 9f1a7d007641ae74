<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\PlacedText;

/** The direction of the Sun at one moment, from the spot at 0, 0. */
final readonly class Ray
{
    /** @param bool $isMain whether it is a contact's, or one of the half hours between them */
    public function __construct(
        public float $x,
        public float $y,
        public PlacedText $label,
        public bool $isMain,
        public bool $isHidden,
    ) {}

    public function withoutLabel(): self
    {
        return new self($this->x, $this->y, $this->label->blank(), $this->isMain, $this->isHidden);
    }
}
