<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('organisations', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->boolean('is_demo')->default(false);
            $table->timestampsTz();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('organisation_id')->constrained();
            $table->string('name', 120);
            $table->string('email')->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->rememberToken();
            $table->timestampsTz();
        });
        DB::statement("alter table users add check (role in ('organiser', 'checker', 'helper'))");

        Schema::create('events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('organisation_id')->constrained();
            $table->string('title', 120);
            $table->date('eclipse_date');
            $table->string('place_name', 120);
            $table->double('lat');
            $table->double('lon');
            $table->double('height_m');
            $table->string('timezone', 64);
            $table->timestampsTz();
            $table->index(['organisation_id', 'eclipse_date']);
        });
        DB::statement('alter table events
            add check (lat between -90 and 90), add check (lon between -180 and 180), add check (height_m between -500 and 10000)');
    }

    public function down(): void
    {
        Schema::drop('events');
        Schema::drop('users');
        Schema::drop('organisations');
    }
};
