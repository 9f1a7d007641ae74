<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use App\Models\Editable;
use Illuminate\Database\Eloquent\Model;

/**
 * The words of an event's report, edited by hand.
 *
 * @property int $id
 * @property int $event_id
 * @property string $summary
 * @property string $went_well
 * @property string $better
 */
final class EventReport extends Model
{
    use Editable;

    protected $fillable = ['event_id', 'summary', 'went_well', 'better'];

    protected $attributes = ['summary' => '', 'went_well' => '', 'better' => ''];
}
