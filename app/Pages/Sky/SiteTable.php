<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\Site;
use App\Models\SiteList;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use KeenShadow\Core\Sky\SolarEclipse;

/** A page of a list's sites, sorted, and how far the computing has come. */
final readonly class SiteTable
{
    private const PER_PAGE = 100;

    /**
     * @param LengthAwarePaginator<int, Site> $sites
     * @param list<SiteRow> $rows of this page
     */
    private function __construct(
        public SiteList $list,
        public LengthAwarePaginator $sites,
        public array $rows,
        public int $computed,
        public string $column,
        public bool $isDescending,
    ) {}

    public static function of(SiteList $list, SolarEclipse $eclipse, string $column, bool $isDescending): self
    {
        $direction = $isDescending ? 'desc' : 'asc';
        $sites = $list->sites()->orderByRaw("{$column} {$direction} nulls last")->orderBy('position')->paginate(self::PER_PAGE);
        $sites->withPath(route('sites.show', [$list->event_id, $list]))->appends('sort', ($isDescending ? '-' : '') . $column);

        $rows = array_map(static fn(Site $site): SiteRow => SiteRow::of($site, $eclipse), array_values($sites->items()));

        return new self($list, $sites, $rows, $list->computed(), $column, $isDescending);
    }

    /** @return array<string, string> columns by which the table can be sorted, with their heads */
    public static function columns(): array
    {
        return [
            'name' => __('Site'),
            'kind' => __('Seen as'),
            'c1' => 'C1',
            'c2' => 'C2',
            'max_at' => __('Max'),
            'c3' => 'C3',
            'c4' => 'C4',
            'obscuration' => __('Obscuration (area)'),
            'duration_s' => __('Lasts'),
            'altitude_deg' => __('Sun at max'),
        ];
    }

    public function isDone(): bool
    {
        return $this->computed === $this->list->size;
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
