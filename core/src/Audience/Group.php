<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Rules\Situation;

/** Some people who come together: how many and what they need, and never who. */
final readonly class Group
{
    /**
     * @param int $spectacles how many wear them
     * @param int $seated how many sit, in wheelchairs or on the ground
     * @param int $lowVision how many see little or nothing
     * @param bool $peeks whether they cannot hold still, or take filters off
     * @param int $adults who come with them besides and can watch one child each
     */
    public function __construct(
        public int $people,
        public AgeBand $band,
        public int $spectacles,
        public int $seated,
        public int $lowVision,
        public bool $peeks,
        public int $adults = 0,
    ) {}

    /** Whether its people may look at the Sun through a pair that is in order, as the book has it. */
    public function throughGlasses(RuleBook $book, ?Policy $policy): Answer
    {
        return $book->ask(Situation::of([
            'look' => 'direct', 'filter' => 'eclipse_glasses', 'at' => 'eye', 'instrument' => 'none', 'stacked' => false, 'verdict' => 'fit', 'lot' => 'in_order', 'flaw' => [],
            'spectacles' => 'under', 'keeps_on' => !$this->peeks, 'person' => $this->band->inTheBook(), 'policy' => $policy?->inTheBook(),
        ]));
    }
}
