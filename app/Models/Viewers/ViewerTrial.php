<?php

declare(strict_types=1);

namespace App\Models\Viewers;

use App\Models\MadeOnce;
use App\Models\PointsBack;
use App\Models\StoredFile;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\TryOut\Measured;
use KeenShadow\Core\Viewers\TryOut\Sharpness;

/**
 * A viewer tried on an ordinary day: what was measured, and the design as it was then. Rows are only added; one is taken back by another.
 *
 * @property int $id
 * @property int $viewer_id
 * @property Design $design
 * @property CarbonImmutable $tried_on
 * @property float $image_mm
 * @property float $uncertainty_mm
 * @property float|null $distance_mm
 * @property float|null $hole_mm
 * @property Sharpness|null $sharpness
 * @property string|null $remark
 * @property string|null $sha256
 * @property bool $is_void
 * @property StoredFile|null $photo
 * @property User $by
 */
final class ViewerTrial extends Model
{
    use MadeOnce;
    use PointsBack;

    public $timestamps = false;

    protected $fillable = ['uuid', 'viewer_id', 'design', 'tried_on', 'image_mm', 'uncertainty_mm', 'distance_mm', 'hole_mm', 'sharpness', 'remark', 'sha256', 'tried_by', 'is_void', 'corrects_id'];

    /** @return Builder<self> those of a viewer that nobody has taken back, the newest first */
    public static function standing(Viewer $viewer): Builder
    {
        return self::query()->with(['by', 'photo'])->where('viewer_id', $viewer->id)->where('is_void', false)->notReplaced()->orderByDesc('tried_on')->orderByDesc('id');
    }

    /** @return BelongsTo<StoredFile, $this> */
    public function photo(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'sha256', 'sha256');
    }

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'tried_by');
    }

    public function measured(): Measured
    {
        return Measured::of($this->image_mm, $this->uncertainty_mm, $this->distance_mm, $this->hole_mm, $this->sharpness);
    }

    protected function casts(): array
    {
        return [
            'design' => AsDesign::class, 'tried_on' => 'immutable_date', 'image_mm' => 'float', 'uncertainty_mm' => 'float', 'distance_mm' => 'float', 'hole_mm' => 'float',
            'sharpness' => Sharpness::class, 'is_void' => 'boolean',
        ];
    }
}
