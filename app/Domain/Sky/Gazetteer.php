<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Models\Sky\Place;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Position\Coordinates;
use KeenShadow\Core\Position\CoordinateText;
use Locale;

/**
 * Finds a place by its name in many languages, forgiving accents, punctuation and slips, or by its coordinates in any
 * usual form. NameMatch counts first, then size and nearness to places that are known already.
 */
final class Gazetteer
{
    private const MOST = 8;
    private const CANDIDATES = 80;
    private const SHORTEST = 2;
    private const LONGEST_NAME = 120;
    /** A pasted waypoint of a GPX file is longer than a name. */
    private const LONGEST_WAYPOINT = 2000;
    /** Degrees around a point in which its nearest town is sought, wider and wider. */
    private const REACHES = [1, 3, 10];
    private const FARTHEST_KM = 1000.0;
    /** Half the chord through the Earth, squared: it grows with the way over it. */
    private const HAVERSINE = '(sin(radians(lat - ?) / 2) ^ 2 + cos(radians(lat)) * ? * sin(radians(lon - ?) / 2) ^ 2)';
    /** A place as near as this counts as near; half as far again as large weighs the same (own judgement). */
    private const NEAR_KM = 100.0;
    private const NEARNESS = 0.7;
    /** Languages in which a country may be named. */
    private const LANGUAGES = ['en', 'es', 'fr', 'de', 'pt', 'it', 'ca', 'eu', 'gl', 'nl', 'da', 'sv', 'nb', 'fi', 'pl', 'cs', 'hu', 'ru', 'el', 'tr', 'ar', 'ja', 'zh'];
    private const COUNTRY_WORDS = ['GB' => ['uk', 'great britain'], 'US' => ['usa', 'us', 'america']];

    /**
     * @param list<Coordinates> $known places near which another is likely
     *
     * @return list<FoundPlace> best first
     */
    public function find(string $typed, array $known = []): array
    {
        $typed = trim((string) preg_replace('/[\x00-\x1F\x7F]+/', ' ', $typed));
        $typed = mb_substr($typed, 0, str_starts_with($typed, '<') ? self::LONGEST_WAYPOINT : self::LONGEST_NAME);
        $coordinates = CoordinateText::parse($typed);
        if ($coordinates !== null) {
            return [FoundPlace::at($coordinates, $this->around($coordinates->latDeg, $coordinates->lonDeg))];
        }
        [$name, $where] = array_pad(array_map(trim(...), explode(',', $typed, 2)), 2, '');
        if (mb_strlen($name) < self::SHORTEST) {
            return [];
        }
        $found = $this->byName($name, $where, $known);
        // "Cádiz España": the country without a comma.
        $words = explode(' ', $name);
        for ($last = 1; $last < min(4, count($words)) && $where === '' && ($found === [] || !$found[0]->likeness->isPlain()); ++$last) {
            $parted = $this->byName(implode(' ', array_slice($words, 0, -$last)), implode(' ', array_slice($words, -$last)), $known);
            if ($parted !== [] && $parted[0]->likeness->isPlain()) {
                $found = $parted;
            }
        }

        return array_map(FoundPlace::town(...), array_slice($found, 0, self::MOST));
    }

    /** The town nearest to a point, none within 1 000 km in the middle of an ocean. */
    public function around(float $lat, float $lon): NearestTown
    {
        $near = NearestTown::of($lat, $lon, null);
        foreach (self::REACHES as $reach) {
            $place = $this->inBox($lat, $lon, $reach)->orderByRaw(self::HAVERSINE, self::haversineOf($lat, $lon))->first();
            $near = NearestTown::of($lat, $lon, $place);
            // One that lies farther than the box reaches may not be the nearest.
            if ($near->km <= $reach * Globe::KM_PER_DEGREE) {
                break;
            }
        }

        return $near->km <= self::FARTHEST_KM ? $near : NearestTown::of($lat, $lon, null);
    }

    /** @return list<string> time zones of the towns within so many kilometres */
    public function zonesWithin(float $km, float $lat, float $lon): array
    {
        return array_values($this->inBox($lat, $lon, (int) ceil($km / Globe::KM_PER_DEGREE))
            ->whereRaw(self::HAVERSINE . ' <= ?', [...self::haversineOf($lat, $lon), sin($km / Globe::RADIUS_KM / 2) ** 2])
            ->distinct()->get('timezone')->map(static fn(Place $place): string => $place->timezone)->all());
    }

    /** @return array{float, float, float} */
    private static function haversineOf(float $lat, float $lon): array
    {
        return [$lat, cos(deg2rad($lat)), $lon];
    }

