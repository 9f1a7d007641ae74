<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Text\PlanPointsText;
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
            PlanPointsText::write($thing->points),
            $thing->kind->isGround() ? '' : PlanPointsText::metres($thing->heightM),
            $thing->kind === ThingKind::Tree ? PlanPointsText::metres($thing->radiusM) : '',
            $thing->kind->isOpening() ? PlanPointsText::metres($thing->sillM) : '',
        );
    }

    /** For a thing that is added. */
    public static function blank(): self
    {
        return new self(ThingKind::Building, '', '', '', '', '');
    }
}
