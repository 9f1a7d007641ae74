<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Suppliers with who checked them; lots of every kind, each with the answers that fit it; files that belong to a lot. */
return new class extends Migration {
    private const GLASSES = "('card_glasses', 'plastic_glasses', 'close_fitting', 'face_shield', 'handheld_viewer')";
    private const WORN = "('card_glasses', 'plastic_glasses', 'close_fitting')";
    private const WELDING = "('welding_plate', 'welding_helmet')";
    private const MOUNTED = "('filter_film', 'front_filter')";
    private const FIELDS = 'label, pairs, maker_name, maker_address, printed_standard, instructions, warnings, expires_on, origin, test_report';

    public function up(): void
    {
        Schema::create('suppliers', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique()->default(DB::raw('gen_random_uuid()'));
            $table->integer('version')->default(1);
            $table->foreignId('organisation_id')->constrained();
            $table->string('name', 80);
            $table->string('standing', 20);
            $table->string('evidence', 1000)->nullable();
            $table->string('checked_by', 80)->nullable();
            $table->date('checked_on')->nullable();
            $table->timestampsTz();
            $table->unique(['organisation_id', 'name']);
            $table->unique(['organisation_id', 'id']);
        });
        DB::unprepared("
            alter table suppliers add check (standing in ('checked', 'not_checked', 'refused')),
                add check (standing = 'not_checked' or (evidence is not null and checked_by is not null and checked_on is not null));
            create trigger count_version before update of name, standing, evidence, checked_by, checked_on on suppliers for each row execute function count_version();
            insert into suppliers (uuid, organisation_id, name, standing, evidence, checked_by, checked_on, created_at, updated_at)
                select gen_random_uuid(), organisation_id, 'Suppliers checked before this register', 'checked', 'Each lot was entered as coming from a supplier that had been checked.', 'not recorded', max(updated_at)::date, now(), now()
                from lots where origin = 'checked_supplier' group by organisation_id");
        self::answers();

        Schema::create('stored_files', static function (Blueprint $table): void {
            $table->string('sha256', 64)->primary();
            $table->string('media_type', 40);
            $table->integer('bytes');
            $table->binary('content');
        });
        DB::statement("alter table stored_files add check (media_type in ('image/jpeg', 'image/png', 'image/webp', 'application/pdf')), add check (octet_length(content) = bytes)");
        DB::statement('revoke update, delete on stored_files from "' . str_replace('"', '""', config()->string('database.connections.pgsql.username')) . '"');
        Schema::create('lot_files', static function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('lot_id')->constrained();
            $table->string('name', 80);
            $table->string('sha256', 64)->index();
            $table->foreign('sha256')->references('sha256')->on('stored_files');
            $table->foreignId('uploaded_by')->constrained('users');
            $table->timestampsTz();
            $table->softDeletesTz();
            $table->index('lot_id');
        });
    }

    public function down(): void
    {
        Schema::drop('lot_files');
        Schema::drop('stored_files');
        DB::unprepared("
            drop trigger count_version on lots;
            alter table lots drop constraint lots_supplier_fits, drop constraint lots_answers_fit;
            update lots set origin = 'checked_supplier' where origin = 'supplier';
            update lots set maker_address = coalesce(maker_address, 'unsure'), printed_standard = coalesce(printed_standard, 'none'), instructions = coalesce(instructions, 'unsure'),
                warnings = coalesce(warnings, 'unsure'), test_report = coalesce(test_report, 'none');
            alter table lots alter maker_address set not null, alter printed_standard set not null, alter instructions set not null, alter warnings set not null, alter test_report set not null,
                drop column kind, drop column supplier_id, drop column made_for, drop column shade, drop column darkening, drop column lens_width_mm, drop column lens_height_mm,
                drop column over_spectacles, drop column blocks_side_light, drop column worn_by, drop column opening_mm;
            create trigger count_version before update of " . self::FIELDS . ' on lots for each row execute function count_version()');
        Schema::drop('suppliers');
    }

    /** An answer is there where the kind asks for it, and nowhere else. */
    private static function answers(): void
    {
        [$glasses, $worn, $welding, $mounted] = [self::GLASSES, self::WORN, self::WELDING, self::MOUNTED];
        DB::unprepared("
            alter table lots alter maker_address drop not null, alter printed_standard drop not null, alter instructions drop not null, alter warnings drop not null, alter test_report drop not null,
                add kind varchar(20) not null default 'card_glasses', add supplier_id bigint, add made_for varchar(20), add shade double precision, add darkening varchar(20),
                add lens_width_mm double precision, add lens_height_mm double precision, add over_spectacles varchar(10), add blocks_side_light varchar(10), add worn_by varchar(10), add opening_mm double precision,
                add foreign key (organisation_id, supplier_id) references suppliers (organisation_id, id);
            create index on lots (supplier_id);
            update lots set over_spectacles = 'unsure', blocks_side_light = 'unsure', worn_by = 'unsure';
            update lots set origin = 'supplier', supplier_id = (select s.id from suppliers as s where s.organisation_id = lots.organisation_id) where origin = 'checked_supplier';
            alter table lots alter kind drop default,
                add constraint lots_supplier_fits check ((origin = 'supplier') = (supplier_id is not null)),
                add constraint lots_answers_fit check (
                    kind in ('card_glasses', 'plastic_glasses', 'close_fitting', 'face_shield', 'handheld_viewer', 'welding_plate', 'welding_helmet', 'filter_film', 'front_filter', 'solar_binoculars')
                    and (kind in {$glasses}) = (printed_standard is not null) and (kind in {$glasses}) = (worn_by is not null) and (kind in {$glasses}) = (over_spectacles is not null)
                    and (kind in {$worn}) = (blocks_side_light is not null) and (kind in {$welding}) = (darkening is not null) and (kind in {$mounted}) = (made_for is not null)
                    and (kind in {$welding}) = (maker_address is null) and (kind in {$welding}) = (instructions is null) and (kind in {$welding}) = (warnings is null) and (kind in {$welding}) = (test_report is null)
                    and (kind in {$glasses} or (lens_width_mm is null and lens_height_mm is null)) and (kind in {$welding} or shade is null) and (kind in {$mounted} or opening_mm is null));
            drop trigger count_version on lots;
            create trigger count_version before update of " . self::FIELDS . ', kind, supplier_id, made_for, shade, darkening, lens_width_mm, lens_height_mm, over_spectacles, blocks_side_light, worn_by, opening_mm
                on lots for each row execute function count_version()');
    }
};
