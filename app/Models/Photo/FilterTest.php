<?php

declare(strict_types=1);

namespace App\Models\Photo;

use App\Models\MadeOnce;
use App\Models\PointsBack;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Sky\Observer;

/**
 * A picture of the whole Sun through a filter, days before: how it was taken, when and where, and how bright it came out. Rows are only
 * added; one is taken back by another.
 *
 * @property int $id
 * @property int $filter_id
 * @property float $f_number
 * @property float $iso
 * @property float $exposure_s
 * @property float $histogram where the hump of the disc stands, 0 black and 1 white
 * @property CarbonImmutable $taken_at
 * @property float $lat
 * @property float $lon
 * @property string|null $remark
 * @property bool $is_void
 * @property User $by
 */
final class FilterTest extends Model
{
    use MadeOnce;
    use PointsBack;

    public $timestamps = false;

    protected $fillable = ['uuid', 'filter_id', 'f_number', 'iso', 'exposure_s', 'histogram', 'taken_at', 'lat', 'lon', 'remark', 'made_by', 'is_void', 'corrects_id'];

    /** @return Builder<self> those of a filter that nobody has taken back, the newest first */
    public static function standing(int $filterId): Builder
    {
        return self::query()->with('by')->where('filter_id', $filterId)->where('is_void', false)->notReplaced()->orderByDesc('taken_at')->orderByDesc('id');
    }

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    public function observer(): Observer
    {
        return Observer::at($this->lat, $this->lon);
    }

    protected function casts(): array
    {
        return ['f_number' => 'float', 'iso' => 'float', 'exposure_s' => 'float', 'histogram' => 'float', 'taken_at' => 'immutable_datetime', 'lat' => 'float', 'lon' => 'float', 'is_void' => 'boolean'];
    }
}
