<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Record;

use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Drill\DrillScore;
use KeenShadow\Core\Training\Lenses\LensFault;
use KeenShadow\Core\Training\Lenses\Tray;
use KeenShadow\Core\Training\Lenses\TrayScore;
use KeenShadow\Core\Training\Scenes\Scene;
use KeenShadow\Core\Training\Scenes\SceneFile;
use KeenShadow\Core\Training\Steps\Order;
use KeenShadow\Core\Training\Steps\OrderFile;

/** Whether what somebody did is right by the rules as they are now. */
final readonly class Judge
{
    private const DAY_MS = 86400000.0;

    /**
     * @param array<string, Scene> $scenes by id
     * @param array<string, Order> $orders by id
     */
    private function __construct(public RuleBook $book, public array $scenes, public array $orders) {}

    public static function of(RuleBook $book): self
    {
        return new self($book, array_column(SceneFile::own($book), null, 'id'), array_column(OrderFile::own($book), null, 'id'));
    }

    /** @return bool|null null where it cannot be told: there is no such card, scene or order any more, or it was not brought to an end */
    public function isRight(Attempt $attempt): ?bool
    {
        $given = $attempt->given;

        return match ($attempt->exercise) {
            Exercise::Card => is_string($said = $given['said'] ?? null) && Permission::tryFrom($said) !== null ? ($card = Deck::find($this->book, $attempt->about)) === null ? null : $card->answer->permission === Permission::from($said) : null,
            Exercise::Scene => ($this->scenes[$attempt->about] ?? null)?->wentWell(self::numbers($given['chosen'] ?? null)),
            Exercise::Steps => ($broken = ($this->orders[$attempt->about] ?? null)?->broken(self::texts($given['order'] ?? null))) === null ? null : $broken === [],
            Exercise::Lenses => $this->tray($attempt)?->isPassed(),
            Exercise::Drill => $this->drill($attempt)->isPassed(),
        };
    }

    public function tray(Attempt $attempt): ?TrayScore
    {
        $found = $attempt->given['found'] ?? null;
        if (!is_array($found) || preg_match('/^\d{1,9}$/D', $attempt->about) !== 1) {
            return null;
        }

        return Tray::of((int) $attempt->about)->score(array_map(static fn(mixed $word): ?LensFault => is_string($word) ? LensFault::tryFrom($word) : null, array_values($found)));
    }

    /** Against the times that the drill was played with: another site has others. */
    public function drill(Attempt $attempt): DrillScore
    {
        $ut = static fn(string $key): ?float => is_int($ms = $attempt->given[$key] ?? null) || is_float($ms) ? $ms / self::DAY_MS : null;

        return DrillScore::of($ut('free_from'), $ut('free_to'), $ut('off'), $ut('on'));
    }

    /** @return list<int|null> */
    private static function numbers(mixed $given): array
    {
        return is_array($given) ? array_map(static fn(mixed $number): ?int => is_int($number) ? $number : null, array_values($given)) : [];
    }

    /** @return list<string> */
    private static function texts(mixed $given): array
    {
        return is_array($given) ? array_values(array_filter($given, is_string(...))) : [];
    }
}
