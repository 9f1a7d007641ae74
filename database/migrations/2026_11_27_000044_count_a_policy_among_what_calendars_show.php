<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Under a policy filters may stay on in totality too: an event's calendar then shows other moments. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared('
            drop trigger count_sequence on events;
            create trigger count_sequence before update of title, eclipse_date, place_name, lat, lon, height_m, timezone, policy, plan_revision_id, sheet_revision_id on events
                for each row execute function count_sequence()');
    }

    public function down(): void
    {
        DB::unprepared('
            drop trigger count_sequence on events;
            create trigger count_sequence before update of title, eclipse_date, place_name, lat, lon, height_m, timezone, plan_revision_id, sheet_revision_id on events
                for each row execute function count_sequence()');
    }
};
