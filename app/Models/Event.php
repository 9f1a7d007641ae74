<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\PlanConflict;
use Carbon\CarbonImmutable;
use Database\Factories\EventFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Sky\Observer;

/**
 * One viewing of one eclipse at one place.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $title
 * @property CarbonImmutable $eclipse_date UTC date of the eclipse
 * @property string $place_name
 * @property float $lat
 * @property float $lon
 * @property float $height_m
 * @property string $timezone IANA name
 * @property int|null $plan_revision_id
 * @property PlanRevision|null $planRevision
 */
final class Event extends Model
{
    /** @use HasFactory<EventFactory> */
    use HasFactory;

    use SoftDeletes;

    protected $fillable = ['organisation_id', 'title', 'eclipse_date', 'place_name', 'lat', 'lon', 'height_m', 'timezone'];

    /** @return BelongsTo<Organisation, $this> */
    public function organisation(): BelongsTo
    {
        return $this->belongsTo(Organisation::class);
    }

    /** @return HasMany<Viewer, $this> */
    public function viewers(): HasMany
    {
        return $this->hasMany(Viewer::class);
    }

    /** @return HasMany<SiteList, $this> */
    public function siteLists(): HasMany
    {
        return $this->hasMany(SiteList::class);
    }

    /** @return BelongsTo<PlanRevision, $this> the site plan that holds */
    public function planRevision(): BelongsTo
    {
        return $this->belongsTo(PlanRevision::class);
    }

    /** @return HasMany<PlanRevision, $this> */
    public function planRevisions(): HasMany
    {
        return $this->hasMany(PlanRevision::class);
    }

    /** @return HasMany<PositionReading, $this> */
    public function positionReadings(): HasMany
    {
        return $this->hasMany(PositionReading::class);
    }

    /**
     * Makes a plan the one that holds. The one before stays.
     *
     * @param int|null $from the revision it was drawn over
     *
     * @throws PlanConflict when another one holds by now
     */
    public function keepPlan(SitePlan $plan, ?int $from, User $by): PlanRevision
    {
        return DB::transaction(function () use ($plan, $from, $by): PlanRevision {
            $holds = self::query()->lockForUpdate()->findOrFail($this->id)->plan_revision_id;
            if ($holds !== $from) {
                throw new PlanConflict();
            }
            $revision = $this->planRevisions()->create(['parent_id' => $from, 'made_by' => $by->id, 'plan' => $plan]);
            $this->planRevision()->associate($revision)->save();

            return $revision;
        });
    }

    /** Back to the plan from which the present one was made. */
    public function undoPlan(): void
    {
        if ($this->planRevision !== null) {
            $this->planRevision()->associate($this->planRevision->parent_id === null ? null : $this->planRevisions()->findOrFail($this->planRevision->parent_id))->save();
        }
    }

    /** On to the newest plan that was made from the present one. */
    public function redoPlan(): void
    {
        $next = $this->nextPlan();
        if ($next !== null) {
            $this->planRevision()->associate($next)->save();
        }
    }

    public function nextPlan(): ?PlanRevision
    {
        return $this->planRevisions()->where('parent_id', $this->plan_revision_id)->orderByDesc('id')->first();
    }

    public function observer(): Observer
    {
        return Observer::at($this->lat, $this->lon, $this->height_m);
    }

    protected function casts(): array
    {
        return ['eclipse_date' => 'immutable_date', 'lat' => 'float', 'lon' => 'float', 'height_m' => 'float'];
    }
}
