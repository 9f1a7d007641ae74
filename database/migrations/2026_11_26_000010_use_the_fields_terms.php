<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Columns and tables by the names that the code has for them. */
return new class extends Migration {
    private const COLUMNS = [
        ['position_readings', 'doubt_m', 'uncertainty_m'],
        ['sites', 'site_list_id', 'place_list_id'],
    ];
    private const TABLES = ['site_lists' => 'place_lists', 'sites' => 'listed_places'];

    public function up(): void
    {
        foreach (self::COLUMNS as [$table, $from, $to]) {
            Schema::table($table, static fn(Blueprint $t) => $t->renameColumn($from, $to));
        }
        foreach (self::TABLES as $from => $to) {
            Schema::rename($from, $to);
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $from => $to) {
            Schema::rename($to, $from);
        }
        foreach (self::COLUMNS as [$table, $from, $to]) {
            Schema::table($table, static fn(Blueprint $t) => $t->renameColumn($to, $from));
        }
    }
};
