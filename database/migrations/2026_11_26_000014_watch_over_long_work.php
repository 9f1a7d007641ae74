<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Work that failed for good says so; an event has one reading at a time; the form of a list makes one list. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('place_lists', static function (Blueprint $table): void {
            $table->timestampTz('failed_at')->nullable();
            $table->uuid()->unique()->default(DB::raw('gen_random_uuid()'));
            $table->char('content', 64)->nullable();
        });
        DB::unprepared(<<<'SQL'
            update position_readings set ended_at = updated_at where ended_at is null;
            create unique index position_readings_going_on on position_readings (event_id) where ended_at is null;
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop index position_readings_going_on');
        Schema::table('place_lists', static fn(Blueprint $table) => $table->dropColumn(['failed_at', 'uuid', 'content']));
    }
};
