<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\Supplier;
use App\Models\Organisation;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Models\Role;
use App\Models\User;
use App\Models\Viewers\Viewer;
use Database\Seeders\ReferenceSeeder;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Foundation\Testing\WithCachedRoutes;
use Illuminate\Support\Str;
use RuntimeException;

abstract class TestCase extends LaravelTestCase
{
    use WithCachedConfig;
    use WithCachedRoutes;

    /** Catalogue and gazetteer, loaded once with the migrations. */
    protected string $seeder = ReferenceSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** @return array<array-key, mixed> */
    protected function setUpTraits(): array
    {
        // The tests empty their database: never that of the running application.
        $database = config('database.connections.pgsql.database');
        if (!is_string($database) || !str_starts_with($database, 'shadow_test')) {
            throw new RuntimeException('Run the tests through bin/test: they need a database of their own.');
        }

        return parent::setUpTraits();
    }

    protected function member(Role $role = Role::Organiser, ?Organisation $organisation = null): User
    {
        return User::factory()->role($role)->create($organisation === null ? [] : ['organisation_id' => $organisation->id]);
    }

    /** @return array{uuid: string} what a form for something new carries */
    protected static function newForm(): array
    {
        return ['uuid' => Str::uuid7()->toString()];
    }

    /** @return array{version: int} what a form carries that was made from a row as it is now */
    protected static function formOf(AudienceGroup|Event|KitItem|Lot|PhotoPlan|Supplier|Viewer $row): array
    {
        return ['version' => $row->refresh()->version];
    }

    /** @param array<string, mixed> $fields */
    protected function eventOf(User $user, array $fields = []): Event
    {
        return Event::factory()->create(['organisation_id' => $user->organisation_id] + $fields);
    }
}
