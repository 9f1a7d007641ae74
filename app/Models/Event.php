<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Audience\AudienceGroup;
use App\Models\Audience\AudienceStation;
use App\Models\Audience\TickedSupply;
use App\Models\Day\DayEntry;
use App\Models\Logbook\EyeReport;
use App\Models\Logbook\Incident;
use App\Models\Logbook\InstrumentLog;
use App\Models\Logbook\LogPicture;
use App\Models\Photo\PhotoPlan;
use App\Models\RunSheet\Duty;
use App\Models\RunSheet\Helper;
use App\Models\RunSheet\SheetRevision;
use App\Models\RunSheet\SheetTemplate;
use App\Models\Site\PlanRevision;
use App\Models\Site\PositionReading;
use App\Models\Sky\PlaceBundle;
use App\Models\Sky\PlaceList;
use App\Models\Viewers\Viewer;
use Carbon\CarbonImmutable;
use Database\Factories\EventFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Audience\Policy;
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
 * @property Policy|null $policy of how people look
 * @property int|null $plan_revision_id
 * @property PlanRevision|null $planRevision
 * @property int|null $sheet_revision_id
 * @property string|null $calendar_key of the private address at which calendars ask for the run sheet
 * @property string|null $public_key of the page that everybody may see; null is closed
 * @property CarbonImmutable|null $updated_at
 * @property int $sequence how often something changed that a calendar shows; counted by the database
 * @property SheetRevision|null $sheetRevision
 */
final class Event extends Model
{
    /** @use HasFactory<EventFactory> */
    use HasFactory;

    use Editable;
    use SoftDeletes;

    protected $fillable = ['uuid', 'organisation_id', 'title', 'eclipse_date', 'place_name', 'lat', 'lon', 'height_m', 'timezone', 'policy'];

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

    /** @return HasMany<PhotoPlan, $this> */
    public function photoPlans(): HasMany
    {
        return $this->hasMany(PhotoPlan::class);
    }

    /** @return HasMany<AudienceGroup, $this> */
    public function audienceGroups(): HasMany
    {
        return $this->hasMany(AudienceGroup::class);
    }

    /** @return HasMany<AudienceStation, $this> those that are other than usual */
    public function audienceStations(): HasMany
    {
        return $this->hasMany(AudienceStation::class);
    }

    /** @return HasMany<TickedSupply, $this> what of the shopping list is done */
    public function tickedSupplies(): HasMany
    {
        return $this->hasMany(TickedSupply::class);
    }

    /** @return HasMany<PlaceList, $this> */
    public function placeLists(): HasMany
    {
        return $this->hasMany(PlaceList::class);
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

    /** @return BelongsTo<SheetRevision, $this> the run sheet that holds */
    public function sheetRevision(): BelongsTo
    {
        return $this->belongsTo(SheetRevision::class);
    }

    /** @return HasMany<SheetRevision, $this> */
    public function sheetRevisions(): HasMany
    {
        return $this->hasMany(SheetRevision::class);
    }

    /** @return HasMany<SheetTemplate, $this> cues that its organisation keeps to use again */
    public function sheetTemplates(): HasMany
    {
        return $this->hasMany(SheetTemplate::class, 'organisation_id', 'organisation_id');
    }

    /** @return HasMany<Helper, $this> who help its organisation */
    public function helpers(): HasMany
    {
        return $this->hasMany(Helper::class, 'organisation_id', 'organisation_id');
    }

    /** @return HasMany<Duty, $this> */
    public function duties(): HasMany
    {
        return $this->hasMany(Duty::class);
    }

    /** @return HasMany<PositionReading, $this> */
    public function positionReadings(): HasMany
    {
        return $this->hasMany(PositionReading::class);
    }

    /** @return HasMany<DayEntry, $this> */
    public function dayEntries(): HasMany
    {
        return $this->hasMany(DayEntry::class);
    }

    /** @return HasMany<LogPicture, $this> */
    public function logPictures(): HasMany
    {
        return $this->hasMany(LogPicture::class);
    }

    /** @return HasMany<EyeReport, $this> */
    public function eyeReports(): HasMany
    {
        return $this->hasMany(EyeReport::class);
    }

    /** @return HasMany<Incident, $this> */
    public function incidents(): HasMany
    {
        return $this->hasMany(Incident::class);
    }

    /** @return HasMany<InstrumentLog, $this> */
    public function instrumentLogs(): HasMany
    {
        return $this->hasMany(InstrumentLog::class);
    }

    /** @return HasMany<PlaceBundle, $this> */
    public function placeBundles(): HasMany
    {
        return $this->hasMany(PlaceBundle::class);
    }

    /** The same event at another place, to be asked and never kept. */
    public function elsewhere(string $place, float $lat, float $lon, float $heightM, string $timezone): self
    {
        return $this->replicate()->forceFill(['id' => $this->id, 'place_name' => $place, 'lat' => $lat, 'lon' => $lon, 'height_m' => $heightM, 'timezone' => $timezone, 'updated_at' => $this->updated_at]);
    }

    public function observer(): Observer
    {
        return Observer::at($this->lat, $this->lon, $this->height_m);
    }

    protected function casts(): array
    {
        return ['eclipse_date' => 'immutable_date', 'lat' => 'float', 'lon' => 'float', 'height_m' => 'float', 'policy' => Policy::class];
    }
}
