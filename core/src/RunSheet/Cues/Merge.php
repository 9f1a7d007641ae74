<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

/** Two changes of one run sheet made into one. What only one of both has changed is taken from whoever did. */
final readonly class Merge
{
    /** @param list<Cue> $disputed cues, as the first has them, that both have changed in different ways; empty where all went together */
    private function __construct(public Sheet $sheet, public array $disputed) {}

    /**
     * @param Sheet $base what both began from
     * @param Sheet $mine
     * @param Sheet $theirs wins where both have changed the same cue; so that nothing is lost, whoever merges has to ask then
     */
    public static function of(Sheet $base, Sheet $mine, Sheet $theirs): self
    {
        $cues = $disputed = [];
        foreach (array_keys($theirs->cues + $mine->cues + $base->cues) as $id) {
            [$was, $ours, $other] = [$base->cues[$id] ?? null, $mine->cues[$id] ?? null, $theirs->cues[$id] ?? null];
            $cues[] = self::areSame($other, $was) ? $ours : $other;
            if (!self::areSame($ours, $was) && !self::areSame($other, $was) && !self::areSame($ours, $other)) {
                $disputed[] = $ours ?? $was;
            }
        }

        return new self(Sheet::of(
            array_values(array_filter($cues, static fn(?Cue $cue): bool => $cue !== null)),
            $theirs->opensS === $base->opensS ? $mine->opensS : $theirs->opensS,
            $theirs->closesS === $base->closesS ? $mine->closesS : $theirs->closesS,
        ), array_values(array_filter($disputed, static fn(?Cue $cue): bool => $cue !== null)));
    }

    private static function areSame(?Cue $a, ?Cue $b): bool
    {
        return $a === null || $b === null ? $a === $b : $a->equals($b);
    }
}
