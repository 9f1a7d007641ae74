<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

/** What one helper, or one station, has in the pocket. */
final readonly class PocketCard
{
    /** Letters on one line of a card, of times and of cautions, and lines that it has for both. */
    private const LETTERS = 42;
    private const LETTERS_OF_CAUTIONS = 52;
    private const LINES = 24;

    /**
     * @param list<array{time: string, words: string}> $lines in order of time
     * @param list<string> $cautions the weightiest first
     */
    public function __construct(public string $title, public array $lines, public array $cautions) {}

    /** @return list<self> the same as cards on which all of it has room: as many cautions as there is room for on the first */
    public function dealt(): array
    {
        $cards = $lines = [];
        $room = self::LINES;
        foreach ($this->lines as $line) {
            $takes = self::height($line['words'], self::LETTERS);
            if ($takes > $room && $lines !== []) {
                $cards[] = new self($this->title, $lines, []);
                [$lines, $room] = [[], self::LINES];
            }
            $lines[] = $line;
            $room -= $takes;
        }
        $cautions = [];
        foreach ($this->cautions as $caution) {
            $room -= self::height($caution, self::LETTERS_OF_CAUTIONS);
            if ($room >= 0) {
                $cautions[] = $caution;
            }
        }

        return [...$cards, new self($this->title, $lines, $cautions)];
    }

    private static function height(string $words, int $letters): int
    {
        return (int) ceil((mb_strlen($words) + 2) / $letters);
    }
}
