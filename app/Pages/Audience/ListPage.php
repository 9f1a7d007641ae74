<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Models\Audience\AudienceGroup;
use App\Models\Audience\TickedSupply;
use App\Models\Event;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Methods\ShoppingList;
use KeenShadow\Core\Audience\Methods\Supply;
use KeenShadow\Core\Rules\Book\Standard;

/** What is bought, borrowed or made for the chosen methods of all groups. */
final readonly class ListPage
{
    /** @param list<array{supply: Supply, words: string, count: int, here: int, isDone: bool}> $lines */
    private function __construct(public array $lines) {}

    /**
     * @param int $fit pairs of glasses that are fit already
     * @param bool $needsSheet whether the ground takes no image
     */
    public static function of(Event $event, int $fit, bool $needsSheet): self
    {
        $groups = $event->audienceGroups()->orderBy('name')->get();
        // A policy may have become stricter since: what the book refuses now is not bought.
        $isAllowed = static fn(AudienceGroup $g, Method $m): bool => !$m->isRefused(Standard::book(), $g->group(), $event->policy);
        $needs = ShoppingList::of(array_values($groups->map(static fn(AudienceGroup $g): array => [$g->group(), array_values($g->methods->filter(static fn(Method $m): bool => $isAllowed($g, $m))->all())])->all()), $needsSheet);
        $done = $event->tickedSupplies()->get()->map(static fn(TickedSupply $t): Supply => $t->supply)->all();
        $lines = [];
        foreach ($needs as $value => $count) {
            $supply = Supply::from($value);
            $here = $supply === Supply::Glasses ? min($fit, $count) : 0;
            $lines[] = ['supply' => $supply, 'words' => __($supply->words()), 'count' => $count, 'here' => $here, 'isDone' => in_array($supply, $done, true)];
        }

        return new self($lines);
    }
}
