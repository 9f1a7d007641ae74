<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Adults who come with a group and can watch one child each: nobody has told of any so far. */
return new class extends Migration {
    private const GROUP_FIELDS = 'name, people, band, eye_from_m, eye_to_m, spectacles, seated, low_vision, peeks, methods, comes, ahead_min, goes_first';

    public function up(): void
    {
        Schema::table('audience_groups', static fn(Blueprint $table) => $table->integer('adults')->default(0));
        self::countVersions(self::GROUP_FIELDS . ', adults');
        DB::unprepared('alter table audience_groups add check (adults between 0 and 5000)');
    }

    public function down(): void
    {
        self::countVersions(self::GROUP_FIELDS);
        Schema::table('audience_groups', static fn(Blueprint $table) => $table->dropColumn('adults'));
    }

    private static function countVersions(string $fields): void
    {
        DB::unprepared("drop trigger count_version on audience_groups; create trigger count_version before update of {$fields} on audience_groups for each row execute function count_version()");
    }
};
