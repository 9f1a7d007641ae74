<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        // Whoever inspects a pair holds the lot's size as it is; whoever makes the lot smaller waits for that.
        DB::unprepared(<<<'SQL'
            create function refuse_tag_outside_lot() returns trigger language plpgsql as $$
            begin
                if new.level <> 'void' and new.tag > (select pairs from lots where id = new.lot_id for share) then
                    raise exception 'tag % is outside its lot', new.tag using errcode = 'check_violation';
                end if;
                return new;
            end $$;
            create trigger tag_within_lot before insert on pair_checks
                for each row execute function refuse_tag_outside_lot();

            create function refuse_lot_below_tags() returns trigger language plpgsql as $$
            begin
                if exists (select from pair_checks as c where c.lot_id = new.id and c.tag > new.pairs and c.level <> 'void'
                        and not exists (select from pair_checks as later where later.corrects_id = c.id)) then
                    raise exception 'lot % has inspected tags above %', new.id, new.pairs using errcode = 'check_violation';
                end if;
                return new;
            end $$;
            create trigger tags_within_lot before update of pairs on lots
                for each row execute function refuse_lot_below_tags();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared(<<<'SQL'
            drop trigger tags_within_lot on lots;
            drop function refuse_lot_below_tags();
            drop trigger tag_within_lot on pair_checks;
            drop function refuse_tag_outside_lot();
            SQL);
    }
};
