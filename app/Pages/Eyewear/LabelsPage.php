<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Drawings\Eyewear\LabelSheet;
use App\Models\Eyewear\Lot;

/** Labels for the pairs of a lot, sheet by sheet: the tag, and a QR code that opens the pair's record. */
final readonly class LabelsPage
{
    public const MOST = 1000;

    /**
     * @param list<list<int>> $sheets tags of each sheet
     * @param bool $isTest whether it is one sheet of outlines, to hold against the labels
     */
    private function __construct(
        public Lot $lot,
        public LabelSheet $sheet,
        public int $from,
        public int $to,
        public array $sheets,
        public bool $isTest,
    ) {}

    /** @param int|null $from first tag, and last: what lies outside the lot is left out */
    public static function of(Lot $lot, LabelSheet $sheet, ?int $from, ?int $to, bool $isTest): self
    {
        $from = max(1, min($from ?? 1, $lot->pairs));
        $to = min(max($from, $to ?? $lot->pairs), $lot->pairs, $from + self::MOST - 1);

        $perSheet = $sheet->columns() * $sheet->rows();

        return new self($lot, $sheet, $from, $to, array_chunk(range($isTest ? 1 : $from, $isTest ? $perSheet : $to), $perSheet), $isTest);
    }

    public function address(int $tag): string
    {
        return route('eyewear.tag', [$this->lot, $tag]);
    }
}
