<?php

declare(strict_types=1);

namespace App\Domain\Sky;

/** How like a place's name is to what was typed: a step from the same letters down to a few slips. */
final readonly class NameMatch
{
    private const SAME = 0;
    /** The same but for accents, punctuation, capitals. */
    private const SAME_FOLDED = 1;
    private const BEGINS_WITH_WORDS = 2;
    private const BEGINS_WITH = 3;
    private const SLIPS = 4;

    private function __construct(
        private int $step,
        private int $slips,
    ) {}

    public static function of(string $typed, string $typedFolded, string $name, string $nameFolded): self
    {
        return match (true) {
            mb_strtolower($typed) === mb_strtolower($name) => new self(self::SAME, 0),
            $typedFolded === $nameFolded => new self(self::SAME_FOLDED, 0),
            str_starts_with($nameFolded, $typedFolded . ' ') => new self(self::BEGINS_WITH_WORDS, 0),
            str_starts_with($nameFolded, $typedFolded) => new self(self::BEGINS_WITH, 0),
            // Letters to change, leave out or put in; PHP counts at most 255 bytes.
            default => new self(self::SLIPS, levenshtein(substr($typedFolded, 0, 255), substr($nameFolded, 0, 255))),
        };
    }

    /** Whether it is the name, so that nobody need choose. */
    public function isPlain(): bool
    {
        return $this->step <= self::SAME_FOLDED;
    }

    /** Below zero when this one is nearer. */
    public function compare(self $other): int
    {
        return [$this->step, $this->slips] <=> [$other->step, $other->slips];
    }
}
