<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What people fill in by a form: a row knows the form that made it, so that one sent twice makes one row, and counts its
 * versions, so that nobody changes what they have not seen.
 */
return new class extends Migration {
    /** What a form fills in; anything else (a plan drawn, a row removed or brought back) is no new version. */
    private const FIELDS = [
        'events' => 'title, eclipse_date, place_name, lat, lon, height_m, timezone',
        'lots' => 'label, pairs, maker_name, maker_address, printed_standard, instructions, warnings, expires_on, origin, test_report',
        'viewers' => 'name, distance_mm, hole_mm, screen_side',
    ];

    public function up(): void
    {
        DB::unprepared(<<<'SQL'
            create function count_version() returns trigger language plpgsql as $$
            begin
                new.version := old.version + 1;
                return new;
            end $$;
            SQL);
        foreach (self::FIELDS as $name => $fields) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->uuid()->unique()->default(DB::raw('gen_random_uuid()'));
                $table->integer('version')->default(1);
            });
            DB::unprepared("create trigger count_version before update of {$fields} on {$name} for each row execute function count_version()");
        }
        // Named like the constraint that it is, so that it can be told from others.
        DB::unprepared(<<<'SQL'
            create or replace function refuse_tag_outside_lot() returns trigger language plpgsql as $$
            begin
                if new.level <> 'void' and new.tag > (select pairs from lots where id = new.lot_id for share) then
                    raise exception 'tag % violates constraint "tag_within_lot"', new.tag using errcode = 'check_violation';
                end if;
                return new;
            end $$;
            create or replace function refuse_lot_below_tags() returns trigger language plpgsql as $$
            begin
                if exists (select from pair_checks as c where c.lot_id = new.id and c.tag > new.pairs and c.level <> 'void'
                        and not exists (select from pair_checks as later where later.corrects_id = c.id)) then
                    raise exception '% pairs violate constraint "tags_within_lot"', new.pairs using errcode = 'check_violation';
                end if;
                return new;
            end $$;
            SQL);
    }

    public function down(): void
    {
        foreach (array_keys(self::FIELDS) as $name) {
            DB::unprepared("drop trigger count_version on {$name}");
            Schema::table($name, static fn(Blueprint $table) => $table->dropColumn(['uuid', 'version']));
        }
        DB::unprepared('drop function count_version()');
    }
};
