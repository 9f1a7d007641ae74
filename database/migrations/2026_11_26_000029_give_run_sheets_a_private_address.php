<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Where a calendar asks for an event's run sheet without signing in: whoever has the address may, until it is taken back. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("alter table events add column calendar_key varchar(40) unique check (calendar_key ~ '^[0-9a-f]{40}$')");
    }

    public function down(): void
    {
        DB::unprepared('alter table events drop column calendar_key');
    }
};
