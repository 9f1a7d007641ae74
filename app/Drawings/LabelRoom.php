<?php

declare(strict_types=1);

namespace App\Drawings;

/** Finds places for labels on a drawing so that they do not lie on each other. Lengths in the drawing's units, y downwards. */
final class LabelRoom
{
    /** Width of a letter over its height, on average. */
    private const LETTER = 0.56;
    private const LINE = 1.15;

    /** @var list<array{float, float, float, float}> left, top, right, bottom of what is taken */
    private array $taken = [];

    public function __construct(private readonly float $letterM) {}

    /** Takes the room of a label if it is free, and tells whether it was. */
    public function claim(float $x, float $y, string $text, string $anchor): bool
    {
        $box = $this->box($x, $y, $text, $anchor);
        if (!$this->isFree($box)) {
            return false;
        }
        $this->taken[] = $box;

        return true;
    }

    /**
     * The first of some places that is free, or the first of all; it is taken then.
     *
     * @param non-empty-list<array{float, float, string}> $places x, y of the middle of the line, anchor
     *
     * @return array{float, float, string}
     */
    public function find(string $text, array $places): array
    {
        foreach ($places as $place) {
            if ($this->claim($place[0], $place[1], $text, $place[2])) {
                return $place;
            }
        }
        $this->taken[] = $this->box($places[0][0], $places[0][1], $text, $places[0][2]);

        return $places[0];
    }

    /** @param array{float, float, float, float} $box */
    private function isFree(array $box): bool
    {
        return array_filter($this->taken, static fn(array $t): bool => $box[0] < $t[2] && $t[0] < $box[2] && $box[1] < $t[3] && $t[1] < $box[3]) === [];
    }

    /** @return array{float, float, float, float} left, top, right, bottom */
    private function box(float $x, float $y, string $text, string $anchor): array
    {
        $width = mb_strlen($text) * self::LETTER * $this->letterM;
        $left = $x - match ($anchor) {
            'start' => 0.0,
            'end' => $width,
            default => $width / 2,
        };

        return [$left, $y - self::LINE * $this->letterM / 2, $left + $width, $y + self::LINE * $this->letterM / 2];
    }
}
