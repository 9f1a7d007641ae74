<?php

declare(strict_types=1);

namespace App\Drawings;

/** Finds places for labels on a drawing so that they do not lie on each other. Lengths in the drawing's units, y downwards. */
final class LabelSpace
{
    /** Width of a letter over its height, on average. */
    private const LETTER = 0.56;
    private const LINE = 1.15;

    /** @var list<array{float, float, float, float}> left, top, right, bottom of what is taken */
    private array $taken = [];
    /** @var list<array{float, float, float, float}> the same of what a label lies on only for want of a better place */
    private array $crossed = [];

    public function __construct(private readonly float $letterM) {}

    /** Takes the room of a mark: no label lies on it. */
    public function mark(float $x, float $y, float $radius): void
    {
        $this->taken[] = [$x - $radius, $y - $radius, $x + $radius, $y + $radius];
    }

    /** A line that labels keep away from where they can. */
    public function line(float $x1, float $y1, float $x2, float $y2): void
    {
        $steps = (int) max(1, ceil(hypot($x2 - $x1, $y2 - $y1) / $this->letterM));
        for ($i = 0; $i <= $steps; ++$i) {
            [$x, $y] = [$x1 + ($x2 - $x1) * $i / $steps, $y1 + ($y2 - $y1) * $i / $steps];
            $this->crossed[] = [$x, $y, $x, $y];
        }
    }

    /** Takes the room of a label if it is free, and tells whether it was. */
    public function claim(PlacedText $label): bool
    {
        $box = $this->box($label);
        if (!self::isFree($box, $this->taken)) {
            return false;
        }
        $this->taken[] = $box;

        return true;
    }

    /**
     * The first of some places that is free, best one that no line crosses; it is taken then.
     *
     * @param list<PlacedText> $places
     *
     * @return PlacedText|null null where there is no room
     */
    public function find(array $places): ?PlacedText
    {
        $best = null;
        foreach ($places as $place) {
            $box = $this->box($place);
            if (!self::isFree($box, $this->taken)) {
                continue;
            }
            $best ??= $place;
            if (self::isFree($box, $this->crossed)) {
                $best = $place;
                break;
            }
        }
        if ($best !== null) {
            $this->taken[] = $this->box($best);
        }

        return $best;
    }

    /**
     * @param array{float, float, float, float} $box
     * @param list<array{float, float, float, float}> $others
     */
    private static function isFree(array $box, array $others): bool
    {
        foreach ($others as $taken) {
            if ($box[0] < $taken[2] && $taken[0] < $box[2] && $box[1] < $taken[3] && $taken[1] < $box[3]) {
                return false;
            }
        }

        return true;
    }

    /** @return array{float, float, float, float} left, top, right, bottom */
    private function box(PlacedText $label): array
    {
        $width = mb_strlen($label->text) * self::LETTER * $this->letterM;
        $left = $label->x - match ($label->anchor) {
            'start' => 0.0,
            'end' => $width,
            default => $width / 2,
        };

        return [$left, $label->y - self::LINE * $this->letterM / 2, $left + $width, $label->y + self::LINE * $this->letterM / 2];
    }
}
