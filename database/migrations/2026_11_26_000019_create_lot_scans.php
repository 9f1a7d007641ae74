<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Scans of a lot's lenses: the readings as the instrument gave them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('lot_scans', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('lot_id')->constrained();
            $table->string('name', 60);
            $table->string('lens', 10);
            $table->string('unit', 30);
            $table->jsonb('readings');
            $table->foreignId('uploaded_by')->constrained('users');
            $table->timestampsTz();
            $table->softDeletesTz();
            $table->index('lot_id');
        });
        DB::statement("alter table lot_scans add check (lens in ('right', 'left')), add check (unit in ('transmittance', 'transmittance_percent', 'optical_density')),
            add check (jsonb_typeof(readings) = 'array' and jsonb_array_length(readings) between 1 and 5000)");
    }

    public function down(): void
    {
        Schema::drop('lot_scans');
    }
};
