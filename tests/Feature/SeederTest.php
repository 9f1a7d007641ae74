<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Eyewear\PairCheck;
use App\Models\Organisation;
use App\Models\Sky\CatalogueEclipse;
use Database\Seeders\DatabaseSeeder;
use Database\Seeders\ReferenceSeeder;
use Illuminate\Support\Facades\DB;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class SeederTest extends TestCase
{
    use RefreshDatabase;

    public function testTheDemoIsFilledInOnceAndIsMarkedAsADemo(): void
    {
        config(['demo.password' => 'a demo password']);
        $this->seed(DatabaseSeeder::class);
        $this->seed(DatabaseSeeder::class);

        self::assertSame(1, Organisation::query()->count());
        self::assertTrue(Organisation::query()->firstOrFail()->is_demo);
        self::assertSame(['2026-08-12', '2027-08-02', '2028-01-26'], Event::query()->orderBy('eclipse_date')->get()->map(static fn(Event $e): string => $e->eclipse_date->format('Y-m-d'))->all());
        self::assertSame(36, PairCheck::query()->count());

        $this->post('/login', ['email' => 'organiser@marea-baja.example', 'password' => 'a demo password'])->assertRedirect('/');
        $this->travelTo('2026-11-25');
        $this->get('/')->assertSee('A demo')->assertSeeInOrder(['Totality 2 min 53 s', 'A ring for 6 min 39', 'Partial: 93.1 %']);
    }

    /** The counts of core/data; loading again touches nothing while the files are the same. */
    public function testTheCatalogueIsLoadedOnce(): void
    {
        $before = DB::table('reference_data')->orderBy('name')->get()->toArray();
        $this->seed(ReferenceSeeder::class);

        self::assertEquals($before, DB::table('reference_data')->orderBy('name')->get()->toArray());
        self::assertSame(687, CatalogueEclipse::query()->where('body', CatalogueEclipse::SUN)->count());
        self::assertSame(695, CatalogueEclipse::query()->where('body', CatalogueEclipse::MOON)->count());

        // Written by who owns it, and only by them.
        DB::setDefaultConnection('owner');
        DB::beginTransaction();
        DB::table('reference_data')->where('name', 'lunar eclipses')->update(['sha256' => str_repeat('0', 64)]);
        $this->seed(ReferenceSeeder::class);
        self::assertSame(695, CatalogueEclipse::query()->where('body', CatalogueEclipse::MOON)->count());
        DB::rollBack();
        DB::setDefaultConnection('pgsql');
    }
}
