<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\Editable;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeenShadow\Core\Eyewear\SupplierStanding;

/**
 * Who sells eyewear to an organisation, and what it found out about them.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $name
 * @property SupplierStanding $standing
 * @property string|null $evidence what it stands on
 * @property string|null $checked_by
 * @property CarbonImmutable|null $checked_on
 * @property int|null $lots_count
 */
final class Supplier extends Model
{
    use Editable;

    protected $fillable = ['uuid', 'organisation_id', 'name', 'standing', 'evidence', 'checked_by', 'checked_on'];

    /** @return HasMany<Lot, $this> */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class);
    }

    protected function casts(): array
    {
        return ['standing' => SupplierStanding::class, 'checked_on' => 'immutable_date'];
    }
}
