<?php

declare(strict_types=1);

namespace App\Models\Site;

use App\Models\Event;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A position read from a receiver for a while.
 *
 * @property int $id
 * @property int $event_id
 * @property int $seconds how long it is read
 * @property CarbonImmutable|null $began_at
 * @property CarbonImmutable|null $ended_at
 * @property int $fixes
 * @property array<string, int> $refused lines that were not used, by reason
 * @property float|null $lat
 * @property float|null $lon
 * @property float|null $height_m above mean sea level
 * @property float|null $scatter_m
 * @property float|null $uncertainty_m
 * @property int|null $quality
 * @property int|null $satellites
 * @property string|null $fault why nothing was read
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 */
final class PositionReading extends Model
{
    private const PATIENCE_SECONDS = 15;

    protected $fillable = ['event_id', 'seconds', 'began_at', 'ended_at', 'fixes', 'refused', 'lat', 'lon', 'height_m', 'scatter_m', 'uncertainty_m', 'quality', 'satellites', 'fault'];

    /** @var array<string, mixed> */
    protected $attributes = ['fixes' => 0, 'refused' => '{}'];

    /** Nobody takes it up: no worker runs, or it is busy. */
    public function waitsLong(): bool
    {
        return $this->began_at === null && $this->ended_at === null && $this->created_at < now()->subSeconds(self::PATIENCE_SECONDS);
    }

    /** It began and says nothing any more: its worker was stopped. */
    public function brokeOff(): bool
    {
        return $this->began_at !== null && $this->ended_at === null && $this->updated_at < now()->subSeconds(self::PATIENCE_SECONDS);
    }

    public function isGoingOn(): bool
    {
        return $this->ended_at === null && !$this->brokeOff();
    }

    /** Ends it where its worker did not. */
    public function giveUp(): void
    {
        if ($this->ended_at === null) {
            $this->update(['ended_at' => now(), 'fault' => __('The reading broke off.')]);
        }
    }

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    protected function casts(): array
    {
        return [
            'began_at' => 'immutable_datetime', 'ended_at' => 'immutable_datetime', 'refused' => 'array',
            'lat' => 'float', 'lon' => 'float', 'height_m' => 'float', 'scatter_m' => 'float', 'uncertainty_m' => 'float',
        ];
    }
}
