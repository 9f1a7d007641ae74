<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\EventRota;
use App\Text\RotationWords;
use App\Text\RotaWords;
use KeenShadow\Core\RunSheet\Rota\Mend;
use KeenShadow\Core\RunSheet\Rota\Remedy;
use KeenShadow\Core\RunSheet\Rotation\Answer;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Unmet;

/** A group that is short of turns: what stands in its way, and the least that would help. */
final readonly class WhyShort
{
    /** Beyond these it is enough to mend the first ones and to ask again. */
    private const MOST = 6;

    /**
     * @param string $why what cannot be had together
     * @param list<string> $remedies each of which is enough, the smallest trouble first
     */
    private function __construct(public string $group, public string $why, public array $remedies) {}

    /** @return list<self> */
    public static function of(EventRota $rota): array
    {
        [$problem, $answer] = [$rota->wanted(), $rota->answer()];

        return $problem === null || $answer === null ? [] : array_map(static fn(Unmet $u): self => self::one($u, $answer, $problem, $rota->names()), array_slice($answer->unmet, 0, self::MOST));
    }

    /** @param array<string, string> $names */
    private static function one(Unmet $unmet, Answer $answer, Problem $problem, array $names): self
    {
        return new self(
            $names[$unmet->group] ?? $unmet->group,
            RotationWords::why($problem, $unmet, $names),
            array_map(static fn(Remedy $r): string => RotaWords::remedy($r, $names[$r->id] ?? ''), Mend::of($problem, $unmet, count($answer->turns))),
        );
    }
}
