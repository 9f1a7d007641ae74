<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Domain\Event\WantedViewer;
use App\Models\Audience\AudienceGroup;
use App\Models\Audience\TickedSupply;
use App\Models\Event;
use KeenShadow\Core\Audience\Methods\ShoppingList;
use KeenShadow\Core\Audience\Methods\Supply;

/** What is bought, borrowed or made for the chosen methods of all groups. */
final readonly class ListPage
{
    /**
     * @param list<array{supply: Supply, words: string, count: int, here: int, isDone: bool}> $lines
     * @param list<WantedViewer> $viewers that are to be built
     */
    private function __construct(
        public array $lines,
        public array $viewers,
    ) {}

    /**
     * @param int $fit pairs of glasses that are fit already
     * @param bool $needsSheet whether the ground takes no image
     * @param list<WantedViewer> $viewers
     */
    public static function of(Event $event, int $fit, bool $needsSheet, array $viewers): self
    {
        $groups = $event->audienceGroups()->orderBy('name')->get();
        $needs = ShoppingList::of(array_values($groups->map(static fn(AudienceGroup $g): array => [$g->group(), $g->allowedMethods($event->policy)])->all()), $needsSheet);
        $done = $event->tickedSupplies()->get()->map(static fn(TickedSupply $t): Supply => $t->supply)->all();
        $lines = [];
        foreach ($needs as $value => $count) {
            $supply = Supply::from($value);
            $here = $supply === Supply::Glasses ? min($fit, $count) : 0;
            $lines[] = ['supply' => $supply, 'words' => __($supply->words()), 'count' => $count, 'here' => $here, 'isDone' => in_array($supply, $done, true)];
        }

        return new self($lines, $viewers);
    }
}
