<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Drawings\Eyewear\SpectrumCurves;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Text\EyewearWords;
use Illuminate\Database\Eloquent\Collection;

/** Scans of several lots over each other. */
final readonly class SpectraPage
{
    private const MOST_CURVES = 12;

    /**
     * @param Collection<int, Lot> $lots that have scans
     * @param list<int> $chosen of those
     * @param SpectrumCurves|null $curves null while none is chosen
     */
    private function __construct(
        public Collection $lots,
        public array $chosen,
        public ?SpectrumCurves $curves,
    ) {}

    /** @param array<int> $asked ids of lots */
    public static function of(Event $event, array $asked): self
    {
        $lots = Lot::query()->where('organisation_id', $event->organisation_id)->has('scans')->with('scans')->orderBy('label')->get();
        $chosen = $lots->whereIn('id', $asked);
        $scans = [];
        foreach ($chosen as $lot) {
            foreach ($lot->scans as $scan) {
                $scans["{$lot->label}: {$scan->name}, " . EyewearWords::lens($scan->lens) . " · {$scan->id}"] = $scan->scan();
            }
        }

        return new self($lots, array_values($chosen->map(static fn(Lot $lot): int => $lot->id)->all()), $scans === [] ? null : SpectrumCurves::of(array_slice($scans, 0, self::MOST_CURVES, true)));
    }
}
