<?php

declare(strict_types=1);

namespace App\Models\Sky;

use Illuminate\Database\Eloquent\Model;
use Locale;

/**
 * A town of the gazetteer (GeoNames, CC BY 4.0).
 *
 * @property int $id
 * @property string $name
 * @property string $region
 * @property string $country ISO 3166-1
 * @property float $lat
 * @property float $lon
 * @property int $population number of people
 * @property string $timezone IANA name
 * @property string $called the name in whatever language it was found by, where a search asked for it
 * @property string $called_folded that name without accents and punctuation
 */
final class Place extends Model
{
    public $timestamps = false;

    public function countryName(): string
    {
        return (string) Locale::getDisplayRegion('-' . $this->country, app()->getLocale());
    }

    /** "Cadiz, Andalusia, Spain". */
    public function fullName(): string
    {
        return implode(', ', array_unique(array_filter([$this->name, $this->region, $this->countryName()], static fn(string $part): bool => $part !== '')));
    }

    protected function casts(): array
    {
        return ['lat' => 'float', 'lon' => 'float', 'population' => 'integer'];
    }
}
