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
use Illuminate\Database\Eloquent\Relations\HasMany;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\Paperwork;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Spectrum\Assessment;
use KeenShadow\Core\Eyewear\Spectrum\Lens;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Verdict;

/**
 * Glasses bought together from one batch.
 *
 * @property int $id
 * @property int $organisation_id
 * @property string $label
 * @property int $pairs
 * @property Stated $maker_name
 * @property Stated $maker_address
 * @property PrintedStandard $printed_standard
 * @property Stated $instructions
 * @property Stated $warnings
 * @property CarbonImmutable|null $expires_on
 * @property Origin $origin
 * @property TestReport $test_report
 * @property Collection<int, LotScan> $scans
 */
final class Lot extends Model
{
    use Editable;
    /** @use HasFactory<LotFactory> */
    use HasFactory;

    protected $fillable = [
        'uuid', 'organisation_id', 'label', 'pairs', 'maker_name', 'maker_address', 'printed_standard', 'instructions', 'warnings',
        'expires_on', 'origin', 'test_report',
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

    /** Its papers and its scans, as they are now. */
    public function verdict(DateTimeImmutable $useOn): Verdict
    {
        return $this->paperwork()->verdict($useOn, array_values(array_filter(array_map(static fn(Assessment $a): ?Finding => $a->finding(), $this->assessments()))));
    }

    /** @return list<Assessment> of each scan, and of the last right lens beside the last left one */
    public function assessments(): array
    {
        $each = array_values($this->scans->map(static fn(LotScan $s): Assessment => Assessment::of($s->scan()))->all());
        [$right, $left] = array_map(fn(Lens $lens): ?LotScan => $this->scans->last(static fn(LotScan $s): bool => $s->lens === $lens), [Lens::Right, Lens::Left]);

        return $right === null || $left === null ? $each : [...$each, Assessment::of($right->scan(), $left->scan())];
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
            makerName: $this->maker_name,
            makerAddress: $this->maker_address,
            standard: $this->printed_standard,
            instructions: $this->instructions,
            warnings: $this->warnings,
            expiresOn: $this->expires_on,
            origin: $this->origin,
            report: $this->test_report,
        );
    }

    protected function casts(): array
    {
        return [
            'pairs' => 'integer',
            'maker_name' => Stated::class,
            'maker_address' => Stated::class,
            'printed_standard' => PrintedStandard::class,
            'instructions' => Stated::class,
            'warnings' => Stated::class,
            'expires_on' => 'immutable_date',
            'origin' => Origin::class,
            'test_report' => TestReport::class,
        ];
    }
}
