<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('organisation_id')->constrained();
            $table->string('label', 80);
            $table->integer('pairs');
            $table->string('maker_name', 10);
            $table->string('maker_address', 10);
            $table->string('printed_standard', 20);
            $table->string('instructions', 10);
            $table->string('warnings', 10);
            $table->date('expires_on')->nullable();
            $table->string('origin', 20);
            $table->string('test_report', 20);
            $table->timestampsTz();
            $table->unique(['organisation_id', 'label']);
        });
        DB::statement('alter table lots add check (pairs between 1 and 100000)');

        Schema::create('pair_checks', function (Blueprint $table): void {
            $table->id();
            $table->uuid()->unique();
            $table->foreignId('lot_id')->constrained();
            $table->integer('tag');
            $table->jsonb('faults');
            $table->string('level', 10);
            $table->foreignId('checked_by')->constrained('users');
            $table->timestampTz('checked_at');
            $table->foreignId('corrects_id')->nullable()->unique()->constrained('pair_checks');
            $table->index(['lot_id', 'tag']);
        });
        DB::statement("alter table pair_checks
            add check (tag >= 1), add check (jsonb_typeof(faults) = 'array'), add check (level in ('yes', 'hold', 'no', 'void')),
            add check (level <> 'void' or corrects_id is not null)");
        DB::unprepared(<<<'SQL'
            create function refuse_change() returns trigger language plpgsql as $$
            begin
                raise exception 'rows of % are never changed or deleted; write a correction', tg_table_name;
            end $$;
            create trigger append_only before update or delete on pair_checks
                for each row execute function refuse_change();
            create trigger append_only_truncate before truncate on pair_checks
                for each statement execute function refuse_change();
            SQL);
    }

    public function down(): void
    {
        Schema::drop('pair_checks');
        DB::unprepared('drop function refuse_change()');
        Schema::drop('lots');
    }
};
