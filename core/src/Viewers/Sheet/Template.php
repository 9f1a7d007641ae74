<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** One part of a viewer in its true size, to be cut out. Lengths in millimetres from the upper left corner. */
final readonly class Template
{
    /**
     * @param list<Path> $paths
     * @param list<Round> $rounds
     * @param list<Note> $notes
     */
    private function __construct(
        public Part $part,
        public float $widthMm,
        public float $heightMm,
        public array $paths,
        public array $rounds,
        public array $notes,
    ) {}

    /** A rectangle that is cut out. */
    public static function card(Part $part, float $widthMm, float $heightMm): self
    {
        return (new self($part, $widthMm, $heightMm, [], [], []))->rectangle(LineKind::Cut, 0.0, 0.0, $widthMm, $heightMm);
    }

    /** A disc that is cut out. */
    public static function disc(Part $part, float $diameterMm): self
    {
        return new self($part, $diameterMm, $diameterMm, [], [new Round(LineKind::Cut, $diameterMm / 2, $diameterMm / 2, $diameterMm / 2)], []);
    }

    public function rectangle(LineKind $kind, float $right, float $down, float $width, float $height): self
    {
        return $this->line($kind, [$right, $down], [$right + $width, $down], [$right + $width, $down + $height], [$right, $down + $height], [$right, $down]);
    }

    /** @param array{float, float} ...$points */
    public function line(LineKind $kind, array ...$points): self
    {
        return new self($this->part, $this->widthMm, $this->heightMm, [...$this->paths, new Path($kind, array_values($points))], $this->rounds, $this->notes);
    }

    public function round(LineKind $kind, float $right, float $down, float $diameter): self
    {
        return new self($this->part, $this->widthMm, $this->heightMm, $this->paths, [...$this->rounds, new Round($kind, $right, $down, $diameter / 2)], $this->notes);
    }

    public function note(Mark $mark, float $right, float $down, float $mm = 0.0): self
    {
        return new self($this->part, $this->widthMm, $this->heightMm, $this->paths, $this->rounds, [...$this->notes, new Note($mark, $right, $down, $mm)]);
    }

    public function middle(): float
    {
        return $this->widthMm / 2;
    }
}
