<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Day\DayEntry;
use App\Models\Day\Rehearsal;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotHold;
use App\Models\Eyewear\StockEntry;
use App\Models\Logbook\Incident;
use App\Models\Photo\FilterCheck;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Models\Training\TrainingResult;
use App\Models\Viewers\ViewerTrial;
use Database\Seeders\DemoPlans;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Logbook\WithLogger;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What must never break is guarded by PostgreSQL itself: twice, by who may and by triggers that hold for the owner, too. */
final class DatabaseTest extends TestCase
{
    use RefreshDatabase;
    use WithLogger;

    private const APPEND_ONLY = ['day_entries', 'filter_checks', 'filter_tests', 'incidents', 'instrument_logs', 'lot_holds', 'pair_checks', 'plan_revisions', 'rehearsals', 'sheet_revisions', 'stock_moves', 'training_results', 'viewer_trials'];

    /** @return iterable<string, array{string}> */
    public static function forbidden(): iterable
    {
        foreach (self::APPEND_ONLY as $table) {
            yield "update of {$table}" => ["update {$table} set id = id"];
            yield "delete from {$table}" => ["delete from {$table}"];
            yield "truncate of {$table}" => ["truncate {$table} cascade"];
            yield "trigger of {$table} dropped" => ["drop trigger append_only on {$table}"];
            yield "triggers of {$table} switched off" => ["alter table {$table} disable trigger all"];
            yield "{$table} dropped" => ["drop table {$table} cascade"];
        }
        yield 'triggers switched off for the session' => ["set session_replication_role = 'replica'"];
        yield 'the function behind the triggers' => ['create or replace function refuse_change() returns trigger language plpgsql as $$ begin return new; end $$'];
        yield 'a table of its own' => ['create table mine (id int)'];
        yield 'a schema of its own' => ['create schema mine'];
        yield 'a column more' => ['alter table events add column x int'];
        yield 'a constraint less' => ['alter table lots drop constraint lots_pairs_check'];
        yield 'the gazetteer' => ["update places set timezone = 'UTC'"];
        yield 'the catalogue' => ['delete from catalogue_eclipses'];
        yield 'another role' => ['set role owner'];
        yield 'a file of the server' => ["copy events to '/tmp/events'"];
        yield 'a program of the server' => ["copy events to program 'cat'"];
    }

    #[DataProvider('forbidden')]
    public function testTheApplicationsRoleMayNot(string $statement): void
    {
        $this->expectException(QueryException::class);
        $this->expectExceptionMessageMatches('/permission denied|must be owner|Insufficient privilege/');
        DB::statement($statement);
    }

    /** @return iterable<string, array{string}> */
    public static function changes(): iterable
    {
        foreach (self::APPEND_ONLY as $table) {
            yield "update of {$table}" => ["update {$table} set id = id"];
            yield "delete from {$table}" => ["delete from {$table}"];
            yield "truncate of {$table}" => ["truncate {$table} cascade"];
        }
    }

