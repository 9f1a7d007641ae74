<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\Editable;
use Carbon\CarbonImmutable;
use Database\Factories\Eyewear\LotFactory;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeenShadow\Core\Eyewear\Darkening;
use KeenShadow\Core\Eyewear\Held;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\MadeFor;
use KeenShadow\Core\Eyewear\Make;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\Paperwork;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Spectrum\LotSpectrum;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Eyewear\Wear;
use KeenShadow\Core\Eyewear\Wearer;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Verdict;

/**
 * Glasses, or whatever else stands between an eye and the Sun, bought together from one batch. An answer that is not asked of the kind is null.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $label
 * @property Kind $kind
 * @property int $pairs or pieces
 * @property Stated $maker_name
 * @property Stated|null $maker_address
 * @property PrintedStandard|null $printed_standard
 * @property Stated|null $instructions
 * @property Stated|null $warnings
 * @property CarbonImmutable|null $expires_on
 * @property Origin $origin
 * @property int|null $supplier_id
 * @property TestReport|null $test_report
 * @property MadeFor|null $made_for
 * @property float|null $shade
 * @property Darkening|null $darkening
 * @property float|null $lens_width_mm
 * @property float|null $lens_height_mm
 * @property Stated|null $over_spectacles
 * @property Stated|null $blocks_side_light
 * @property Wearer|null $worn_by
 * @property float|null $opening_mm
 * @property Supplier|null $supplier
 * @property Collection<int, LotHold> $standingHolds
 * @property Collection<int, LotScan> $scans
 * @property Collection<int, LotFile> $files
 * @property Collection<int, MeterReading> $meterReadings
 */
final class Lot extends Model
{
    use Editable;
    /** @use HasFactory<LotFactory> */
    use HasFactory;

    protected $with = ['standingHolds'];

    protected $fillable = [
        'uuid', 'organisation_id', 'label', 'kind', 'pairs', 'maker_name', 'maker_address', 'printed_standard', 'instructions', 'warnings', 'expires_on', 'origin', 'supplier_id',
        'test_report', 'made_for', 'shade', 'darkening', 'lens_width_mm', 'lens_height_mm', 'over_spectacles', 'blocks_side_light', 'worn_by', 'opening_mm',
    ];

    /** @return HasMany<PairCheck, $this> */
    public function pairChecks(): HasMany
    {
        return $this->hasMany(PairCheck::class);
    }

    /** @return HasMany<LotScan, $this> */
    public function scans(): HasMany
    {
        return $this->hasMany(LotScan::class)->orderBy('id');
    }

    /** @return HasMany<MeterReading, $this> */
    public function meterReadings(): HasMany
    {
        return $this->hasMany(MeterReading::class)->orderBy('id');
    }

    /** @return HasMany<LotFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(LotFile::class)->orderBy('id');
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return HasMany<LotHold, $this> */
    public function holds(): HasMany
    {
        return $this->hasMany(LotHold::class);
    }

    /** @return HasMany<LotHold, $this> those that are not lifted; they go with a lot wherever it is judged */
    public function standingHolds(): HasMany
    {
        return $this->holds()->standing()->orderBy('id');
    }

    public function make(): Make
    {
        return new Make($this->kind, $this->made_for, $this->shade, $this->darkening);
    }

    public function wear(): Wear
    {
        return new Wear($this->over_spectacles, $this->worn_by);
    }

    /** Its papers and what instruments say, as they are now. */
    public function verdict(DateTimeImmutable $useOn): Verdict
    {
        $meters = array_filter(array_map(static fn(MeterReading $r): ?Finding => $r->meter()->finding(), $this->meterReadings->all()));

        return $this->paperwork()->verdict($useOn, [...($this->standingHolds->isEmpty() ? [] : [Held::finding()]), ...$this->spectrum()->findings(), ...array_slice(array_values($meters), 0, 1)]);
    }

    /** All its scans together. */
    public function spectrum(): LotSpectrum
    {
        return new LotSpectrum(array_values($this->scans->map(static fn(LotScan $s): array => ['name' => $s->name, 'lens' => $s->lens, 'scan' => $s->scan()])->all()));
    }

    /** The highest tag of a check that counts, 0 before the first. */
    public function highestTag(): int
    {
        $tag = $this->pairChecks()->standing()->max('tag');

        return is_int($tag) ? $tag : 0;
    }

    public function paperwork(): Paperwork
    {
        return new Paperwork(
            make: $this->make(),
            makerName: $this->maker_name,
            makerAddress: $this->maker_address,
            standard: $this->printed_standard,
            instructions: $this->instructions,
            warnings: $this->warnings,
            expiresOn: $this->expires_on,
            origin: $this->origin,
            supplier: $this->supplier?->standing,
            report: $this->test_report,
        );
    }

    protected function casts(): array
    {
        return [
            'kind' => Kind::class,
            'pairs' => 'integer',
            'maker_name' => Stated::class,
            'maker_address' => Stated::class,
            'printed_standard' => PrintedStandard::class,
            'instructions' => Stated::class,
            'warnings' => Stated::class,
            'expires_on' => 'immutable_date',
            'origin' => Origin::class,
            'test_report' => TestReport::class,
            'made_for' => MadeFor::class,
            'shade' => 'float',
            'darkening' => Darkening::class,
            'lens_width_mm' => 'float',
            'lens_height_mm' => 'float',
            'over_spectacles' => Stated::class,
            'blocks_side_light' => Stated::class,
            'worn_by' => Wearer::class,
            'opening_mm' => 'float',
        ];
    }
}
