<?php

declare(strict_types=1);

namespace App\Pages\Site;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** One thing of the plan as numbers to be typed over. */
final readonly class ThingRow
{
    private function __construct(
        public ThingKind $kind,
        public string $name,
        public string $points,
        public string $heightM,
        public string $radiusM,
        public string $sillM,
    ) {}

    public static function of(Thing $thing): self
    {
        return new self(
            $thing->kind,
            $thing->name,
            implode('; ', array_map(static fn(PlanPoint $p): string => self::metres($p->eastM) . ' ' . self::metres($p->northM), $thing->points)),
            $thing->kind->isGround() ? '' : self::metres($thing->heightM),
            $thing->kind === ThingKind::Tree ? self::metres($thing->radiusM) : '',
            $thing->kind->isOpening() ? self::metres($thing->sillM) : '',
        );
    }

    private static function metres(float $metres): string
    {
        return (string) (round($metres, 2) + 0.0);
    }
}
