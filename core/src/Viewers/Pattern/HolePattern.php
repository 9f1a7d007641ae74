<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Pattern;

use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\ViewerException;

/** Holes in a card, each of which throws an image, so far apart that no two images touch. Lengths in millimetres. */
final readonly class HolePattern
{
    /** Between the outermost holes and the edge of the card, for hands and stiffness (own judgement). */
    private const RIM_MM = 20.0;
    public const MOST_LETTERS = 24;
    private const MOST_HOLES = 600;
    /** Steps of a walk along a stroke from one hole to the next. */
    private const STEPS = 40;
    /** Letters with an accent that the dots have no room for. */
    private const PLAIN = [
        'Á' => 'A', 'À' => 'A', 'Â' => 'A', 'Ä' => 'A', 'Å' => 'A', 'Ã' => 'A', 'Ç' => 'C', 'É' => 'E', 'È' => 'E', 'Ê' => 'E', 'Ë' => 'E', 'Í' => 'I', 'Ì' => 'I', 'Î' => 'I', 'Ï' => 'I',
        'Ó' => 'O', 'Ò' => 'O', 'Ô' => 'O', 'Ö' => 'O', 'Õ' => 'O', 'Ø' => 'O', 'Ú' => 'U', 'Ù' => 'U', 'Û' => 'U', 'Ü' => 'U', '–' => '-', '’' => ' ', "\t" => ' ',
    ];

    /** @param list<Hole> $holes from the upper left corner of the card, as the Sun sees it */
    private function __construct(
        public float $spacingMm,
        public array $holes,
        public float $widthMm,
        public float $heightMm,
    ) {}

    /**
     * A word in letters of dots.
     *
     * @throws ViewerException when there are no dots for a letter, or none at all
     */
    public static function spelling(string $text, ThrownImage $image): self
    {
        $spacing = self::leastSpacingMm($image);
        /** @var array<int|string, list<string>> $letters */
        $letters = require __DIR__ . '/../../../data/dot-letters.php';
        $dots = [];
        $column = 0;
        foreach (mb_str_split(mb_strtoupper($text)) as $letter) {
            $rows = $letters[self::PLAIN[$letter] ?? $letter] ?? throw ViewerException::noLetter($letter);
            foreach ($rows as $row => $line) {
                foreach (str_split($line) as $place => $dot) {
                    if ($dot === '#') {
                        $dots[] = [$column + $place, $row];
                    }
                }
            }
            $column += strlen($rows[0]) + 1;
        }

        return self::of($dots, $spacing);
    }

    /**
     * Along the strokes of a figure, each hole as soon as it is far enough from all before it.
     *
     * @param float $widthMm of the figure
     *
     * @throws ViewerException when there would be too many
     */
    public static function along(Outline $outline, float $widthMm, ThrownImage $image): self
    {
        $spacing = self::leastSpacingMm($image);
        $spaced = new SpacedHoles($spacing);
        foreach ($outline->strokes as $stroke) {
            foreach (self::walk($stroke, $spacing / $widthMm / self::STEPS) as [$x, $y]) {
                $spaced->take(new Hole($x * $widthMm + self::RIM_MM, $y * $widthMm + self::RIM_MM));
                if (count($spaced->holes) > self::MOST_HOLES) {
                    throw ViewerException::tooManyHoles(self::MOST_HOLES);
                }
            }
        }
        $holes = $spaced->holes;

        return new self(
            $spacing,
            $holes,
            self::RIM_MM + max(0.0, ...array_map(static fn(Hole $hole): float => $hole->rightMm, $holes)),
            self::RIM_MM + max(0.0, ...array_map(static fn(Hole $hole): float => $hole->downMm, $holes)),
        );
    }

    /** Middle to middle, so that the soft rims of two images meet and do not overlap: the image and its blur. */
    public static function leastSpacingMm(ThrownImage $image): float
    {
        return $image->diameterMm + $image->blurMm();
    }

    /** @param list<array{int, int}> $dots columns and rows */
    private static function of(array $dots, float $spacing): self
    {
        if ($dots === []) {
            throw ViewerException::noText(self::MOST_LETTERS);
        }
        [$left, $top] = [min(array_column($dots, 0)), min(array_column($dots, 1))];

        return new self(
            $spacing,
            array_map(static fn(array $dot): Hole => new Hole(self::RIM_MM + ($dot[0] - $left) * $spacing, self::RIM_MM + ($dot[1] - $top) * $spacing), $dots),
            2 * self::RIM_MM + (max(array_column($dots, 0)) - $left) * $spacing,
            2 * self::RIM_MM + (max(array_column($dots, 1)) - $top) * $spacing,
        );
    }

    /**
     * @param non-empty-list<array{float, float}> $stroke
     *
     * @return iterable<array{float, float}> its corners and points between them
     */
    private static function walk(array $stroke, float $step): iterable
    {
        yield $stroke[0];
        for ($i = 1; $i < count($stroke); ++$i) {
            [[$x1, $y1], [$x2, $y2]] = [$stroke[$i - 1], $stroke[$i]];
            $steps = max(1, (int) ceil(hypot($x2 - $x1, $y2 - $y1) / $step));
            for ($k = 1; $k <= $steps; ++$k) {
                yield [$x1 + ($x2 - $x1) * $k / $steps, $y1 + ($y2 - $y1) * $k / $steps];
            }
        }
    }
}
