<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Pattern;

/** Holes none of which is nearer to another than so much; each is looked for in the squares about it only. */
final class SpacedHoles
{
    /** @var list<Hole> */
    public array $holes = [];
    /** @var array<string, list<Hole>> by the square of one spacing in which they lie */
    private array $squares = [];

    public function __construct(private readonly float $spacingMm) {}

    /** Takes a hole if there is room for it. */
    public function take(Hole $hole): void
    {
        [$column, $row] = [(int) floor($hole->rightMm / $this->spacingMm), (int) floor($hole->downMm / $this->spacingMm)];
        for ($i = $column - 1; $i <= $column + 1; ++$i) {
            for ($j = $row - 1; $j <= $row + 1; ++$j) {
                foreach ($this->squares["{$i} {$j}"] ?? [] as $other) {
                    if ($hole->distanceMm($other) < $this->spacingMm) {
                        return;
                    }
                }
            }
        }
        $this->holes[] = $this->squares["{$column} {$row}"][] = $hole;
    }
}
