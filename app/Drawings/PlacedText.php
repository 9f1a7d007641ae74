<?php

declare(strict_types=1);

namespace App\Drawings;

/** A line of text on a drawing: where its middle line begins, ends or has its middle. */
final readonly class PlacedText
{
    /** @param string $anchor start, middle or end, as SVG has it */
    public function __construct(
        public float $x,
        public float $y,
        public string $anchor,
        public string $text,
    ) {}

    public function movedBy(SvgPoint $way): self
    {
        return new self($this->x + $way->x, $this->y + $way->y, $this->anchor, $this->text);
    }

    /** The same place with nothing written there. */
    public function blank(): self
    {
        return new self($this->x, $this->y, $this->anchor, '');
    }
}
