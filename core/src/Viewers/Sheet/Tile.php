<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** The piece of a template that is printed on one sheet: where it begins, in millimetres from the template's upper left corner. */
final readonly class Tile
{
    private const OVERLAP_MM = 10.0;

    private function __construct(
        public int $row,
        public int $column,
        public int $rows,
        public int $columns,
        public float $leftMm,
        public float $topMm,
    ) {}

    /** @return non-empty-list<self> row by row; neighbours overlap so that they can be glued by their marks */
    public static function allOf(Template $template, Paper $paper): array
    {
        $stepX = $paper->usableWidthMm() - self::OVERLAP_MM;
        $stepY = $paper->usableHeightMm() - self::OVERLAP_MM;
        $columns = max(1, (int) ceil(($template->widthMm - self::OVERLAP_MM) / $stepX));
        $rows = max(1, (int) ceil(($template->heightMm - self::OVERLAP_MM) / $stepY));
        $tiles = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                $tiles[] = new self($row, $column, $rows, $columns, $column * $stepX, $row * $stepY);
            }
        }

        return $tiles === [] ? [new self(0, 0, 1, 1, 0.0, 0.0)] : $tiles;
    }

    public function isWhole(): bool
    {
        return $this->rows * $this->columns === 1;
    }

    /**
     * Corners of the overlaps, where crosses on two sheets come to lie on each other.
     *
     * @return list<array{float, float}> millimetres from the template's upper left corner
     */
    public function marks(Paper $paper): array
    {
        $marks = [];
        foreach ([self::OVERLAP_MM / 2, $paper->usableWidthMm() - self::OVERLAP_MM / 2] as $i => $right) {
            foreach ([self::OVERLAP_MM / 2, $paper->usableHeightMm() - self::OVERLAP_MM / 2] as $j => $down) {
                $isShared = ($i === 0 ? $this->column > 0 : $this->column < $this->columns - 1) || ($j === 0 ? $this->row > 0 : $this->row < $this->rows - 1);
                if ($isShared) {
                    $marks[] = [$this->leftMm + $right, $this->topMm + $down];
                }
            }
        }

        return $marks;
    }
}
