<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Columns and tables by the names that the code has for them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('position_readings', static fn(Blueprint $table) => $table->renameColumn('doubt_m', 'uncertainty_m'));
    }

    public function down(): void
    {
        Schema::table('position_readings', static fn(Blueprint $table) => $table->renameColumn('uncertainty_m', 'doubt_m'));
    }
};
