<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Steps;

use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\TrainingException;

/** Orders of steps as data (docs/FORMATS.md), each order of two with a rule of the book. */
final class OrderFile
{
    private const PATH = __DIR__ . '/../../../data/steps.json';

    /**
     * @return list<Order> those that come with the program
     *
     * @throws TrainingException
     */
    public static function own(RuleBook $book): array
    {
        $given = json_decode((string) file_get_contents(self::PATH), true, 16, JSON_THROW_ON_ERROR);

        return self::read(is_array($given) ? $given : [], $book);
    }

    /**
     * @param array<array-key, mixed> $given
     *
     * @return list<Order>
     *
     * @throws TrainingException naming the place in the file
     */
    public static function read(array $given, RuleBook $book): array
    {
        $orders = [];
        foreach (array_values($given) as $i => $order) {
            $orders[] = self::order(is_array($order) ? $order : throw TrainingException::missing("[{$i}]"), "[{$i}]", array_column($book->rules, 'id'));
        }

        return $orders;
    }

    /**
     * @param array<array-key, mixed> $given
     * @param list<string> $rules of the book
     */
    private static function order(array $given, string $path, array $rules): Order
    {
        $text = static fn(mixed $value, string $at): string => is_string($value) && trim($value) !== '' ? $value : throw TrainingException::missing($at);
        $list = static fn(mixed $value, string $at): array => is_array($value) && $value !== [] ? $value : throw TrainingException::missing($at);
        $steps = [];
        foreach ($list($given['steps'] ?? null, "{$path}.steps") as $id => $words) {
            $steps[(string) $id] = $text($words, "{$path}.steps.{$id}");
        }
        $before = [];
        foreach (array_values($list($given['before'] ?? null, "{$path}.before")) as $i => $pair) {
            $at = "{$path}.before[{$i}]";
            [$first, $then, $rule] = array_map(static fn(int $part): string => $text(is_array($pair) ? $pair[$part] ?? null : null, $at), [0, 1, 2]);
            foreach ([$first, $then] as $step) {
                if (!isset($steps[$step])) {
                    throw TrainingException::leadsNowhere($at, $step);
                }
            }
            if (!in_array($rule, $rules, true)) {
                throw TrainingException::noSuchRule($at, $rule);
            }
            $before[] = new Before($first, $then, $rule);
        }
        self::checkCircle(array_keys($steps), $before, $path);
        $for = array_map(static fn(mixed $duty): Duty => (is_string($duty) ? Duty::tryFrom($duty) : null) ?? throw TrainingException::notOneOf("{$path}.for", is_string($duty) ? $duty : ''), array_values($list($given['for'] ?? null, "{$path}.for")));

        return new Order($text($given['id'] ?? null, "{$path}.id"), $text($given['title'] ?? null, "{$path}.title"), $for, $steps, $before);
    }

    /**
     * @param list<string> $steps
     * @param list<Before> $before
     */
    private static function checkCircle(array $steps, array $before, string $path): void
    {
        while ($steps !== []) {
            $free = array_values(array_filter($steps, static fn(string $step): bool => array_filter($before, static fn(Before $b): bool => $b->then === $step && in_array($b->first, $steps, true)) === []));
            if ($free === []) {
                throw TrainingException::goesInACircle("{$path}.before");
            }
            $steps = array_values(array_diff($steps, $free));
        }
    }
}
