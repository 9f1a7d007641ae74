<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use KeenShadow\Core\Audience\AgeBand;
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
            ['name' => 'Class 1A', 'people' => 24, 'band' => AgeBand::YoungChild, 'eye_from_m' => 1.0, 'eye_to_m' => 1.2, 'spectacles' => 3, 'seated' => 1, 'methods' => [Method::Box, Method::Card]],
            ['name' => 'Family queue', 'people' => 320, 'band' => AgeBand::AllAges, 'eye_from_m' => 0.95, 'eye_to_m' => 1.8, 'spectacles' => 90, 'seated' => 6, 'low_vision' => 2, 'methods' => [Method::Glasses, Method::Projection, Method::PhaseStrip]],
            ['name' => 'Astronomy club', 'people' => 18, 'band' => AgeBand::Adult, 'eye_from_m' => 1.45, 'eye_to_m' => 1.8, 'spectacles' => 9, 'methods' => [Method::Telescope]],
        ]);
    }

    /** A school's afternoon. */
    public static function schoolAfternoon(Event $event): void
    {
        $event->update(['policy' => Policy::Glasses]);
        $event->audienceGroups()->createMany([
            ['name' => 'Class 5B', 'people' => 26, 'band' => AgeBand::Child, 'eye_from_m' => 1.25, 'eye_to_m' => 1.45, 'spectacles' => 5, 'methods' => [Method::Mirror, Method::Box]],
            ['name' => 'Class 1A', 'people' => 23, 'band' => AgeBand::YoungChild, 'eye_from_m' => 1.0, 'eye_to_m' => 1.2, 'spectacles' => 2, 'peeks' => true, 'methods' => [Method::Box, Method::Card]],
            ['name' => 'Teachers and parents', 'people' => 12, 'band' => AgeBand::Adult, 'eye_from_m' => 1.5, 'eye_to_m' => 1.8, 'spectacles' => 6, 'methods' => [Method::Glasses]],
        ]);
    }
}
