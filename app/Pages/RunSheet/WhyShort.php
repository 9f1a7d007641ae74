<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\EventRota;
use App\Domain\RunSheet\ShortGroup;
use App\Text\RotationWords;
use App\Text\RotaWords;
use KeenShadow\Core\RunSheet\Rota\Remedy;
use KeenShadow\Core\RunSheet\Rotation\Problem;

/** A group that is short of turns: what stands in its way, and the least that would help, in words. */
final readonly class WhyShort
{
    /**
     * @param string $why what cannot be had together
     * @param list<string>|null $remedies each of which is enough, the smallest trouble first; null where nobody looked for them yet
     */
    private function __construct(public string $group, public string $why, public ?array $remedies) {}

    /**
     * @param list<ShortGroup> $short
     *
     * @return list<self>
     */
    public static function of(EventRota $rota, array $short): array
    {
        $problem = $rota->wanted();

        return $problem === null ? [] : array_map(static fn(ShortGroup $s): self => self::one($s, $problem, $rota->names()), $short);
    }

    /** @param array<string, string> $names */
    private static function one(ShortGroup $short, Problem $problem, array $names): self
    {
        return new self(
            $names[$short->unmet->group] ?? $short->unmet->group,
            RotationWords::why($problem, $short->unmet, $names),
            $short->remedies === null ? null : array_map(static fn(Remedy $r): string => RotaWords::remedy($r, $names[$r->id] ?? ''), $short->remedies),
        );
    }
}
