<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\PinholeCriterion;
use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/** One thing changed about a design, and what its image is then. */
final readonly class Improvement
{
    private const LONGER = 1.5;

    private function __construct(
        public Change $change,
        public Design $design,
        public ThrownImage $image,
    ) {}

    /**
     * What can be changed to see more: the best holes of the schools, a longer way, a darker place, the lens in focus, a
     * smaller opening; those that can be built.
     *
     * @return list<self>
     */
    public static function allOf(Design $design, Light $light): array
    {
        $distance = (float) $design->mm(Size::Distance);
        $focal = $design->mm(Size::Focal);
        $darker = $design->surroundings->darker();
        $changed = [];
        if ($design->kind()->isHole()) {
            foreach (PinholeCriterion::cases() as $criterion) {
                $changed[] = [Change::ofHole($criterion), $design->with(Size::Hole, round($criterion->bestHoleMm($distance, $light), 2))];
            }
        }
        if ($focal !== null && $focal !== $distance) {
            $changed[] = [Change::InFocus, $design->with(Size::Distance, $focal)];
        }
        if ($design->kind() === Kind::Eyepiece) {
            $changed[] = [Change::Farther, $design->with(Size::Distance, $distance * self::LONGER)];
        } elseif ($focal === null) {
            $longer = $design->with(Size::Distance, $distance * self::LONGER);
            $changed[] = [Change::Longer, $longer->with(Size::Hole, round(self::bestHole($longer, $light), 2))];
        }
        if ($darker !== null) {
            $changed[] = [Change::Darker, $design->in($darker)];
        }

        return array_values(array_filter(array_map(static fn(array $one): ?self => self::tried($one[0], $one[1], $light), $changed)));
    }

    /** The hole that the middle school calls best for a design's distance. */
    public static function bestHole(Design $design, Light $light): float
    {
        return PinholeCriterion::EqualBlur->bestHoleMm((float) $design->mm(Size::Distance), $light);
    }

    private static function tried(Change $change, Design $design, Light $light): ?self
    {
        try {
            return new self($change, $design, $design->image($light));
        } catch (ViewerException) {
            return null;
        }
    }
}
