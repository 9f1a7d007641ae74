<?php

declare(strict_types=1);

namespace App\Jobs\Site;

use App\Devices\Site\DeviceFault;
use App\Devices\Site\GpsReceiver;
use App\Models\Site\PositionReading;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use KeenShadow\Core\Position\PositionAverage;

/** Reads a receiver for a while and writes down what it says so far, for the page that watches. */
final class ReadPosition implements ShouldQueue
{
    use Queueable;

    /** A reading is not repeated behind the back of the person who waits for it. */
    public int $tries = 1;
    public int $timeout = 630;

    public function __construct(private readonly PositionReading $reading)
    {
        // A queue of their own: a minute's reading holds no list up.
        $this->onConnection(config('queue.default') === 'sync' ? 'sync' : 'readings')->onQueue('readings');
    }

    public function handle(): void
    {
        $this->reading->update(['began_at' => now()]);
        try {
            $average = GpsReceiver::configured()->read((float) $this->reading->seconds, function (PositionAverage $soFar): void {
                $this->reading->update(self::fields($soFar));
            });
            $this->reading->update(self::fields($average) + ['ended_at' => now(), 'fault' => $average->count() === 0 ? __('The receiver sent no usable position.') : null]);
        } catch (DeviceFault $fault) {
            $this->reading->update(['ended_at' => now(), 'fault' => $fault->getMessage()] + ($fault->soFar === null ? [] : self::fields($fault->soFar)));
        }
    }

    public function failed(): void
    {
        $this->reading->giveUp();
    }

    /** @return array<string, mixed> */
    private static function fields(PositionAverage $average): array
    {
        $mean = $average->mean();

        return ['fixes' => $average->count(), 'refused' => $average->refused()] + ($mean === null ? [] : [
            'lat' => $mean->place->latDeg,
            'lon' => $mean->place->lonDeg,
            'height_m' => $mean->place->heightM,
            'scatter_m' => $mean->scatterM,
            'uncertainty_m' => $mean->uncertaintyM,
            'quality' => $mean->quality,
            'satellites' => $mean->satellites,
        ]);
    }
}
