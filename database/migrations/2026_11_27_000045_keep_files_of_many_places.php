<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Of many places there may be more than a run sheet and its calendar: handouts and cards, for a district's teachers. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("
            alter table sheet_bundles rename to place_bundles;
            alter table bundled_sheets rename to bundled_places;
            alter table bundled_places rename column sheet_bundle_id to place_bundle_id;
            alter table place_bundles add column kind varchar(10) not null default 'sheets' check (kind in ('sheets', 'kit'));
            create table bundled_files (
                place_bundle_id bigint not null,
                position integer not null,
                file varchar(30) not null check (file in ('run-sheet.pdf', 'run-sheet.ics', 'handout.pdf', 'handout-large.pdf', 'handout-plain.pdf', 'cards.pdf')),
                content bytea not null,
                primary key (place_bundle_id, position, file),
                foreign key (place_bundle_id, position) references bundled_places on delete cascade
            );
            insert into bundled_files select place_bundle_id, position, 'run-sheet.pdf', pdf from bundled_places;
            insert into bundled_files select place_bundle_id, position, 'run-sheet.ics', convert_to(calendar, 'UTF8') from bundled_places;
            alter table bundled_places drop column pdf, drop column calendar");
    }

    public function down(): void
    {
        DB::unprepared("
            alter table bundled_places add column pdf bytea, add column calendar text;
            update bundled_places s set
                pdf = (select content from bundled_files f where f.place_bundle_id = s.place_bundle_id and f.position = s.position and file = 'run-sheet.pdf'),
                calendar = (select convert_from(content, 'UTF8') from bundled_files f where f.place_bundle_id = s.place_bundle_id and f.position = s.position and file = 'run-sheet.ics');
            alter table bundled_places alter column pdf set not null, alter column calendar set not null;
            drop table bundled_files;
            delete from place_bundles where kind = 'kit';
            alter table place_bundles drop column kind;
            alter table bundled_places rename column place_bundle_id to sheet_bundle_id;
            alter table bundled_places rename to bundled_sheets;
            alter table place_bundles rename to sheet_bundles");
    }
};
