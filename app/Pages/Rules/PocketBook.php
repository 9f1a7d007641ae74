<?php

declare(strict_types=1);

namespace App\Pages\Rules;

use App\Pages\Event\EventFrame;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Inquiry\Items;

/** "May I use this?" with every way to an answer at one event, to be read without a network. */
final readonly class PocketBook
{
    /** @param array<string, list<PocketNode>> $groups of things, by their heading */
    private function __construct(public array $groups, public bool $hasNoTotality) {}

    public static function of(EventFrame $frame): self
    {
        return new self([
            'For the eyes' => self::nodes($frame, Items::forEyes()),
            'Images' => self::nodes($frame, Items::images()),
            'Instruments' => self::nodes($frame, Items::instruments()),
            'What people find at home' => self::nodes($frame, Items::noFilters()),
        ], $frame->hasNoTotality());
    }

    /**
     * @param list<Item> $items
     *
     * @return list<PocketNode>
     */
    private static function nodes(EventFrame $frame, array $items): array
    {
        return array_map(static fn(Item $item): PocketNode => PocketNode::of($frame, $item), $items);
    }
}
