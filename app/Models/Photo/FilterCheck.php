<?php

declare(strict_types=1);

namespace App\Models\Photo;

use App\Models\MadeOnce;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A filter held against the Sun, and what was seen; the newest counts. Rows are only added.
 *
 * @property int $id
 * @property int $filter_id
 * @property list<string> $flaws in the rule book's words; none was found where it is empty
 * @property CarbonImmutable $checked_at
 * @property User $by
 */
final class FilterCheck extends Model
{
    use MadeOnce;

    public $timestamps = false;

    protected $fillable = ['uuid', 'filter_id', 'flaws', 'checked_by', 'checked_at'];

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'checked_by');
    }

    protected function casts(): array
    {
        return ['flaws' => 'array', 'checked_at' => 'immutable_datetime'];
    }
}
