<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use KeenShadow\Core\RunSheet\Rota\Rota;
use KeenShadow\Core\RunSheet\Rota\RotaRecord;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** Two changes of one run sheet made into one. What only one of both has changed is taken from whoever did. */
final readonly class Merge
{
    /**
     * @param list<Cue> $disputed cues, as the first has them, that both have changed in different ways
     * @param bool $isRotaDisputed whether both have changed the same turn, duty or wish in different ways
     */
    private function __construct(public Sheet $sheet, public array $disputed, public bool $isRotaDisputed) {}

    /**
     * @param Sheet $base what both began from
     * @param Sheet $mine
     * @param Sheet $theirs wins where both have changed the same; so that nothing is lost, whoever merges has to ask then
     */
    public static function of(Sheet $base, Sheet $mine, Sheet $theirs): self
    {
        [$cues, $disputed] = self::three($base->cues, $mine->cues, $theirs->cues, static fn(?Cue $a, ?Cue $b): bool => $a === null || $b === null ? $a === $b : $a->equals($b));
        [$rota, $isRotaDisputed] = self::rota($base->rota, $mine->rota, $theirs->rota);

        return new self(Sheet::of(
            array_values($cues),
            $theirs->opensS === $base->opensS ? $mine->opensS : $theirs->opensS,
            $theirs->closesS === $base->closesS ? $mine->closesS : $theirs->closesS,
            $rota,
        ), $disputed, $isRotaDisputed);
    }

    public function isAgreed(): bool
    {
        return $this->disputed === [] && !$this->isRotaDisputed;
    }

    /** @return array{Rota, bool} */
    private static function rota(Rota $base, Rota $mine, Rota $theirs): array
    {
        $all = array_map(RotaRecord::write(...), [$base, $mine, $theirs]);
        [$turns, $turnsLeft] = self::three($base->turns, $mine->turns, $theirs->turns, static fn(?Turn $a, ?Turn $b): bool => $a === null || $b === null ? $a === $b : RotaRecord::turn($a) === RotaRecord::turn($b));
        [$posts, $postsLeft] = self::three($base->posts, $mine->posts, $theirs->posts, static fn(?Post $a, ?Post $b): bool => $a === null || $b === null ? $a === $b : RotaRecord::post('', $a) === RotaRecord::post('', $b));
        [$wishes, $isDisputed] = [$all[0]['wishes'], false];
        foreach (['groups', 'stations', 'crew'] as $list) {
            [$wishes[$list], $left] = self::three($all[0]['wishes'][$list], $all[1]['wishes'][$list], $all[2]['wishes'][$list], static fn(mixed $a, mixed $b): bool => $a === $b);
            $isDisputed = $isDisputed || $left !== [];
        }
        foreach (['step_min', 'longest_min', 'rest_min', 'pairs', 'bells'] as $key) {
            [$was, $ours, $other] = array_map(static fn(array $row): mixed => $row['wishes'][$key], $all);
            $wishes[$key] = $other === $was ? $ours : $other;
            $isDisputed = $isDisputed || $ours !== $was && $other !== $was && $ours !== $other;
        }

        return [Rota::of(RotaRecord::wished($wishes), $turns, $posts), $isDisputed || $turnsLeft !== [] || $postsLeft !== []];
    }

    /**
     * @template T
     *
     * @param array<string, T> $base
     * @param array<string, T> $mine
     * @param array<string, T> $theirs
     * @param callable(T|null, T|null): bool $areSame
     *
     * @return array{array<string, T>, list<T>} all together, and of ours what both have changed in different ways
     */
    private static function three(array $base, array $mine, array $theirs, callable $areSame): array
    {
        $all = $disputed = [];
        foreach (array_keys($theirs + $mine + $base) as $id) {
            [$was, $ours, $other] = [$base[$id] ?? null, $mine[$id] ?? null, $theirs[$id] ?? null];
            $one = $areSame($other, $was) ? $ours : $other;
            if ($one !== null) {
                $all[$id] = $one;
            }
            if (!$areSame($ours, $was) && !$areSame($other, $was) && !$areSame($ours, $other)) {
                $disputed[] = $ours ?? $was;
            }
        }

        return [$all, array_values(array_filter($disputed, static fn(mixed $one): bool => $one !== null))];
    }
}
