<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is removed is marked, not lost; and towns can be found by the name that stands in a form. */
return new class extends Migration {
    private const TABLES = ['events', 'viewers', 'site_lists'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->softDeletesTz());
        }
        DB::unprepared(<<<'SQL'
            alter table viewers drop constraint viewers_event_id_name_unique;
            create unique index viewers_name on viewers (event_id, name) where deleted_at is null;
            create index places_name on places (name);
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop index places_name; drop index viewers_name; alter table viewers add constraint viewers_event_id_name_unique unique (event_id, name)');
        foreach (self::TABLES as $name) {
            Schema::table($name, static fn(Blueprint $table) => $table->dropSoftDeletesTz());
        }
    }
};
