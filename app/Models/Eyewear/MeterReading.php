<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\MadeOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Eyewear\Measure\LightMeter;

/**
 * Three readings of a light meter through one of a lot: in the dark, in the open, behind the filter.
 *
 * @property int $id
 * @property int $lot_id
 * @property string $name of the pair, or what it is
 * @property float $dark_lx
 * @property float $open_lx
 * @property float $behind_lx
 * @property float $resolution_lx
 * @property float $accuracy_percent
 * @property CarbonImmutable $created_at
 */
final class MeterReading extends Model
{
    use MadeOnce;
    use SoftDeletes;

    public const MOST_OF_A_LOT = 50;

    protected $fillable = ['uuid', 'lot_id', 'name', 'dark_lx', 'open_lx', 'behind_lx', 'resolution_lx', 'accuracy_percent', 'read_by'];

    public function meter(): LightMeter
    {
        return LightMeter::of($this->dark_lx, $this->open_lx, $this->behind_lx, $this->resolution_lx, $this->accuracy_percent);
    }

    protected function casts(): array
    {
        return ['dark_lx' => 'float', 'open_lx' => 'float', 'behind_lx' => 'float', 'resolution_lx' => 'float', 'accuracy_percent' => 'float', 'created_at' => 'immutable_datetime'];
    }
}
