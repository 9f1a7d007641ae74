<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How it goes at the stations of an event, where that is other than usual; how groups come to them, and who goes first. */
return new class extends Migration {
    private const GROUP_FIELDS = 'name, people, band, eye_from_m, eye_to_m, spectacles, seated, low_vision, peeks, methods';

    public function up(): void
    {
        Schema::table('audience_groups', static function (Blueprint $table): void {
            $table->string('comes', 20)->default('evenly');
            $table->double('ahead_min')->nullable();
            $table->boolean('goes_first')->default(false);
        });
        Schema::create('audience_stations', static function (Blueprint $table): void {
            $table->id();
            $table->integer('version')->default(1);
            $table->foreignId('event_id')->constrained()->cascadeOnDelete();
            $table->string('method', 20);
            $table->string('place', 60)->nullable();
            $table->integer('places');
            $table->double('look_s');
            $table->double('spread_s');
            $table->double('hand_s');
            $table->timestampsTz();
            $table->unique(['event_id', 'method']);
        });
        DB::unprepared("
            alter table audience_groups add check (comes in ('evenly', 'at_once', 'burst')), add check (ahead_min between 0 and 600);
            alter table audience_stations
                add check (method in ('glasses', 'banner', 'card', 'mirror', 'projection', 'telescope', 'phase_strip')), add check (places between 1 and 5000),
                add check (look_s > 0 and look_s <= 3600), add check (spread_s between 0 and look_s), add check (hand_s between 0 and 3600);
            create trigger count_version before update of place, places, look_s, spread_s, hand_s on audience_stations for each row execute function count_version();
            drop trigger count_version on audience_groups;
            create trigger count_version before update of " . self::GROUP_FIELDS . ', comes, ahead_min, goes_first on audience_groups for each row execute function count_version()');
    }

    public function down(): void
    {
        Schema::drop('audience_stations');
        DB::unprepared('drop trigger count_version on audience_groups; create trigger count_version before update of ' . self::GROUP_FIELDS . ' on audience_groups for each row execute function count_version()');
        Schema::table('audience_groups', static fn(Blueprint $table) => $table->dropColumn(['comes', 'ahead_min', 'goes_first']));
    }
};
