<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The catalogue of eclipses and the gazetteer, filled by Database\Seeders\ReferenceSeeder from files of the repository. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('reference_data', function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->char('sha256', 64);
            $table->timestampTz('loaded_at')->useCurrent();
        });
        Schema::create('catalogue_eclipses', function (Blueprint $table): void {
            $table->id();
            $table->string('body', 4);
            $table->date('date');
            $table->string('kind', 10);
            $table->timestampTz('greatest_at', 3);
            $table->jsonb('numbers');
            $table->unique(['body', 'date']);
            $table->index(['body', 'greatest_at']);
        });
        DB::statement("alter table catalogue_eclipses add check (body in ('sun', 'moon'))");

        DB::unprepared(<<<'SQL'
            create extension if not exists pg_trgm;
            create extension if not exists unaccent;
            create function fold(t text) returns text language sql immutable strict parallel safe
                as $$ select lower(public.unaccent('public.unaccent'::regdictionary, t)) $$;
            create table places (
                id serial primary key,
                name text not null,
                region text not null,
                country char(2) not null,
                lat double precision not null check (lat between -90 and 90),
                lon double precision not null check (lon between -180 and 180),
                population integer not null,
                timezone text not null,
                folded text not null generated always as (fold(name)) stored
            );
            create index places_trigrams on places using gin (folded gin_trgm_ops);
            create index places_prefix on places (folded text_pattern_ops, population desc);
            -- A slip or two still counts as alike; the usual 0.3 would have thousands of names looked at.
            do $$ begin execute format('alter database %I set pg_trgm.similarity_threshold = 0.42', current_database()); end $$;
            create index places_grid on places (floor(lat), floor(lon));
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop table places; drop function fold(text)');
        Schema::drop('catalogue_eclipses');
        Schema::drop('reference_data');
    }
};
