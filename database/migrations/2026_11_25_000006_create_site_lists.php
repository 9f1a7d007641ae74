<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Many sites of one event's eclipse, such as the schools of a district. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('site_lists', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->integer('size');
            $table->timestampsTz();
        });
        Schema::create('sites', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_list_id')->constrained()->cascadeOnDelete();
            $table->integer('position');
            $table->string('name', 200);
            $table->double('lat');
            $table->double('lon');
            $table->double('height_m');
            $table->string('timezone', 64)->nullable();
            $table->string('kind', 10)->nullable();
            foreach (['c1', 'c2', 'max_at', 'c3', 'c4'] as $contact) {
                $table->timestampTz($contact, 3)->nullable();
            }
            $table->double('magnitude')->nullable();
            $table->double('obscuration')->nullable();
            $table->double('altitude_deg')->nullable();
            $table->double('azimuth_deg')->nullable();
            $table->double('duration_s')->nullable();
            $table->boolean('is_seen')->nullable();
            $table->timestampTz('computed_at')->nullable();
            $table->unique(['site_list_id', 'position']);
        });
        DB::statement('alter table sites
            add check (lat between -90 and 90), add check (lon between -180 and 180), add check (height_m between -500 and 10000)');
        Schema::table('jobs', function (Blueprint $table): void {
            $table->index(['queue', 'reserved_at', 'available_at']);
        });
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropIndex(['queue', 'reserved_at', 'available_at']);
        });
        Schema::drop('sites');
        Schema::drop('site_lists');
    }
};
