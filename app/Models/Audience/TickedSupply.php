<?php

declare(strict_types=1);

namespace App\Models\Audience;

use Illuminate\Database\Eloquent\Model;
use KeenShadow\Core\Audience\Methods\Supply;

/**
 * Something of an event's shopping list that is bought or made.
 *
 * @property int $event_id
 * @property Supply $supply
 */
final class TickedSupply extends Model
{
    public $timestamps = false;

    protected $fillable = ['event_id', 'supply'];

    protected function casts(): array
    {
        return ['supply' => Supply::class];
    }
}
