<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\Eyewear\Supplier;
use App\Models\Organisation;
use App\Models\User;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\Darkening;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\MadeFor;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\SupplierStanding;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Eyewear\Wearer;

/** Glasses, viewers and filters of the demo: all suppliers and batches are made up. */
final class DemoEyewear
{
    public static function stock(Organisation $organisation, User $organiser, User $checker, Event $event): void
    {
        $supplier = static fn(string $name, SupplierStanding $standing, ?string $evidence): Supplier => Supplier::query()->create(['uuid' => Str::uuid7()->toString(), 'organisation_id' => $organisation->id, 'name' => $name, 'standing' => $standing]
            + ($evidence === null ? [] : ['evidence' => $evidence, 'checked_by' => $organiser->name, 'checked_on' => now()->subMonths(2)->toDateString()]));
        $gaviota = $supplier('Gaviota Optics (demo)', SupplierStanding::Checked, 'They are the maker; the report of batch 27-A came with the order.');
        $supplier('Corner bazaar (demo)', SupplierStanding::Refused, 'Could not name a maker for what they sold in 2026.');
        $workshop = $supplier('Harbour workshop supplies (demo)', SupplierStanding::NotChecked, null);

        $own = ['organisation_id' => $organisation->id];
        $papers = $own + ['maker_name' => Stated::Yes, 'maker_address' => Stated::Yes, 'instructions' => Stated::Yes, 'warnings' => Stated::Yes];
        $glasses = $papers + ['printed_standard' => PrintedStandard::Iso12312];
        $good = Lot::query()->create($glasses + [
            'label' => 'Gaviota 27-A', 'kind' => Kind::PlasticGlasses, 'pairs' => 400, 'origin' => Origin::Supplier, 'supplier_id' => $gaviota->id, 'test_report' => TestReport::ProductAndBatch,
            'lens_width_mm' => 41, 'lens_height_mm' => 38, 'over_spectacles' => Stated::Yes, 'blocks_side_light' => Stated::No, 'worn_by' => Wearer::Anyone,
        ]);
        Lot::query()->create($glasses + [
            'label' => 'Left from August 2026', 'kind' => Kind::CardGlasses, 'pairs' => 60, 'origin' => Origin::Maker, 'test_report' => TestReport::ProductOnly,
            'lens_width_mm' => 42, 'lens_height_mm' => 26, 'over_spectacles' => Stated::No, 'blocks_side_light' => Stated::No, 'worn_by' => Wearer::Adult,
        ]);
        Lot::query()->create($own + [
            'label' => 'Box without a name', 'kind' => Kind::CardGlasses, 'pairs' => 100, 'maker_name' => Stated::No, 'maker_address' => Stated::No, 'printed_standard' => PrintedStandard::LogoOnly,
            'instructions' => Stated::No, 'warnings' => Stated::Unsure, 'origin' => Origin::WebShop, 'test_report' => TestReport::None, 'over_spectacles' => Stated::Unsure, 'blocks_side_light' => Stated::No, 'worn_by' => Wearer::Unsure,
        ]);
        Lot::query()->create($own + ['label' => 'Plates of the workshop', 'kind' => Kind::WeldingPlate, 'pairs' => 3, 'maker_name' => Stated::Yes, 'origin' => Origin::Supplier, 'supplier_id' => $workshop->id, 'shade' => 12, 'darkening' => Darkening::Fixed]);
        Lot::query()->create($papers + ['label' => 'Filters of the refractor', 'kind' => Kind::FrontFilter, 'pairs' => 2, 'origin' => Origin::Supplier, 'supplier_id' => $gaviota->id, 'test_report' => TestReport::ProductAndBatch, 'made_for' => MadeFor::Looking, 'opening_mm' => 80]);
        self::lookOver($good, $checker, $event);
    }

    /** Some of the good lot has been looked over; a few pairs have something. */
    private static function lookOver(Lot $lot, User $checker, Event $event): void
    {
        $found = [7 => [PairFault::Scratch], 19 => [PairFault::Dirt], 23 => [PairFault::Crease, PairFault::FilmLifting]];
        for ($tag = 1; $tag <= 36; ++$tag) {
            PairCheck::query()->create([
                'uuid' => Str::uuid7()->toString(),
                'lot_id' => $lot->id,
                'tag' => $tag,
                'faults' => $found[$tag] ?? [],
                'event_id' => $event->id,
                'occasion' => Occasion::Arrival,
                'checked_by' => $checker->id,
                'checked_at' => now()->subDays(3)->addSeconds(12 * $tag),
                'corrects_id' => null,
            ]);
        }
    }
}
