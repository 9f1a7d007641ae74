<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Cards;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Cards for one person, by how hard they are. */
final class Deal
{
    /** So many of one answer are dealt, however few there are of others: where nearly all are the same, nobody has to think (own judgement). */
    private const ROUNDS = 10;

    /**
     * Yes, if and no come in turn as far as there are any.
     *
     * @param array<string, array{difficulty: int, answer: string, duties: list<string>}> $index of a deck
     * @param int $seed the same deals the same
     * @param int $most of each difficulty
     *
     * @return array<int, list<string>> ids by difficulty
     */
    public static function of(array $index, Duty $duty, int $seed, int $most): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $piles = [];
        foreach ($index as $id => $card) {
            if (in_array($duty->value, $card['duties'], true)) {
                $piles[$card['difficulty']][$card['answer']][] = $id;
            }
        }
        ksort($piles);

        return array_map(static fn(array $byAnswer): array => self::inTurn(array_map(static fn(array $ids): array => $chance->shuffleArray($ids), array_values($byAnswer)), $most), $piles);
    }

    /**
     * @param list<list<string>> $piles
     *
     * @return list<string>
     */
    private static function inTurn(array $piles, int $most): array
    {
        $sizes = array_map(count(...), $piles);
        rsort($sizes);
        $rounds = max(self::ROUNDS, $sizes[1] ?? 0);
        $dealt = [];
        for ($i = 0; $i < $rounds && count($dealt) < $most; ++$i) {
            foreach ($piles as $pile) {
                if (isset($pile[$i])) {
                    $dealt[] = $pile[$i];
                }
            }
        }

        return array_slice($dealt, 0, $most);
    }
}
