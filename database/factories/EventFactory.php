<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Event;
use App\Models\Organisation;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Event> */
final class EventFactory extends Factory
{
    protected $model = Event::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'organisation_id' => Organisation::factory(),
            'title' => 'Totality on the sea wall',
            'eclipse_date' => '2027-08-02',
            'place_name' => 'Cádiz, Spain',
            'lat' => 36.5297,
            'lon' => -6.2926,
            'height_m' => 10,
            'timezone' => 'Europe/Madrid',
        ];
    }
}
