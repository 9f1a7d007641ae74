<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Three readings of a light meter through one of a lot, as they were read. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('meter_readings', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('lot_id')->constrained();
            $table->string('name', 60);
            foreach (['dark_lx', 'open_lx', 'behind_lx', 'resolution_lx', 'accuracy_percent'] as $column) {
                $table->double($column);
            }
            $table->foreignId('read_by')->constrained('users');
            $table->timestampsTz();
            $table->softDeletesTz();
            $table->index('lot_id');
        });
        DB::statement('alter table meter_readings add check (dark_lx between 0 and 200000), add check (open_lx between 0 and 200000), add check (behind_lx between 0 and 200000), add check (resolution_lx between 0.0001 and 100), add check (accuracy_percent between 0 and 50)');
    }

    public function down(): void
    {
        Schema::drop('meter_readings');
    }
};