    /** @return Builder<Place> */
    private function inBox(float $lat, float $lon, int $reach): Builder
    {
        // Meridians draw together towards the poles.
        $width = (int) min(180, ceil($reach / max(0.01, cos(deg2rad(min(89.9, abs($lat) + $reach))))));
        $columns = array_map(static fn(int $k): int => ((int) floor($lon) + $k + 540) % 360 - 180, range(-$width, $width));

        return Place::query()
            ->whereRaw('floor(lat) between ? and ?', [(int) floor($lat) - $reach, (int) floor($lat) + $reach])
            ->whereRaw('floor(lon) = any(?)', ['{' . implode(',', array_unique($columns)) . '}']);
    }

    /**
     * @param list<Coordinates> $known
     *
     * @return list<NamedPlace> best first
     */
    private function byName(string $name, string $where, array $known): array
    {
        $folded = DB::scalar('select fold(?)', [$name]);
        if (!is_string($folded) || mb_strlen($folded) < self::SHORTEST) {
            return [];
        }
        $pattern = addcslashes($folded, '\\%_');
        $candidates = [...$this->candidates('folded = ?', [$folded]), ...$this->candidates("folded like ?", [$pattern . '%'])];
        // A word or two of one letter would be like thousands of names.
        if ($candidates === [] && preg_match('/[[:alnum:]]{3}/u', $folded) === 1) {
            $candidates = $this->candidates('folded % ?', [$folded], 'similarity(folded, ?) desc', [$folded]);
        }
        /** @var array<int, NamedPlace> $best */
        $best = [];
        foreach ($candidates as $place) {
            $found = NamedPlace::of($place, NameMatch::of($name, $folded, $place->called, $place->called_folded), self::weight($place, $known));
            if (!isset($best[$place->id]) || $found->isBefore($best[$place->id])) {
                $best[$place->id] = $found;
            }
        }
        $found = array_values($where === '' || $best === [] ? $best : $this->lyingIn($where, $best));
        usort($found, static fn(NamedPlace $a, NamedPlace $b): int => $a->isBefore($b) ? -1 : ($b->isBefore($a) ? 1 : 0));

        return $found;
    }

    /**
     * @param list<string> $bindings
     * @param list<string> $orderBindings
     *
     * @return list<Place>
     */
    private function candidates(string $condition, array $bindings, string $order = 'place_names.population desc', array $orderBindings = []): array
    {
        return array_values(Place::query()->join('place_names', 'place_id', '=', 'places.id')
            ->select('places.*', 'place_names.name as called', 'place_names.folded as called_folded')
            ->whereRaw($condition, $bindings)
            ->orderByRaw($order, $orderBindings)->orderByDesc('place_names.population')
            ->limit(self::CANDIDATES)->get()->all());
    }

    /** @param list<Coordinates> $known */
    private static function weight(Place $place, array $known): float
    {
        $km = array_map(static fn(Coordinates $k): float => Globe::distanceKm($k->latDeg, $k->lonDeg, $place->lat, $place->lon), $known);

        return log($place->population + 1000) - ($km === [] ? 0.0 : self::NEARNESS * log(min($km) + self::NEAR_KM));
    }

    /**
     * Those that lie in a region or country named in any language, by the beginning of any of its words.
     *
     * @param array<int, NamedPlace> $found
     *
     * @return array<int, NamedPlace>
     */
    private function lyingIn(string $where, array $found): array
    {
        $names = [];
        foreach ($found as $named) {
            $place = $named->place;
            $names[$place->country . "\t" . $place->region] = [$place->region, "{$place->region} {$place->countryName()}"];
            $names[$place->country] ??= [$place->country, ...self::COUNTRY_WORDS[$place->country] ?? [], ...self::countryNames($place->country)];
        }
        $rows = [];
        foreach ($names as $key => $called) {
            array_push($rows, ...array_map(static fn(string $name): array => ['key' => $key, 'name' => $name], $called));
        }
        $there = DB::select(
            'with sought as (select fold(?) as f)
             select key from json_to_recordset(?) as n (key text, name text), sought where f <> \'\' and strpos(\' \' || fold(name), \' \' || f) > 0
             union select country || chr(9) || region from region_names, sought where f <> \'\' and strpos(\' \' || folded, \' \' || f) > 0',
            [$where, json_encode($rows, JSON_THROW_ON_ERROR)],
        );
        $keys = array_column($there, 'key', 'key');

        return array_filter($found, static fn(NamedPlace $n): bool => isset($keys[$n->place->country]) || isset($keys[$n->place->country . "\t" . $n->place->region]));
    }

    /** @return list<string> */
    private static function countryNames(string $country): array
    {
        return array_values(array_unique(array_map(static fn(string $language): string => (string) Locale::getDisplayRegion('-' . $country, $language), self::LANGUAGES)));
    }
}
