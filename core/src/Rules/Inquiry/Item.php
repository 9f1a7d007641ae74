<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Inquiry;

/** A thing that helpers ask about, with the words they have for it. */
final readonly class Item
{
    /**
     * @param string $others other words for it, to be found by
     * @param array<string, bool|float|string|list<string>> $parts what is known of the situation by the thing alone
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $others,
        public array $parts,
    ) {}

    /** @param array<string, bool|float|string|list<string>> $parts */
    public static function of(string $id, string $name, string $others, array $parts): self
    {
        return new self($id, $name, $others, $parts);
    }
}
