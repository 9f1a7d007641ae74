<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** A rotation that breaks no rule, and whom it leaves short. */
final readonly class Answer
{
    /**
     * @param list<Turn> $turns
     * @param list<Post> $posts
     * @param list<Unmet> $unmet
     * @param list<string> $peak groups with a turn in the best minutes
     */
    public function __construct(public array $turns, public array $posts, public array $unmet, public array $peak) {}
}
