<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Progress;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use KeenShadow\Core\Sky\SolarEclipse;

/** A page of a list's places, sorted, and how far the computing has come. */
final readonly class PlaceTable
{
    private const PER_PAGE = 100;

    /**
     * @param LengthAwarePaginator<int, ListedPlace> $places
     * @param list<ListedPlaceRow> $rows of this page
     */
    private function __construct(
        public PlaceList $list,
        public LengthAwarePaginator $places,
        public array $rows,
        public Progress $progress,
        public string $column,
        public bool $isDescending,
    ) {}

    public static function of(PlaceList $list, Progress $progress, SolarEclipse $eclipse, string $column, bool $isDescending): self
    {
        $direction = $isDescending ? 'desc' : 'asc';
        $places = $list->places()->orderByRaw("{$column} {$direction} nulls last")->orderBy('position')->paginate(self::PER_PAGE);
        $places->withPath(route('place-lists.show', [$list->event_id, $list]))->appends('sort', ($isDescending ? '-' : '') . $column);

        $rows = array_map(static fn(ListedPlace $place): ListedPlaceRow => ListedPlaceRow::of($place, $eclipse, $list->event), array_values($places->items()));

        return new self($list, $places, $rows, $progress, $column, $isDescending);
    }

    /** @return array<string, string> columns by which the table can be sorted, with their heads */
    public static function columns(): array
    {
        return [
            'name' => __('Place'),
            'kind' => __('Seen as'),
            'c1' => 'C1',
            'c2' => 'C2',
            'max_at' => __('Max'),
            'c3' => 'C3',
            'c4' => 'C4',
            'obscuration' => __('Obscuration (area)'),
            'duration_s' => __('Duration'),
            'altitude_deg' => __('Sun at max'),
        ];
    }

    /** The sort that a click on a column's head asks for. */
    public function sortBy(string $column): string
    {
        return $column === $this->column && !$this->isDescending ? '-' . $column : $column;
    }

    /** For assistive technology: ascending, descending or none. */
    public function sortOf(string $column): string
    {
        return $column !== $this->column ? 'none' : ($this->isDescending ? 'descending' : 'ascending');
    }
}
