<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** An inspection belongs to an occasion of an event, and stores what was seen: the verdict is worked out from it. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("
            alter table pair_checks disable trigger append_only;
            alter table pair_checks add event_id bigint references events, add occasion varchar(20), add is_void boolean not null default false;
            update pair_checks as c set is_void = c.level = 'void', occasion = 'arrival', event_id = (
                select e.id from events as e join lots as l on l.organisation_id = e.organisation_id where l.id = c.lot_id
                order by e.eclipse_date < c.checked_at::date, abs(e.eclipse_date - c.checked_at::date) limit 1);
            alter table pair_checks alter event_id set not null, alter occasion set not null, drop column level,
                add check (occasion in ('arrival', 'rehearsal', 'day')), add check (not is_void or corrects_id is not null);
            alter table pair_checks enable trigger append_only;
            create index on pair_checks (event_id)");
        self::guard('not new.is_void', 'not c.is_void');
    }

    public function down(): void
    {
        DB::unprepared("
            alter table pair_checks disable trigger append_only;
            alter table pair_checks add level varchar(10);
            update pair_checks set level = case when is_void then 'void' when faults = '[]' then 'yes' else 'no' end;
            alter table pair_checks alter level set not null, drop column event_id, drop column occasion, drop column is_void,
                add check (level in ('yes', 'hold', 'no', 'void')), add check (level <> 'void' or corrects_id is not null);
            alter table pair_checks enable trigger append_only");
        self::guard("new.level <> 'void'", "c.level <> 'void'");
    }

    private static function guard(string $newCounts, string $counts): void
    {
        DB::unprepared("
            create or replace function refuse_tag_outside_lot() returns trigger language plpgsql as \$\$
            begin
                if {$newCounts} and new.tag > (select pairs from lots where id = new.lot_id for share) then
                    raise exception 'tag % violates constraint \"tag_within_lot\"', new.tag using errcode = 'check_violation';
                end if;
                return new;
            end \$\$;
            create or replace function refuse_lot_below_tags() returns trigger language plpgsql as \$\$
            begin
                if exists (select from pair_checks as c where c.lot_id = new.id and c.tag > new.pairs and {$counts}
                        and not exists (select from pair_checks as later where later.corrects_id = c.id)) then
                    raise exception '% pairs violate constraint \"tags_within_lot\"', new.pairs using errcode = 'check_violation';
                end if;
                return new;
            end \$\$");
    }
};
