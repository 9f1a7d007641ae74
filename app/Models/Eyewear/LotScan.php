<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\MadeOnce;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Eyewear\Spectrum\Lens;
use KeenShadow\Core\Eyewear\Spectrum\Scan;
use KeenShadow\Core\Eyewear\Spectrum\ScanUnit;

/**
 * A scan of one lens of a lot, as the instrument gave it.
 *
 * @property int $id
 * @property int $lot_id
 * @property string $name
 * @property Lens $lens
 * @property ScanUnit $unit
 * @property list<array{float, float}> $readings wavelength in nm, reading
 * @property CarbonImmutable $created_at
 * @property Lot $lot
 */
final class LotScan extends Model
{
    use MadeOnce;
    use SoftDeletes;

    public const MOST_READINGS = 5000;
    public const MOST_OF_A_LOT = 12;

    protected $fillable = ['uuid', 'lot_id', 'name', 'lens', 'unit', 'readings', 'uploaded_by'];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    public function scan(): Scan
    {
        return Scan::of($this->unit, $this->readings);
    }

    protected function casts(): array
    {
        return ['lens' => Lens::class, 'unit' => ScanUnit::class, 'readings' => 'array', 'created_at' => 'immutable_datetime'];
    }
}
