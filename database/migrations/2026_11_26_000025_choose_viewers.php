<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** How many of a design are to be built for the event, and how many are: a design of which none are wanted is one that was tried out. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared('alter table viewers add column wanted integer not null default 0 check (wanted between 0 and 1000), add column built integer not null default 0 check (built between 0 and 1000)');
    }

    public function down(): void
    {
        DB::unprepared('alter table viewers drop column wanted, drop column built');
    }
};
