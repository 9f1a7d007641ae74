<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** A group of an event, as far as a rotation must know it. */
final readonly class RoundParty
{
    /**
     * @param list<string> $methods that the rule book and the policy allow it, of those that are chosen
     * @param list<string> $watched those at which each who looks has an adult of their own
     * @param int $adults who come with it and can watch one each
     */
    public function __construct(public int $id, public string $name, public int $people, public array $methods, public array $watched, public int $adults) {}
}
