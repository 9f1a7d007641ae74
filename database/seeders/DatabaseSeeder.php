<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use App\Models\Organisation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Seeder;

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
        $helper = $person('helper', 'Nora Brisa', Role::Helper);

        $event = fn(string $title, string $date): Event => Event::query()->create(self::HERE + ['organisation_id' => $organisation->id, 'title' => $title, 'eclipse_date' => $date]);
        $evening = $event('Evening crescent on the beach', '2026-08-12');
        $total = $event('Totality on the sea wall', '2027-08-02');
        $ring = $event('Ring of fire, class 5B', '2028-01-26');
        $ring->update(['place_name' => 'Salt Pan School, yard', 'lat' => 36.5172, 'lon' => -6.2781, 'height_m' => 6]);
        DemoPlans::promenade($total, $organiser);
        DemoPlans::schoolYard($ring, $organiser);
        DemoAudience::publicMorning($total);
        DemoAudience::schoolAfternoon($ring);
        DemoViewers::workshop($total, $ring, $organiser);
        DemoPhoto::cameras($total, $organiser, $checker);
        DemoRunSheets::write($total, $ring, $organiser);
        DemoTraining::crew($total);
        DemoDistrict::schools($ring);
        DemoLogbook::evening($evening, $organiser);
        DemoLogbook::lines($evening, $organiser, $helper);
        DemoEyewear::stock($organisation, $organiser, $checker, $total);
        DemoLogbook::incident($evening, $organiser);
        DemoLogbook::eyes($evening, $organiser);
        DemoLogbook::putAway($evening, $organiser);
        DemoLogbook::report($evening);
        DemoLogbook::picture($evening, $organiser);
    }
}
