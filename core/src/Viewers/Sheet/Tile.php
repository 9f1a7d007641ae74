<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** The piece of a template that is printed on one sheet: where it begins, in millimetres from the template's upper left corner. */
final readonly class Tile
{
    private const OVERLAP_MM = 10.0;
    /** Nobody glues more sheets than these together. */
    public const MOST = 60;

    private function __construct(
        public int $row,
        public int $column,
        public int $rows,
        public int $columns,
        public float $leftMm,
        public float $topMm,
    ) {}

    /** How many sheets a template takes. */
    public static function count(Template $template, Paper $paper): int
    {
        return (int) array_product(self::grid($template, $paper));
    }

    /** @return non-empty-list<self> row by row; neighbours overlap so that they can be glued by their marks */
    public static function allOf(Template $template, Paper $paper): array
    {
        [$stepX, $stepY] = [$paper->usableWidthMm() - self::OVERLAP_MM, $paper->usableHeightMm() - self::OVERLAP_MM];
        [$columns, $rows] = self::grid($template, $paper);
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

    /** @return array{int, int} columns and rows */
    private static function grid(Template $template, Paper $paper): array
    {
        return [
            max(1, (int) ceil(($template->widthMm - self::OVERLAP_MM) / ($paper->usableWidthMm() - self::OVERLAP_MM))),
            max(1, (int) ceil(($template->heightMm - self::OVERLAP_MM) / ($paper->usableHeightMm() - self::OVERLAP_MM))),
        ];
    }
}
