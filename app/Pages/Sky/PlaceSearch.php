<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\Place;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\Site\CoordinateText;

/** Finds a place by its name, forgiving accents and slips, or by its coordinates in any usual form. */
final class PlaceSearch
{
    private const MOST = 8;
    /** Looked through when a region or country is named as well. */
    private const CANDIDATES = 60;
    private const SHORTEST = 2;
    /** Degrees around a point in which its nearest town is sought, wider and wider. */
    private const REACHES = [1, 3, 10];

    /** @return list<FoundPlace> */
    public function find(string $typed): array
    {
        $typed = trim((string) preg_replace('/[\x00-\x1F\x7F]+/', ' ', $typed));
        $coordinates = CoordinateText::parse($typed);
        if ($coordinates !== null) {
            return [FoundPlace::at($coordinates, $this->nearest($coordinates->latDeg, $coordinates->lonDeg))];
        }
        [$name, $where] = array_pad(array_map(trim(...), explode(',', $typed, 2)), 2, '');
        if (mb_strlen($name) < self::SHORTEST) {
            return [];
        }
        $found = $this->byName($name);
        if ($where !== '') {
            $found = array_values(array_filter($found, static fn(Place $place): bool => self::liesIn($place, $where)));
        }

        return array_map(FoundPlace::town(...), array_slice($found, 0, self::MOST));
    }

    /** The town nearest to a point, null in the middle of an ocean. */
    public function nearest(float $lat, float $lon): ?Place
    {
        foreach (self::REACHES as $reach) {
            $place = $this->inBox($lat, $lon, $reach)
                // Degrees of longitude shrink with the latitude; near enough for the choice of a time zone.
                ->orderByRaw('(lat - ?) ^ 2 + ((lon - ?) * ?) ^ 2', [$lat, $lon, cos(deg2rad($lat))])
                ->first();
            if ($place !== null) {
                return $place;
            }
        }

        return null;
    }

    /** @return Builder<Place> */
    private function inBox(float $lat, float $lon, int $reach): Builder
    {
        $row = (int) floor($lat);
        $column = (int) floor($lon);

        return Place::query()
            ->whereRaw('floor(lat) between ? and ?', [$row - $reach, $row + $reach])
            ->whereRaw('floor(lon) between ? and ?', [$column - $reach, $column + $reach]);
    }

    /**
     * What begins with the name, largest first; where nothing does, what is spelled alike.
     *
     * @return list<Place>
     */
    private function byName(string $name): array
    {
        $folded = DB::scalar('select fold(?)', [$name]);
        $pattern = addcslashes(is_string($folded) ? $folded : '', '\\%_');
        $begins = Place::query()->where('folded', 'like', $pattern . '%')->orderByDesc('population')->limit(self::CANDIDATES)->get();
        if ($begins->isNotEmpty()) {
            return array_values($begins->all());
        }

        return array_values(Place::query()->whereRaw('folded % ?', [$folded])
            ->orderByRaw('similarity(folded, ?) desc', [$folded])->orderByDesc('population')->limit(self::CANDIDATES)->get()->all());
    }

    private static function liesIn(Place $place, string $where): bool
    {
        $fold = static fn(string $text): string => Str::lower(Str::ascii($text));
        $sought = $fold($where);

        return str_starts_with($fold($place->region), $sought)
            || str_starts_with($fold($place->countryName()), $sought)
            || strtolower($place->country) === $sought
            || str_starts_with($fold($place->fullName()), $fold($place->name) . ', ' . $sought);
    }
}
