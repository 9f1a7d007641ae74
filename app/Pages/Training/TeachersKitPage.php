<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Kept;
use App\Models\Event;
use App\Models\Sky\BundledFile;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceBundle;
use App\Pages\Sky\ListedPlaceRow;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use KeenShadow\Core\Sky\SolarEclipse;

/** A kit that was made: each school with its times and its files. */
final readonly class TeachersKitPage
{
    private const PER_PAGE = 50;

    /**
     * @param LengthAwarePaginator<int, ListedPlace> $places
     * @param list<array{position: int, times: ListedPlaceRow, filters: string, files: array<string, string>}> $rows of this page; no files of what has changed since
     */
    private function __construct(public PlaceBundle $bundle, public LengthAwarePaginator $places, public array $rows, public bool $isOld) {}

    public static function of(Event $event, PlaceBundle $bundle, SolarEclipse $eclipse): self
    {
        $places = $bundle->placeList->places()->orderBy('position')->paginate(self::PER_PAGE);
        $isOld = $bundle->isOld($event, Kept::version());
        $files = $isOld ? [] : $bundle->files();
        $rows = array_map(static function (ListedPlace $place) use ($event, $eclipse, $files): array {
            $times = ListedPlaceRow::of($place, $eclipse, $event);

            return ['position' => $place->position, 'times' => $times, 'filters' => $times->filters === '' ? __('filters stay on') : $times->filters, 'files' => self::named($files[$place->position] ?? [])];
        }, array_values($places->items()));

        return new self($bundle, $places, $rows, $isOld);
    }

    /**
     * @param list<BundledFile> $files
     *
     * @return array<string, string> what they are, by their names
     */
    private static function named(array $files): array
    {
        return array_column(array_map(static fn(BundledFile $file): array => [$file->value, match ($file) {
            BundledFile::Sheet => __('Run sheet'),
            BundledFile::Calendar => __('Calendar'),
            BundledFile::Handout => __('Handout'),
            BundledFile::HandoutLarge => __('in large print'),
            BundledFile::HandoutPlain => __('in plain language'),
            BundledFile::Cards => __('Cards for the queue'),
        }], $files), 1, 0);
    }
}
