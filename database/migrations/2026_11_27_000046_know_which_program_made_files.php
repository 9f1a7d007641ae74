<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Files of many places say the rules of the program that made them: of another version they are made again. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("
            alter table place_bundles add column version char(64) not null default '';
            alter table place_bundles alter column version drop default");
    }

    public function down(): void
    {
        DB::unprepared('alter table place_bundles drop column version');
    }
};
