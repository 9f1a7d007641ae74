<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Scenes;

use KeenShadow\Core\Rules\Situation;

/** What somebody may do at a moment of a scene. */
final readonly class Option
{
    /**
     * @param string $to id of the moment that follows
     * @param string $rule id of the rule behind it
     * @param Situation|null $situation who then looks at what, where somebody does
     */
    public function __construct(
        public string $words,
        public string $to,
        public bool $isRight,
        public string $rule,
        public ?Situation $situation,
    ) {}
}
