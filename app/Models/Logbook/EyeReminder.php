<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An organiser was reminded to ask; once for each number of hours.
 *
 * @property int $eye_report_id
 * @property int $hours after it was told
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $seen_at
 */
final class EyeReminder extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $primaryKey = 'eye_report_id';

    protected $dateFormat = 'Y-m-d H:i:sP';

    protected $fillable = ['eye_report_id', 'hours', 'made_at', 'seen_at'];

    protected function casts(): array
    {
        return ['made_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }
}
