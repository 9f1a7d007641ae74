<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Site\EventPlan;
use App\Models\Event;
use App\Models\User;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** The demo's site plans: a promenade in the morning, a school yard on a winter afternoon. Invented like the rest. */
final class DemoPlans
{
    public static function promenade(Event $event, User $by): void
    {
        EventPlan::of($event)->keep(SitePlan::of([
            self::thing(ThingKind::PaleConcrete, 'Promenade', [[-60, -14], [16, -14], [16, 16], [-60, 16]]),
            self::thing(ThingKind::Sand, 'Beach', [[-60, -40], [40, -40], [40, -14.5], [-60, -14.5]]),
            self::thing(ThingKind::Building, 'Theatre', [[20, -12], [40, -12], [40, 18], [20, 18]], 14),
            self::thing(ThingKind::Building, 'Kiosk', [[-8, 10], [-3, 10], [-3, 14], [-8, 14]], 3.2),
            self::thing(ThingKind::Wall, 'Sea wall', [[-60, -14], [16, -14]], 1.1),
            self::thing(ThingKind::Tree, 'Palm 1', [[-28, 9]], 9, 2.5),
            self::thing(ThingKind::Tree, 'Palm 2', [[-18, 9]], 9, 2.5),
            self::thing(ThingKind::Tree, 'Palm 3', [[2, 9]], 8, 2.5),
            self::thing(ThingKind::Audience, 'Main crowd', [[-36, -2]], 1.4),
            self::thing(ThingKind::Telescope, 'Refractor', [[-24, -6]], 1.3),
            self::thing(ThingKind::Audience, 'Theatre steps', [[12, 3]], 1.4),
            self::thing(ThingKind::Queue, 'Glasses table', [[-12, 4]], 1.5),
        ], HorizonProfile::of([[60, 1.2], [75, 1.6], [90, 0.8], [105, 0.4], [120, 0.2]]), 0.5), null, $by);
    }

    public static function schoolYard(Event $event, User $by): void
    {
        EventPlan::of($event)->keep(SitePlan::of([
            self::thing(ThingKind::PaleConcrete, 'Yard', [[-34, -34], [4, -34], [11, -11], [-11, 11], [-34, 22]]),
            self::thing(ThingKind::Grass, 'School garden', [[-34, 22], [-11, 11], [-3, 20], [-12, 34], [-34, 34]]),
            self::thing(ThingKind::Building, 'School', [[-10, 12], [12, -10], [22, 0], [0, 22]], 7),
            self::thing(ThingKind::Doorway, 'Doorway B', [[0, 2], [1.4, 0.6]], 2.2, sill: 0.0),
            self::thing(ThingKind::Window, 'Window 5B', [[-6, 8], [-4.2, 6.2]], 2.1, sill: 0.9),
            self::thing(ThingKind::Building, 'Gym', [[-56, -38], [-38, -38], [-38, -18], [-56, -18]], 9),
            self::thing(ThingKind::Wall, 'Street wall', [[-38, -38], [6, -38], [14, -14]], 2.2),
            self::thing(ThingKind::Tree, 'Mulberry', [[-30, 10]], 6, 3),
            self::thing(ThingKind::Audience, 'East end', [[-4, -12]], 1.25),
            self::thing(ThingKind::Audience, 'By the garden', [[-21, 27]], 1.25),
            self::thing(ThingKind::Mirror, 'Mirror', [[0, -22]], 0.4),
            self::thing(ThingKind::Screen, 'Sheet on the gym', [[-38, -28]], 3.5),
            self::thing(ThingKind::Shade, 'Teachers\' bench', [[-33, -26]], 1.2),
        ], HorizonProfile::of([[215, 0.6], [230, 1.1], [245, 0.9], [260, 0.5]]), 0.3), null, $by);
    }

    /** @param list<array{float|int, float|int}> $points */
    private static function thing(ThingKind $kind, string $name, array $points, ?float $height = null, float $radius = 0.0, ?float $sill = null): Thing
    {
        return Thing::of($kind, $name, array_map(static fn(array $p): PlanPoint => new PlanPoint((float) $p[0], (float) $p[1]), $points), $height, $radius, $sill);
    }
}
