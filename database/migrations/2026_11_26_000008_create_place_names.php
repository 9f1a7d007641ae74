<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What towns and regions are called in many languages, folded for the search: no accents, no punctuation, "St." as
 * "Saint". Filled by Database\Seeders\ReferenceSeeder.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            drop table places;
            create or replace function fold(t text) returns text language sql immutable strict parallel safe as $$
                select btrim(regexp_replace(regexp_replace(regexp_replace(
                    lower(public.unaccent('public.unaccent'::regdictionary, t)),
                    '[.''’‘ʻʼ`´]', '', 'g'), '[^[:alnum:]]+', ' ', 'g'), '\m(st|sankt|sint)\M', 'saint', 'g'))
            $$;
            create table places (
                id integer primary key,
                name text not null,
                region text not null,
                country char(2) not null,
                lat double precision not null check (lat between -90 and 90),
                lon double precision not null check (lon between -180 and 180),
                population integer not null,
                timezone text not null
            );
            create index places_grid on places (floor(lat), floor(lon));
            create table place_names (
                place_id integer not null references places on delete cascade,
                name text not null,
                population integer not null,
                folded text not null generated always as (fold(name)) stored
            );
            create index place_names_place on place_names (place_id);
            create index place_names_trigrams on place_names using gin (folded gin_trgm_ops);
            create index place_names_prefix on place_names (folded text_pattern_ops, population desc);
            create table region_names (
                country char(2) not null,
                region text not null,
                name text not null,
                folded text not null generated always as (fold(name)) stored
            );
            create index region_names_region on region_names (country, region);
            delete from reference_data where name = 'places';
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('drop table place_names, region_names');
    }
};
