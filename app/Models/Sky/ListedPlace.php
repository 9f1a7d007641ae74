<?php

declare(strict_types=1);

namespace App\Models\Sky;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use KeenShadow\Core\Sky\Observer;

/**
 * One place of a list; the circumstances are null until they are computed, and where there is no eclipse.
 *
 * @property int $id
 * @property int $place_list_id
 * @property int $position
 * @property string $name
 * @property float $lat
 * @property float $lon
 * @property float $height_m
 * @property string|null $timezone
 * @property string|null $kind
 * @property CarbonImmutable|null $c1
 * @property CarbonImmutable|null $c2
 * @property CarbonImmutable|null $max_at
 * @property CarbonImmutable|null $c3
 * @property CarbonImmutable|null $c4
 * @property float|null $magnitude
 * @property float|null $obscuration
 * @property float|null $altitude_deg
 * @property float|null $azimuth_deg
 * @property float|null $duration_s
 * @property bool|null $is_seen
 * @property CarbonImmutable|null $computed_at
 */
final class ListedPlace extends Model
{
    public $timestamps = false;

    /** Contacts keep their milliseconds. */
    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $guarded = ['id'];

    public function observer(): Observer
    {
        return Observer::at($this->lat, $this->lon, $this->height_m);
    }

    protected function casts(): array
    {
        return [
            'lat' => 'float', 'lon' => 'float', 'height_m' => 'float', 'magnitude' => 'float', 'obscuration' => 'float',
            'altitude_deg' => 'float', 'azimuth_deg' => 'float', 'duration_s' => 'float', 'is_seen' => 'boolean',
            'c1' => 'immutable_datetime', 'c2' => 'immutable_datetime', 'max_at' => 'immutable_datetime',
            'c3' => 'immutable_datetime', 'c4' => 'immutable_datetime', 'computed_at' => 'immutable_datetime',
        ];
    }
}