    #[DataProvider('changes')]
    public function testNotEvenTheOwnerChangesTheRecordByAccident(string $statement): void
    {
        DB::setDefaultConnection('owner');
        DB::beginTransaction();
        try {
            $user = $this->member();
            DemoPlans::schoolYard($event = $this->eventOf($user), $user);
            $event->sheetRevisions()->create(['sheet' => Sheet::blank()]);
            $lot = Lot::factory()->create(['organisation_id' => $user->organisation_id]);
            $lot->pairChecks()->create(['uuid' => Str::uuid()->toString(), 'tag' => 1, 'faults' => [], 'event_id' => $event->id, 'occasion' => 'arrival', 'checked_by' => $user->id, 'checked_at' => now()]);
            StockEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'lot_id' => $lot->id, 'what' => 'destroyed', 'pairs' => 1, 'tag' => 2, 'how' => 'cut', 'moved_by' => $user->id, 'moved_at' => now()]);
            $viewer = $event->viewers()->create(['name' => 'Box', 'design' => DesignRecord::read(['build' => 'box'], isWhole: false)]);
            ViewerTrial::query()->create(['uuid' => Str::uuid()->toString(), 'viewer_id' => $viewer->id, 'design' => $viewer->design, 'tried_on' => '2027-01-01', 'image_mm' => 2.8, 'uncertainty_mm' => 0.5, 'tried_by' => $user->id]);
            $played = Rehearsal::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'from_at' => now(), 'begun_at' => now(), 'speed' => 60, 'is_for_all' => true, 'begun_by' => $user->id, 'who' => $user->name]);
            DayEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'rehearsal_id' => $played->id, 'kind' => 'note', 'made_by' => $user->id, 'who' => $user->name, 'made_at' => now()]);
            self::loggerOf($event, $user);
            LotHold::query()->create(['uuid' => Str::uuid()->toString(), 'lot_id' => $lot->id, 'event_id' => $event->id, 'why' => 'It', 'made_by' => $user->id]);
            $filter = KitItem::makeOnce(Str::uuid()->toString(), ['organisation_id' => $user->organisation_id, 'kind' => 'filter', 'name' => 'Film', 'item' => ['make' => 'visual_front', 'seat' => 'front', 'fixing' => 'taped']]);
            FilterCheck::makeOnce(Str::uuid()->toString(), ['filter_id' => $filter->id, 'flaws' => [], 'checked_by' => $user->id]);
            FilterTest::makeOnce(Str::uuid()->toString(), ['filter_id' => $filter->id, 'f_number' => 8, 'iso' => 100, 'exposure_s' => 0.004, 'histogram' => 0.75, 'taken_at' => now(), 'lat' => 36.5, 'lon' => -6.3, 'made_by' => $user->id]);
            TrainingResult::query()->create(['uuid' => Str::uuid()->toString(), 'organisation_id' => $user->organisation_id, 'event_id' => $event->id, 'user_id' => $user->id, 'exercise' => 'scene', 'about' => 'gust', 'given' => ['chosen' => [0]], 'done_at' => now()]);
            Incident::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $event->id, 'happened_at' => now(), 'within_s' => 60, 'what' => 'It', 'place' => '', 'done' => '', 'seen_by' => '', 'method' => 'telescope', 'instrument' => '', 'made_by' => $user->id]);
            $this->expectException(QueryException::class);
            $this->expectExceptionMessage('never changed or deleted');
            DB::statement($statement);
        } finally {
            DB::rollBack();
            DB::setDefaultConnection('pgsql');
        }
    }

    /** Every table that people's entries go to is either append-only or counted here, so that none is forgotten. */
    public function testEveryTableHasTheRightsItNeedsAndNoMore(): void
    {
        $rights = DB::select("select relname as name, has_table_privilege(oid, 'insert') as adds, has_table_privilege(oid, 'update') or has_table_privilege(oid, 'delete') as changes, has_table_privilege(oid, 'truncate') as empties
            from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace order by relname");
        $of = [];
        foreach ($rights as $row) {
            /** @var \stdClass&object{name: string, adds: bool, changes: bool, empties: bool} $row */
            self::assertFalse($row->empties, $row->name);
            $of[$row->changes ? 'changed' : ($row->adds ? 'added to' : 'read')][] = $row->name;
        }
        self::assertSame(['day_entries', 'filter_checks', 'filter_tests', 'incidents', 'instrument_logs', 'lot_holds', 'pair_checks', 'plan_revisions', 'rehearsals', 'sheet_revisions', 'stock_moves', 'stored_files', 'training_results', 'viewer_trials'], $of['added to'] ?? []);
        self::assertSame(['catalogue_eclipses', 'migrations', 'place_names', 'places', 'reference_data', 'region_names'], $of['read'] ?? []);
        self::assertSame(['after_ticks', 'audience_groups', 'audience_stations', 'bundled_files', 'bundled_places', 'cache', 'cache_locks', 'duties', 'event_reports', 'events', 'eye_reminders', 'eye_reports', 'failed_jobs', 'helpers', 'jobs', 'kit_items', 'listed_places', 'log_pictures', 'lot_files', 'lot_scans', 'lots', 'meter_readings', 'organisations', 'photo_plans', 'place_bundles', 'place_lists', 'position_readings', 'queue_cards', 'sessions', 'sheet_templates', 'suppliers', 'ticked_supplies', 'trays', 'users', 'viewers'], $of['changed'] ?? []);
    }
}
