<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The address of an event's page for everybody; none while it is closed. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("alter table events add column public_key varchar(10) unique check (public_key ~ '^[0-9a-f]{10}$')");
    }

    public function down(): void
    {
        DB::unprepared('alter table events drop column public_key');
    }
};
