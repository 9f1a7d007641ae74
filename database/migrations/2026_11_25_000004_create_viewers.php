<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('viewers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->double('distance_mm');
            $table->double('hole_mm');
            $table->string('screen_side', 10);
            $table->timestampsTz();
            $table->unique(['event_id', 'name']);
        });
        DB::statement("alter table viewers
            add check (distance_mm between 100 and 30000), add check (hole_mm between 0.1 and 50),
            add check (screen_side in ('front', 'behind'))");
    }

    public function down(): void
    {
        Schema::drop('viewers');
    }
};
