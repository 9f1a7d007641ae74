<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Cards;

/**
 * Which card comes next. What was answered wrong comes back after a few others, and again after more and more of them once it is right (boxes as
 * S. Leitner has them, So lernt man lernen, 1972; how many cards lie between is own judgement). It gets harder with success, and easier after two mistakes.
 */
final readonly class Pile
{
    /** Other cards until one comes back, by its box. */
    public const GAPS = [3, 8, 20];
    public const RIGHT_FOR_HARDER = 4;
    public const WRONG_FOR_EASIER = 2;

    /**
     * @param array<string, true> $seen
     * @param array<string, array{box: int, wait: int}> $returning
     */
    private function __construct(
        public int $level,
        private int $right,
        private int $wrong,
        private array $seen,
        private array $returning,
    ) {}

    /** @param int $level to begin with */
    public static function fresh(int $level = 1): self
    {
        return new self($level, 0, 0, [], []);
    }

    /**
     * @param array<int, list<string>> $dealt ids by difficulty
     *
     * @return string|null null when all are known
     */
    public function next(array $dealt): ?string
    {
        $due = array_filter($this->returning, static fn(array $card): bool => $card['wait'] <= 0);
        if ($due !== []) {
            return self::first($due);
        }
        $levels = array_keys($dealt);
        usort($levels, fn(int $a, int $b): int => [abs($a - $this->level), $a] <=> [abs($b - $this->level), $b]);
        foreach ($levels as $level) {
            foreach ($dealt[$level] as $id) {
                if (!isset($this->seen[$id])) {
                    return $id;
                }
            }
        }

        return $this->returning === [] ? null : self::first($this->returning);
    }

    public function answered(string $id, bool $isRight): self
    {
        $returning = array_map(static fn(array $card): array => ['box' => $card['box'], 'wait' => $card['wait'] - 1], $this->returning);
        if (!$isRight) {
            $returning[$id] = ['box' => 0, 'wait' => self::GAPS[0]];
        } elseif (isset($returning[$id])) {
            $box = $returning[$id]['box'] + 1;
            unset($returning[$id]);
            $returning += $box < count(self::GAPS) ? [$id => ['box' => $box, 'wait' => self::GAPS[$box]]] : [];
        }
        [$right, $wrong] = $isRight ? [$this->right + 1, 0] : [0, $this->wrong + 1];
        $step = $right >= self::RIGHT_FOR_HARDER ? 1 : ($wrong >= self::WRONG_FOR_EASIER ? -1 : 0);

        return new self(
            max(1, min(Card::HARDEST, $this->level + $step)),
            $step === 1 ? 0 : $right,
            $step === -1 ? 0 : $wrong,
            $this->seen + [$id => true],
            $returning,
        );
    }

    /** @param non-empty-array<string, array{box: int, wait: int}> $cards */
    private static function first(array $cards): string
    {
        uasort($cards, static fn(array $a, array $b): int => $a['wait'] <=> $b['wait']);

        return array_key_first($cards);
    }
}
