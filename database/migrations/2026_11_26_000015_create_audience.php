<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who comes, as groups and never as names, and what the organiser has decided of how they look. */
return new class extends Migration {
    private const EVENT_FIELDS = 'title, eclipse_date, place_name, lat, lon, height_m, timezone';

    public function up(): void
    {
        Schema::table('events', static fn(Blueprint $table) => $table->string('policy', 20)->nullable());
        Schema::create('audience_groups', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique()->default(DB::raw('gen_random_uuid()'));
            $table->integer('version')->default(1);
            $table->foreignId('event_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->integer('people');
            $table->string('band', 20);
            $table->double('eye_from_m');
            $table->double('eye_to_m');
            $table->integer('spectacles')->default(0);
            $table->integer('seated')->default(0);
            $table->integer('low_vision')->default(0);
            $table->boolean('peeks')->default(false);
            $table->timestampsTz();
            $table->softDeletesTz();
        });
        DB::unprepared("
            alter table events add check (policy in ('indirect_only', 'glasses', 'banner', 'mixed'));
            alter table audience_groups
                add check (people between 1 and 20000), add check (band in ('young_child', 'child', 'teen', 'adult', 'all_ages')),
                add check (eye_from_m between 0.4 and 2.2), add check (eye_to_m between eye_from_m and 2.2),
                add check (spectacles between 0 and people), add check (seated between 0 and people), add check (low_vision between 0 and people);
            create unique index audience_groups_name on audience_groups (event_id, name) where deleted_at is null;
            create trigger count_version before update of name, people, band, eye_from_m, eye_to_m, spectacles, seated, low_vision, peeks on audience_groups
                for each row execute function count_version();
            drop trigger count_version on events;
            create trigger count_version before update of " . self::EVENT_FIELDS . ', policy on events for each row execute function count_version()');
    }

    public function down(): void
    {
        Schema::drop('audience_groups');
        DB::unprepared('drop trigger count_version on events; create trigger count_version before update of ' . self::EVENT_FIELDS . ' on events for each row execute function count_version()');
        Schema::table('events', static fn(Blueprint $table) => $table->dropColumn('policy'));
    }
};
