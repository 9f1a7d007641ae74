<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A viewer is a design of any kind, kept as the record that files have too; the boxes that there are become boxes. */
return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("
            drop trigger count_version on viewers;
            alter table viewers add column design jsonb;
            update viewers set design = jsonb_build_object('kind', 'pinhole', 'build', 'box', 'distance_mm', distance_mm, 'hole_mm', hole_mm,
                'surroundings', 'box', 'hole_shape', 'round', 'screen_side', screen_side);
            alter table viewers alter column design set not null, drop column distance_mm, drop column hole_mm, drop column screen_side,
                add constraint viewers_design check (jsonb_typeof(design) = 'object' and pg_column_size(design) < 8000
                    and coalesce(design->>'kind' in ('pinhole', 'mirror', 'lens', 'eyepiece', 'pattern'), false)
                    and coalesce((design->>'distance_mm')::double precision between 10 and 200000, false)
                    and coalesce((design->>'hole_mm')::double precision between 0.01 and 1000, true)
                    and coalesce((design->>'aperture_mm')::double precision between 5 and 2000, true));
            create trigger count_version before update of name, design on viewers for each row execute function count_version()");
    }

    public function down(): void
    {
        DB::unprepared("
            drop trigger count_version on viewers;
            delete from viewers where design->>'kind' <> 'pinhole';
            alter table viewers add column distance_mm double precision, add column hole_mm double precision, add column screen_side varchar(10);
            update viewers set distance_mm = least(30000, greatest(100, (design->>'distance_mm')::double precision)),
                hole_mm = least(50, greatest(0.1, (design->>'hole_mm')::double precision)), screen_side = design->>'screen_side';
            alter table viewers alter column distance_mm set not null, alter column hole_mm set not null, alter column screen_side set not null, drop column design,
                add check (distance_mm between 100 and 30000), add check (hole_mm between 0.1 and 50), add check (screen_side in ('front', 'behind'));
            create trigger count_version before update of name, distance_mm, hole_mm, screen_side on viewers for each row execute function count_version()");
    }
};
