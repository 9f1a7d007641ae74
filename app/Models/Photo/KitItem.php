<?php

declare(strict_types=1);

namespace App\Models\Photo;

use App\Models\AsRecord;
use App\Models\Editable;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Photo\Kit\Camera;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Kit\KitRecord;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;

/**
 * A piece of photographic kit: an organisation's own, or one that a person of it brings.
 *
 * @property int $id
 * @property int $organisation_id
 * @property int|null $owner_id null where it is the organisation's
 * @property KitKind $kind
 * @property string $name
 * @property array<string, mixed> $item the record that files have too
 * @property User|null $owner
 * @property FilterCheck|null $lastCheck
 */
final class KitItem extends Model
{
    use Editable;
    use SoftDeletes;

    protected $fillable = ['uuid', 'organisation_id', 'owner_id', 'kind', 'name', 'item'];

    /** @return BelongsTo<User, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'owner_id');
    }

    /** @return HasMany<FilterCheck, $this> of a filter */
    public function filterChecks(): HasMany
    {
        return $this->hasMany(FilterCheck::class, 'filter_id');
    }

    /** @return HasOne<FilterCheck, $this> */
    public function lastCheck(): HasOne
    {
        return $this->hasOne(FilterCheck::class, 'filter_id')->latestOfMany();
    }

    /** @return HasMany<FilterTest, $this> of a filter */
    public function filterTests(): HasMany
    {
        return $this->hasMany(FilterTest::class, 'filter_id');
    }

    /** @return Builder<self> */
    public static function ofOrganisation(int $organisationId): Builder
    {
        return self::query()->where('organisation_id', $organisationId)->orderBy('kind')->orderBy('name');
    }

    public function read(): Camera|Optics|FrontFilter|Mount
    {
        return KitRecord::read($this->kind, $this->item);
    }

    protected function casts(): array
    {
        return ['kind' => KitKind::class, 'item' => AsRecord::class];
    }
}
