<?php

declare(strict_types=1);

namespace App\Models\Sky;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\SolarEclipse;

/**
 * One eclipse of the catalogue in core/data, as loaded into the database.
 *
 * @property string $body sun or moon
 * @property string $date UTC, YYYY-MM-DD
 * @property string $kind
 * @property CarbonImmutable $greatest_at
 * @property array<string, string> $numbers the row of the catalogue
 */
final class CatalogueEclipse extends Model
{
    public const SUN = 'sun';
    public const MOON = 'moon';

    public $timestamps = false;

    protected $fillable = ['body', 'date', 'kind', 'greatest_at', 'numbers'];

    public function solar(): SolarEclipse
    {
        return Catalogue::solarEclipse($this->numbers);
    }

    public function lunar(): LunarEclipse
    {
        return Catalogue::lunarEclipse($this->numbers);
    }

    protected function casts(): array
    {
        return ['greatest_at' => 'immutable_datetime', 'numbers' => 'array'];
    }
}
