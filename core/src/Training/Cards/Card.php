<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Cards;

use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Inquiry\Choice;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Situation;

/** "Is this safe?": a thing, what is done with it and how it is; and what the book says of it now. */
final readonly class Card
{
    public const HARDEST = 5;

    /**
     * @param string $id the same as long as the same is asked
     * @param list<Choice> $facts in the order of the questions
     */
    public function __construct(
        public string $id,
        public Item $item,
        public array $facts,
        public Circumstance $circumstance,
        public Situation $situation,
        public Answer $answer,
    ) {}

    /** From 1: a thing by its name alone; each fact, a circumstance and a condition make it harder (own judgement). */
    public function difficulty(): int
    {
        return min(self::HARDEST, 1 + count($this->facts) + ($this->circumstance === Circumstance::None ? 0 : 1) + ($this->answer->permission === Permission::If ? 1 : 0));
    }
}
