<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The methods chosen for a group, and what of the shopping list is bought or made. */
return new class extends Migration {
    private const GROUP_FIELDS = 'name, people, band, eye_from_m, eye_to_m, spectacles, seated, low_vision, peeks';

    public function up(): void
    {
        Schema::table('audience_groups', static fn(Blueprint $table) => $table->jsonb('methods')->default('[]'));
        Schema::create('ticked_supplies', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('event_id')->constrained()->cascadeOnDelete();
            $table->string('supply', 30);
            $table->timestampTz('ticked_at')->useCurrent();
            $table->unique(['event_id', 'supply']);
        });
        DB::unprepared("
            alter table audience_groups add check (jsonb_typeof(methods) = 'array' and methods <@ '[\"glasses\", \"banner\", \"box\", \"card\", \"mirror\", \"projection\", \"telescope\", \"phase_strip\"]');
            drop trigger count_version on audience_groups;
            create trigger count_version before update of " . self::GROUP_FIELDS . ', methods on audience_groups for each row execute function count_version()');
    }

    public function down(): void
    {
        Schema::drop('ticked_supplies');
        DB::unprepared('drop trigger count_version on audience_groups; create trigger count_version before update of ' . self::GROUP_FIELDS . ' on audience_groups for each row execute function count_version()');
        Schema::table('audience_groups', static fn(Blueprint $table) => $table->dropColumn('methods'));
    }
};
