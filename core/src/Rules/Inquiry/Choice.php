<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Inquiry;

/** One answer that may be tapped, and what is known of the situation then. */
final readonly class Choice
{
    /** @param array<string, bool|float|string|list<string>> $parts none for one who does not know */
    private function __construct(
        public string $id,
        public string $words,
        public array $parts,
    ) {}

    /** @param array<string, bool|float|string|list<string>> $parts */
    public static function of(string $id, string $words, array $parts = []): self
    {
        return new self($id, $words, $parts);
    }
}
