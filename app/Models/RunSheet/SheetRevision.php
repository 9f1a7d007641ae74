<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\RunSheet\Cues\Sheet;

/**
 * One state of an event's run sheet; never changed, never deleted.
 *
 * @property int $id
 * @property int $event_id
 * @property int|null $parent_id the revision it was made from
 * @property int|null $made_by
 * @property User|null $maker
 * @property Sheet $sheet
 * @property CarbonImmutable $created_at
 */
final class SheetRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['event_id', 'parent_id', 'made_by', 'sheet'];

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    protected function casts(): array
    {
        return ['sheet' => AsSheet::class, 'created_at' => 'immutable_datetime'];
    }
}
