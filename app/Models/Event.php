<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Database\Factories\EventFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeenShadow\Core\Sky\Observer;

/**
 * One viewing of one eclipse at one place.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $title
 * @property CarbonImmutable $eclipse_date UTC date of the eclipse
 * @property string $place_name
 * @property float $lat
 * @property float $lon
 * @property float $height_m
 * @property string $timezone IANA name
 */
final class Event extends Model
{
    /** @use HasFactory<EventFactory> */
    use HasFactory;

    protected $fillable = ['organisation_id', 'title', 'eclipse_date', 'place_name', 'lat', 'lon', 'height_m', 'timezone'];

    /** @return BelongsTo<Organisation, $this> */
    public function organisation(): BelongsTo
    {
        return $this->belongsTo(Organisation::class);
    }

    /** @return HasMany<Viewer, $this> */
    public function viewers(): HasMany
    {
        return $this->hasMany(Viewer::class);
    }

    /** @return HasMany<SiteList, $this> */
    public function siteLists(): HasMany
    {
        return $this->hasMany(SiteList::class);
    }

    public function observer(): Observer
    {
        return Observer::at($this->lat, $this->lon, $this->height_m);
    }

    protected function casts(): array
    {
        return ['eclipse_date' => 'immutable_date', 'lat' => 'float', 'lon' => 'float', 'height_m' => 'float'];
    }
}
