<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The site plan of an event. Every change is a new revision that points to the one it was made from; the event points to
 * the one that holds. Undo goes to the parent, redo to the newest child, and nothing that was drawn is ever lost.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('plan_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->constrained();
            $table->unsignedBigInteger('parent_id')->nullable();
            $table->foreignId('made_by')->nullable()->constrained('users');
            $table->jsonb('plan');
            $table->timestampTz('created_at');
            $table->unique(['id', 'event_id']);
            $table->index('parent_id');
        });
        Schema::table('events', function (Blueprint $table): void {
            $table->unsignedBigInteger('plan_revision_id')->nullable();
        });
        // A plan and the one it was made from belong to the same event.
        DB::unprepared(<<<'SQL'
            alter table plan_revisions
                add constraint plan_revisions_parent foreign key (parent_id, event_id) references plan_revisions (id, event_id),
                add check (parent_id is null or parent_id < id),
                add check (jsonb_typeof(plan) = 'object');
            alter table events
                add constraint events_plan_revision foreign key (plan_revision_id, id) references plan_revisions (id, event_id);
            create trigger append_only before update or delete on plan_revisions
                for each row execute function refuse_change();
            create trigger append_only_truncate before truncate on plan_revisions
                for each statement execute function refuse_change();
            SQL);
        Schema::create('position_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->constrained()->cascadeOnDelete();
            $table->integer('seconds');
            $table->timestampTz('began_at')->nullable();
            $table->timestampTz('ended_at')->nullable();
            $table->integer('fixes')->default(0);
            $table->jsonb('refused')->default('{}');
            $table->double('lat')->nullable();
            $table->double('lon')->nullable();
            $table->double('height_m')->nullable();
            $table->double('scatter_m')->nullable();
            $table->double('doubt_m')->nullable();
            $table->integer('quality')->nullable();
            $table->integer('satellites')->nullable();
            $table->string('fault', 200)->nullable();
            $table->timestampsTz();
        });
        DB::statement('alter table position_readings
            add check (seconds between 1 and 600), add check (lat between -90 and 90), add check (lon between -180 and 180),
            add check ((lat is null) = (lon is null)), add check (fixes >= 0)');
    }

    public function down(): void
    {
        Schema::drop('position_readings');
        DB::statement('alter table events drop constraint events_plan_revision');
        Schema::table('events', fn(Blueprint $table) => $table->dropColumn('plan_revision_id'));
        Schema::drop('plan_revisions');
    }
};
