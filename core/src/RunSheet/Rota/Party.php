<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** A group of the event, as far as turns must know it. */
final readonly class Party
{
    /** More than these do not go round together: they come as they like (own judgement). */
    public const MOST_TOGETHER = 60;
    private const USUAL_TURNS = 2;

    /**
     * @param list<string> $methods that the rule book and the event's policy allow it
     * @param list<string> $watched those of them at which each who looks has an adult of their own
     * @param int $adults who come with it and can watch one each
     */
    public function __construct(public string $id, public int $people, public array $methods, public array $watched = [], public int $adults = 0) {}

    /** How many turns it has where nobody has said otherwise. */
    public function usualTurns(): int
    {
        return $this->people > self::MOST_TOGETHER ? 0 : min(self::USUAL_TURNS, count($this->methods));
    }
}
