<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Steps;

use KeenShadow\Core\Training\Cards\Duty;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Steps that want to be done in an order; where two do not depend on each other, either may come first. */
final readonly class Order
{
    /**
     * @param list<Duty> $for
     * @param array<string, string> $steps words by id
     * @param list<Before> $before
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $for,
        public array $steps,
        public array $before,
    ) {}

    /**
     * What breaks.
     *
     * @param list<string> $sequence ids of steps
     *
     * @return list<Before>|null null where they are not just these steps
     */
    public function broken(array $sequence): ?array
    {
        $at = array_flip($sequence);
        if (count($at) !== count($sequence) || count($at) !== count($this->steps) || array_diff_key($at, $this->steps) !== []) {
            return null;
        }

        return array_values(array_filter($this->before, static fn(Before $before): bool => $at[$before->first] > $at[$before->then]));
    }

    /** @return list<string> ids in an order that breaks something */
    public function shuffled(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        do {
            $sequence = array_map(strval(...), $chance->shuffleArray(array_keys($this->steps)));
        } while ($this->broken($sequence) === []);

        return $sequence;
    }
}
