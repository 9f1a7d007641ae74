<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Site\EventPlan;
use App\Models\Event;
use App\Models\User;
use Illuminate\Database\Seeder;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** The largest plan that is taken, for measuring: as many houses as may be, of as many corners, under a horizon of as many points. */
final class LargestPlan extends Seeder
{
    private const CORNERS = 200;

    public function run(): void
    {
        $user = User::query()->where('role', 'organiser')->orderBy('id')->firstOrFail();
        $event = Event::query()->create(['organisation_id' => $user->organisation_id, 'title' => 'The largest plan', 'eclipse_date' => '2028-01-26', 'place_name' => 'Yard', 'lat' => 36.5172, 'lon' => -6.2781, 'height_m' => 6, 'timezone' => 'Europe/Madrid']);
        EventPlan::of($event)->keep(self::plan(), null, $user);
    }

    public static function plan(): SitePlan
    {
        mt_srand(3);
        $things = [Thing::of(ThingKind::Audience, 'Crowd', [new PlanPoint(0, 0)], 1.4)];
        while (count($things) < SitePlan::MOST_THINGS) {
            $middle = new PlanPoint(mt_rand(-3000, 3000) / 10, mt_rand(-3000, 3000) / 10);
            $things[] = Thing::of(ThingKind::Building, 'House ' . count($things), array_map(static function (int $k) use ($middle): PlanPoint {
                $corner = $middle->travel(360 * $k / self::CORNERS, 5 + $k % 2);

                return new PlanPoint(round($corner->eastM, 2), round($corner->northM, 2));
            }, range(1, self::CORNERS)), mt_rand(20, 250) / 10);
        }
        $n = HorizonProfile::MOST_POINTS;

        return SitePlan::of($things, HorizonProfile::of(array_map(static fn(int $k): array => [360 * $k / $n, round(2 + sin($k / 30) + ($k % 7) * 0.1, 2)], range(0, $n - 1))), 0.5);
    }
}
