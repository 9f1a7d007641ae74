<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was observed on the day: a number, words or both, as it was written at the screen or typed from paper afterwards; a correction points to what it corrects. */
return new class extends Migration {
    private const KINDS = "'stop', 'go_on', 'cloud', 'clear', 'note', 'message', 'check_in', 'check_out', 'no_show', 'filter_off', 'rehearsal_ends'";

    public function up(): void
    {
        DB::unprepared('
            alter table day_entries drop constraint day_entries_kind_check, add check (kind in (' . self::KINDS . ", 'observation')),
                -- What was observed; the logbook knows its kinds.
                add observed varchar(20) check (observed ~ '^[a-z_]+$'),
                add value numeric(12, 3),
                -- How sure whoever typed it was of its time; null where a device told.
                add typed_within_s integer check (typed_within_s between 0 and 86400),
                add corrects_id bigint unique,
                add is_taken_out boolean not null default false,
                add unique (id, event_id),
                add foreign key (corrects_id, event_id) references day_entries (id, event_id),
                add check ((kind = 'observation') = (observed is not null)),
                add check (value is null or kind = 'observation'),
                add check (corrects_id is null or kind = 'observation'),
                add check (not is_taken_out or corrects_id is not null)");
    }

    public function down(): void
    {
        DB::unprepared("
            alter table day_entries disable trigger append_only;
            delete from day_entries where kind = 'observation';
            alter table day_entries enable trigger append_only;
            alter table day_entries drop observed, drop value, drop typed_within_s, drop corrects_id, drop is_taken_out,
                drop constraint day_entries_id_event_id_key,
                drop constraint day_entries_kind_check, add check (kind in (" . self::KINDS . '))');
    }
};
