<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use App\Models\Editable;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use KeenShadow\Core\RunSheet\Rota\Helping;
use KeenShadow\Core\RunSheet\Rota\Training;
use KeenShadow\Core\RunSheet\Rotation\Stretch;

/**
 * A grown-up who helps at an organisation's events. What is kept of them is what an organiser needs to call them, and goes with
 * them when they are removed.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $name as they are called
 * @property string|null $contact telephone or mail, in their own words; for organisers only
 * @property Collection<int, Training> $training
 * @property string $duty_key of the private address at which they see their duties
 */
final class Helper extends Model
{
    use Editable;

    private const KEY_BYTES = 20;

    protected $fillable = ['uuid', 'organisation_id', 'name', 'contact', 'training', 'duty_key'];

    protected $hidden = ['contact', 'duty_key'];

    protected $attributes = ['training' => '[]', 'contact' => null];

    public static function newKey(): string
    {
        return bin2hex(random_bytes(self::KEY_BYTES));
    }

    /** @return HasMany<Duty, $this> */
    public function duties(): HasMany
    {
        return $this->hasMany(Duty::class);
    }

    /** The word for them in run sheets. */
    public function rotaId(): string
    {
        return "h{$this->id}";
    }

    /** @param list<Stretch> $taken by cues that call them by name, in minutes */
    public function helping(array $taken): Helping
    {
        return new Helping($this->rotaId(), array_values($this->training->all()), $taken);
    }

    protected function casts(): array
    {
        return ['training' => AsEnumCollection::of(Training::class)];
    }
}
