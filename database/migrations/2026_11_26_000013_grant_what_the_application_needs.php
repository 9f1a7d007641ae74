<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The application's role owns nothing: it reads and writes rows. Of append-only tables it only adds some, and reference
 * data it only reads. A later migration that makes such a table takes the rights away in the same way.
 */
return new class extends Migration {
    private const APPEND_ONLY = 'pair_checks, plan_revisions';
    private const READ_ONLY = 'reference_data, catalogue_eclipses, places, place_names, region_names, migrations';

    public function up(): void
    {
        $role = $this->role();
        $tables = [self::APPEND_ONLY, self::READ_ONLY];
        DB::unprepared("
            grant usage on schema public to {$role};
            grant select, insert, update, delete on all tables in schema public to {$role};
            grant usage, select on all sequences in schema public to {$role};
            alter default privileges in schema public grant select, insert, update, delete on tables to {$role};
            alter default privileges in schema public grant usage, select on sequences to {$role};
            revoke update, delete on {$tables[0]} from {$role};
            revoke insert, update, delete on {$tables[1]} from {$role};
        ");
    }

    public function down(): void
    {
        $role = $this->role();
        DB::unprepared("
            alter default privileges in schema public revoke all on tables from {$role};
            alter default privileges in schema public revoke all on sequences from {$role};
            revoke all on all tables in schema public from {$role};
            revoke all on all sequences in schema public from {$role};
            revoke usage on schema public from {$role};
        ");
    }

    /** Its name, quoted. */
    private function role(): string
    {
        return '"' . str_replace('"', '""', config()->string('database.connections.pgsql.username')) . '"';
    }
};
