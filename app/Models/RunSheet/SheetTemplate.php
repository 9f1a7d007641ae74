<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use Illuminate\Database\Eloquent\Model;
use KeenShadow\Core\RunSheet\Cues\Sheet;

/**
 * Cues that an organisation keeps to use again.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $name
 * @property Sheet $sheet
 * @property int|null $made_by
 */
final class SheetTemplate extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['organisation_id', 'name', 'sheet', 'made_by'];

    protected function casts(): array
    {
        return ['sheet' => AsSheet::class, 'created_at' => 'immutable_datetime'];
    }
}
