<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Text\RuleWords;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Training\Steps\Before;
use KeenShadow\Core\Training\Steps\Order;

/** Steps out of order, and what breaks if one comes after another. */
final class StepsPack
{
    /** @return array{id: string, steps: list<array{id: string, words: string}>, before: list<array{first: string, then: string, rule: string, statement: string}>} */
    public static function of(Order $order, int $seed): array
    {
        return [
            'id' => $order->id,
            'steps' => array_map(static fn(string $id): array => ['id' => $id, 'words' => (string) __($order->steps[$id])], $order->shuffled($seed)),
            'before' => array_map(static fn(Before $before): array => ['first' => $before->first, 'then' => $before->then, 'rule' => $before->rule, 'statement' => RuleWords::sentence(Standard::book()->rule($before->rule)->statement)], $order->before),
        ];
    }
}
