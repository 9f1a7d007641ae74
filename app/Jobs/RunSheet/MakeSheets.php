<?php

declare(strict_types=1);

namespace App\Jobs\RunSheet;

use App\Domain\RunSheet\SheetFiles;
use App\Domain\RunSheet\WrittenSheet;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Models\RunSheet\SheetBundle;
use App\Models\Sky\ListedPlace;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Makes the run sheets of some places of a bundle. It may be taken up again: what is made stays, and is there once. */
final class MakeSheets implements ShouldQueue
{
    use Queueable;

    public const CHUNK = 5;

    public int $tries = 3;
    /** Below retry_after of its connection, so that nobody takes it up twice. */
    public int $timeout = 100;
    public bool $failOnTimeout = true;

    public function __construct(
        private readonly int $bundleId,
        private readonly int $fromPosition,
    ) {}

    /** Has what is not made yet made, once more where it failed. */
    public static function dispatchFor(SheetBundle $bundle): void
    {
        DB::transaction(static function () use ($bundle): void {
            $bundle->update(['failed_at' => null]);
            $missing = $bundle->placeList->places()->whereNotIn('position', $bundle->sheets()->select('position'))->orderBy('position')->get(['position']);
            foreach ($missing->map(static fn(ListedPlace $place): int => intdiv($place->position, self::CHUNK))->unique() as $chunk) {
                self::dispatch($bundle->id, $chunk * self::CHUNK);
            }
        });
    }

    public function failed(): void
    {
        SheetBundle::query()->whereKey($this->bundleId)->update(['failed_at' => Date::now()]);
    }

    public function handle(Eclipses $eclipses, Gazetteer $gazetteer, SheetFiles $files): void
    {
        $bundle = SheetBundle::query()->with(['event.sheetRevision', 'placeList'])->find($this->bundleId);
        if ($bundle === null) {
            return;
        }
        $places = $bundle->placeList->places()->whereBetween('position', [$this->fromPosition, $this->fromPosition + self::CHUNK - 1])->get();
        foreach ($places as $place) {
            if ($bundle->sheets()->where('position', $place->position)->doesntExist()) {
                $this->make($bundle, $place, $files, $eclipses, $gazetteer);
            }
        }
    }

    private function make(SheetBundle $bundle, ListedPlace $place, SheetFiles $files, Eclipses $eclipses, Gazetteer $gazetteer): void
    {
        $there = $bundle->event->elsewhere($place->name, $place->lat, $place->lon, $place->height_m, $place->timezone ?? $gazetteer->around($place->lat, $place->lon)->timezone());
        $sheet = WrittenSheet::elsewhere($there, $eclipses->at($there), "-place-{$place->id}");
        DB::insert("insert into bundled_sheets (sheet_bundle_id, position, name, pdf, calendar) values (?, ?, ?, decode(?, 'base64'), ?) on conflict do nothing", [
            $bundle->id, $place->position, $place->name, base64_encode($files->pdf($sheet, $bundle->paper)), $files->calendar($sheet),
        ]);
    }
}
