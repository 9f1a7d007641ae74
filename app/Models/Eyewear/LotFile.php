<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\MadeOnce;
use App\Models\StoredFile;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A photo of a label, or a report, that belongs to a lot.
 *
 * @property int $id
 * @property int $lot_id
 * @property string $name
 * @property string $sha256
 * @property CarbonImmutable $created_at
 * @property StoredFile $stored
 */
final class LotFile extends Model
{
    use MadeOnce;
    use SoftDeletes;

    public const MOST_OF_A_LOT = 20;

    protected $fillable = ['uuid', 'lot_id', 'name', 'sha256', 'uploaded_by'];

    /** @return BelongsTo<StoredFile, $this> */
    public function stored(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'sha256', 'sha256');
    }

    public function isPicture(): bool
    {
        return str_starts_with($this->stored->media_type, 'image/');
    }

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }
}
