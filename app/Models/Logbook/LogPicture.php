<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use App\Models\MadeOnce;
use App\Models\StoredFile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A picture of an event, for its report.
 *
 * @property int $id
 * @property int $event_id
 * @property string $caption
 * @property string $sha256
 * @property StoredFile $stored
 */
final class LogPicture extends Model
{
    use MadeOnce;
    use SoftDeletes;

    public const MOST_OF_AN_EVENT = 12;

    protected $fillable = ['uuid', 'event_id', 'caption', 'sha256', 'made_by'];

    /** @return BelongsTo<StoredFile, $this> */
    public function stored(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'sha256', 'sha256');
    }
}
