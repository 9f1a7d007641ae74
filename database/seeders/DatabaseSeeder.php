<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\Organisation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Viewers\ScreenSide;

/**
 * The demo: a made-up organisation on the bay of Cádiz and its three eclipses. Everything in it is invented.
 * The catalogue and the gazetteer come first; the demo is left alone where there is an organisation already.
 */
final class DatabaseSeeder extends Seeder
{
    private const HERE = ['place_name' => 'Cádiz, sea wall', 'lat' => 36.5297, 'lon' => -6.2926, 'height_m' => 10, 'timezone' => 'Europe/Madrid'];

    public function run(): void
    {
        $this->call(ReferenceSeeder::class);
        if (Organisation::query()->exists()) {
            return;
        }
        $organisation = Organisation::query()->create(['name' => 'Marea Baja Science Rooms (demo)', 'is_demo' => true]);
        $person = fn(string $name, string $called, Role $role): User => User::query()->create([
            'organisation_id' => $organisation->id,
            'name' => $called,
            'email' => "{$name}@marea-baja.example",
            'password' => config('demo.password'),
            'role' => $role,
        ]);
        $organiser = $person('organiser', 'Inés Duna', Role::Organiser);
        $checker = $person('checker', 'Bruno Sal', Role::Checker);
        $person('helper', 'Nora Brisa', Role::Helper);

        $event = fn(string $title, string $date): Event => Event::query()->create(self::HERE + ['organisation_id' => $organisation->id, 'title' => $title, 'eclipse_date' => $date]);
        $event('Evening crescent on the beach', '2026-08-12');
        $total = $event('Totality on the sea wall', '2027-08-02');
        $ring = $event('Ring of fire, class 5B', '2028-01-26');
        $ring->update(['place_name' => 'Salt Pan School, yard', 'lat' => 36.5172, 'lon' => -6.2781, 'height_m' => 6]);
        DemoPlans::promenade($total, $organiser);
        DemoPlans::schoolYard($ring, $organiser);
        DemoAudience::publicMorning($total);
        DemoAudience::schoolAfternoon($ring);
        $total->viewers()->createMany([
            ['name' => 'Shoe box', 'distance_mm' => 300, 'hole_mm' => 0.6, 'screen_side' => ScreenSide::Front],
            ['name' => 'Long tube', 'distance_mm' => 900, 'hole_mm' => 1.2, 'screen_side' => ScreenSide::Behind],
            ['name' => 'Pencil hole in a cereal box', 'distance_mm' => 280, 'hole_mm' => 6, 'screen_side' => ScreenSide::Front],
        ]);

        $papers = ['organisation_id' => $organisation->id, 'maker_name' => Stated::Yes, 'maker_address' => Stated::Yes, 'instructions' => Stated::Yes, 'warnings' => Stated::Yes];
        $good = Lot::query()->create($papers + [
            'label' => 'Gaviota 27-A', 'pairs' => 400, 'printed_standard' => PrintedStandard::Iso12312,
            'origin' => Origin::CheckedSupplier, 'test_report' => TestReport::ProductAndBatch,
        ]);
        Lot::query()->create($papers + [
            'label' => 'Left from August 2026', 'pairs' => 60, 'printed_standard' => PrintedStandard::Iso12312,
            'origin' => Origin::Maker, 'test_report' => TestReport::ProductOnly,
        ]);
        Lot::query()->create([
            'organisation_id' => $organisation->id, 'label' => 'Box without a name', 'pairs' => 100,
            'maker_name' => Stated::No, 'maker_address' => Stated::No, 'printed_standard' => PrintedStandard::LogoOnly,
            'instructions' => Stated::No, 'warnings' => Stated::Unsure, 'origin' => Origin::WebShop, 'test_report' => TestReport::None,
        ]);
        $this->lookOver($good, $checker, $total);
    }

    /** Some of the good lot has been looked over; a few pairs have something. */
    private function lookOver(Lot $lot, User $checker, Event $event): void
    {
        $found = [7 => [PairFault::Scratch], 19 => [PairFault::Dirt], 23 => [PairFault::Crease, PairFault::FilmLifting]];
        for ($tag = 1; $tag <= 36; ++$tag) {
            $faults = $found[$tag] ?? [];
            PairCheck::query()->create([
                'uuid' => Str::uuid7()->toString(),
                'lot_id' => $lot->id,
                'tag' => $tag,
                'faults' => $faults,
                'event_id' => $event->id,
                'occasion' => Occasion::Arrival,
                'checked_by' => $checker->id,
                'checked_at' => now()->subDays(3)->addSeconds(12 * $tag),
                'corrects_id' => null,
            ]);
        }
    }
}
