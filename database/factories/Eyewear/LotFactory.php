<?php

declare(strict_types=1);

namespace Database\Factories\Eyewear;

use App\Models\Eyewear\Lot;
use App\Models\Organisation;
use Illuminate\Database\Eloquent\Factories\Factory;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Eyewear\Wearer;

/** @extends Factory<Lot> a lot whose papers are in order */
final class LotFactory extends Factory
{
    protected $model = Lot::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'organisation_id' => Organisation::factory(),
            'label' => $this->faker->unique()->bothify('Lot ##??'),
            'kind' => Kind::CardGlasses,
            'pairs' => 40,
            'maker_name' => Stated::Yes,
            'maker_address' => Stated::Yes,
            'printed_standard' => PrintedStandard::Iso12312,
            'instructions' => Stated::Yes,
            'warnings' => Stated::Yes,
            'expires_on' => null,
            'origin' => Origin::Maker,
            'test_report' => TestReport::ProductAndBatch,
            'over_spectacles' => Stated::Unsure,
            'blocks_side_light' => Stated::No,
            'worn_by' => Wearer::Anyone,
        ];
    }
}
