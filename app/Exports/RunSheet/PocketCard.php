<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Exports\PrintedText;

/** What one helper, or one station, has in the pocket: all of it, on as many cards as it takes. Figures in millimetres are those of the card's style. */
final readonly class PocketCard
{
    public const RIM_MM = 8.0;
    private const TITLE_PT = 14.0;
    private const TEXT_PT = 9.0;
    private const CAUTION_PT = 8.0;
    private const BELOW_TITLE_MM = 1.0;
    private const BELOW_TEXT_MM = 1.5;
    private const BOX_SIDES_MM = 5.0;
    private const BOX_ENDS_MM = 4.5;
    private const COLUMN_GAPS_MM = 4.0;
    private const ROW_ENDS_MM = 1.0;
    private const BELOW_CAUTION_MM = 0.8;
    /** What a renderer may round away from what was measured. */
    private const SPARE_MM = 3.0;
    private const PART = '· 88 of 88';

    /**
     * @param list<array{time: string, words: string}> $lines in order of time
     * @param list<string> $cautions the weightiest first
     */
    public function __construct(public string $title, public array $lines, public array $cautions) {}

    /**
     * The same as cards on which all of it has room, the lines before the cautions.
     *
     * @param string $about what stands below the title of each
     * @param string $filters what it says of filters
     *
     * @return list<self>
     */
    public function dealt(float $widthMm, float $heightMm, string $about, string $filters): array
    {
        $inner = $widthMm - 2 * self::RIM_MM;
        $room = $heightMm - 2 * self::RIM_MM - self::SPARE_MM - $this->headMm($inner, $about, $filters);
        $times = array_column($this->lines, 'time');
        $timeMm = max([0.0, ...array_map(static fn(string $time): float => PrintedText::widthMm($time, self::TEXT_PT, isBold: true), $times)]);
        $items = [
            ...array_merge(...array_map(fn(array $line): array => $this->lineParts($line, $inner - $timeMm - self::COLUMN_GAPS_MM, $room), $this->lines)),
            ...array_map(static fn(string $caution): array => ['caution' => $caution, 'mm' => PrintedText::heightMm("· {$caution}", $inner, self::CAUTION_PT) + self::BELOW_CAUTION_MM], $this->cautions),
        ];
        $cards = [[]];
        $left = $room;
        foreach ($items as $item) {
            if ($item['mm'] > $left && $cards[count($cards) - 1] !== []) {
                $cards[] = [];
                $left = $room;
            }
            $cards[count($cards) - 1][] = $item;
            $left -= $item['mm'];
        }

        return array_map(fn(array $card): self => new self($this->title, array_column($card, 'line'), array_column($card, 'caution')), $cards);
    }

    /** Title, event and box of the filters. */
    private function headMm(float $inner, string $about, string $filters): float
    {
        return PrintedText::heightMm($this->title, $inner, self::TITLE_PT, isBold: true) + self::BELOW_TITLE_MM
            + PrintedText::heightMm($about . ' ' . self::PART, $inner, self::TEXT_PT) + self::BELOW_TEXT_MM
            + PrintedText::heightMm($filters, $inner - self::BOX_SIDES_MM, self::TEXT_PT, isBold: true) + self::BOX_ENDS_MM;
    }

    /**
     * A line, or several where it is longer than a card.
     *
     * @param array{time: string, words: string} $line
     *
     * @return list<array{line: array{time: string, words: string}, mm: float}>
     */
    private function lineParts(array $line, float $widthMm, float $room): array
    {
        $rows = PrintedText::lines($line['words'], $widthMm, self::TEXT_PT);
        $rowMm = PrintedText::lineMm(self::TEXT_PT);

        return array_map(
            static fn(array $part): array => ['line' => ['time' => $line['time'], 'words' => implode(' ', $part)], 'mm' => count($part) * $rowMm + self::ROW_ENDS_MM],
            array_chunk($rows, max(1, (int) floor(($room - self::ROW_ENDS_MM) / $rowMm))),
        );
    }
}
