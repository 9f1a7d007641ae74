<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Policy;

/** Who comes to the demo's two coming events. All of it is invented. */
final class DemoAudience
{
    /** A public morning: families, a club, a class of six-year-olds. */
    public static function publicMorning(Event $event): void
    {
        $event->update(['policy' => Policy::Mixed]);
        $event->audienceGroups()->createMany([
            ['name' => 'Class 1A', 'people' => 24, 'band' => AgeBand::YoungChild, 'eye_from_m' => 1.0, 'eye_to_m' => 1.2, 'spectacles' => 3, 'seated' => 1, 'methods' => [Method::Box, Method::Card], 'comes' => Coming::AtOnce, 'ahead_min' => 20, 'goes_first' => true],
            ['name' => 'Family queue', 'people' => 320, 'band' => AgeBand::AllAges, 'eye_from_m' => 0.95, 'eye_to_m' => 1.8, 'spectacles' => 90, 'seated' => 6, 'low_vision' => 2, 'methods' => [Method::Glasses, Method::Projection, Method::PhaseStrip], 'comes' => Coming::Burst],
            ['name' => 'Astronomy club', 'people' => 18, 'band' => AgeBand::Adult, 'eye_from_m' => 1.45, 'eye_to_m' => 1.8, 'spectacles' => 9, 'methods' => [Method::Telescope]],
        ]);
        self::stations($event, [
            [Method::Glasses, 'Main crowd', 28, 20.0, 10.0], [Method::Card, 'Theatre steps', 8, 30.0, 0.0], [Method::Projection, 'Refractor', 20, 45.0, 5.0],
            [Method::Telescope, 'Refractor', 1, 20.0, 10.0],
        ]);
    }

    /** A school's afternoon. */
    public static function schoolAfternoon(Event $event): void
    {
        $event->update(['policy' => Policy::Glasses]);
        $event->audienceGroups()->createMany([
            ['name' => 'Class 5B', 'people' => 26, 'band' => AgeBand::Child, 'eye_from_m' => 1.25, 'eye_to_m' => 1.45, 'spectacles' => 5, 'methods' => [Method::Mirror, Method::Box], 'comes' => Coming::AtOnce, 'ahead_min' => 5],
            ['name' => 'Class 1A', 'people' => 23, 'band' => AgeBand::YoungChild, 'eye_from_m' => 1.0, 'eye_to_m' => 1.2, 'spectacles' => 2, 'peeks' => true, 'methods' => [Method::Box, Method::Card], 'comes' => Coming::AtOnce, 'ahead_min' => 5, 'goes_first' => true],
            ['name' => 'Teachers and parents', 'people' => 12, 'band' => AgeBand::Adult, 'eye_from_m' => 1.5, 'eye_to_m' => 1.8, 'spectacles' => 6, 'methods' => [Method::Glasses]],
        ]);
        self::stations($event, [[Method::Mirror, 'Sheet on the gym', 60, 60.0, 0.0], [Method::Card, 'By the garden', 8, 30.0, 0.0], [Method::Glasses, 'East end', 4, 20.0, 10.0]]);
    }

    /** @param list<array{Method, string, int, float, float}> $stations method, place, at once, a look, handing over in seconds */
    private static function stations(Event $event, array $stations): void
    {
        foreach ($stations as [$method, $place, $places, $lookS, $handS]) {
            $event->audienceStations()->create(['method' => $method, 'place' => $place, 'places' => $places, 'look_s' => $lookS, 'spread_s' => $lookS / 2, 'hand_s' => $handS]);
        }
    }
}
