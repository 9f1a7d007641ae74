<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Site\Plan\PlanChanges;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** What the things on a plan are called. */
final class SiteWords
{
    public static function of(ThingKind $kind): string
    {
        return match ($kind) {
            ThingKind::Building => __('Building'),
            ThingKind::Wall => __('Wall, fence or hedge'),
            ThingKind::Tree => __('Tree'),
            ThingKind::Doorway => __('Doorway'),
            ThingKind::Window => __('Window'),
            ThingKind::PaleConcrete => __('Pale concrete'),
            ThingKind::Asphalt => __('Asphalt'),
            ThingKind::Grass => __('Grass'),
            ThingKind::Sand => __('Sand'),
            ThingKind::Audience => __('Viewers'),
            ThingKind::Telescope => __('Telescope'),
            ThingKind::Queue => __('Queue'),
            ThingKind::Shade => __('Shaded post'),
            ThingKind::Mirror => __('Mirror'),
            ThingKind::Screen => __('Screen'),
        };
    }

    /** @return list<string> what was done to a plan, a line each */
    public static function changes(PlanChanges $changes): array
    {
        $names = static fn(Thing ...$things): string => '“' . implode('”, “', array_map(static fn(Thing $t): string => $t->name, $things)) . '”';
        $lines = [
            $changes->added === [] ? '' : __('drawn: :names', ['names' => $names(...$changes->added)]),
            $changes->changed === [] ? '' : __('changed: :names', ['names' => $names(...$changes->changed)]),
            $changes->removed === [] ? '' : __('removed: :names', ['names' => $names(...$changes->removed)]),
            $changes->isHorizonChanged ? __('the far horizon changed') : '',
            $changes->isAccuracyChanged ? __('the uncertainty of the plan changed') : '',
        ];

        return array_values(array_filter($lines, static fn(string $line): bool => $line !== ''));
    }

    /** Its name; while no place is drawn, the event's place stands for one. */
    public static function name(Thing $thing): string
    {
        return $thing->name === '' ? __('the event\'s place') : $thing->name;
    }

    /** What the height of such a thing means. */
    public static function height(ThingKind $kind): string
    {
        return match (true) {
            $kind->isObstacle() => __('Top, m'),
            $kind->isOpening() => __('Upper edge, m'),
            $kind === ThingKind::Mirror => __('Middle of the mirror, m'),
            $kind === ThingKind::Screen => __('Middle of the screen, m'),
            $kind->isGround() => '',
            default => __('Eyes, m'),
        };
    }

    /** What an image of the Sun does on a ground. */
    public static function ground(?ThingKind $kind): string
    {
        return match (true) {
            $kind === null => __('ground not drawn'),
            $kind->takesAnImage() => __(':ground: takes an image as it is', ['ground' => self::of($kind)]),
            default => __(':ground: lay a white sheet for images', ['ground' => self::of($kind)]),
        };
    }

    /** @return array<string, array<string, string>> by group, for a list to choose from */
    public static function choices(): array
    {
        $groups = [];
        foreach (ThingKind::cases() as $kind) {
            $group = match (true) {
                $kind->isObstacle() => __('Hides the Sun'),
                $kind->isOpening() => __('In a wall'),
                $kind->isGround() => __('Ground'),
                default => __('Who and what stands where'),
            };
            $groups[$group][$kind->value] = self::of($kind);
        }

        return $groups;
    }
}
