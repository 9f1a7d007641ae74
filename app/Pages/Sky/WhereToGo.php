<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Sky\EclipsePaths;
use App\Domain\Sky\TownInPath;
use App\Text\Durations;
use App\Text\Numbers;
use App\Text\SkyWords;
use Illuminate\Support\Str;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Sky\CentralArea;
use KeenShadow\Core\Sky\Compass;
use KeenShadow\Core\Sky\EclipseKind;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\ShadowPath;

/** How far it is to the path of an eclipse, what is gained there, and the towns inside it. */
final readonly class WhereToGo
{
    private const SHOWN = 60;

    /**
     * @param string $sentence how far, which way, how long
     * @param list<PathTown> $towns those that are shown, largest first
     * @param int $inside how many towns lie inside
     * @param int $found how many of them fit what is sought
     */
    private function __construct(
        public string $sentence,
        public array $towns,
        public int $inside,
        public int $found,
        public string $sought,
    ) {}

    /** @param string $sought a part of the name of a town, region or country; empty for all */
    public static function of(LocalEclipse $here, EclipsePaths $paths, string $sought): self
    {
        if ($here->eclipse->kind === EclipseKind::Partial) {
            return new self(__('This eclipse is partial everywhere: there is no path to go to.'), [], 0, 0, $sought);
        }
        $inside = $paths->townsInside($here->eclipse);
        $plain = static fn(string $text): string => Str::lower(Str::ascii($text));
        $found = $sought === '' ? $inside : array_values(array_filter($inside, static fn(TownInPath $town): bool => str_contains($plain($town->name), $plain($sought))));

        return new self(
            self::sentence($here, $paths->path($here->eclipse), $paths->area($here->eclipse)),
            array_map(static fn(TownInPath $town): PathTown => PathTown::of($town, $here), array_slice($found, 0, self::SHOWN)),
            count($inside),
            count($found),
            $sought,
        );
    }

    private static function sentence(LocalEclipse $here, ShadowPath $path, CentralArea $area): string
    {
        $own = $here->circumstances->durationSeconds();
        $isInside = $own !== null && $here->circumstances->maximum->isSunUp();
        $edge = $area->nearestTo($here->observer->latDeg, $here->observer->lonDeg);
        $centre = $path->nearestTo($here->observer);
        $names = ['kind' => SkyWords::kind($here->eclipse->kind), 'own' => Durations::toTheSecond($own ?? 0.0)];
        if ($edge !== null) {
            [$names['edge'], $names['edgeWay']] = self::distance($here->observer, $edge->latDeg, $edge->lonDeg);
        }
        if ($centre !== null) {
            [$names['km'], $names['way']] = self::distance($here->observer, $centre->latDeg, $centre->lonDeg);
            $names['length'] = Durations::toTheSecond($centre->durationSeconds);
        }

        return match (true) {
            $isInside && $centre !== null => __('You are inside the path, :edge km from its edge. On its central line, :km km :way of you, it lasts :length instead of :own.', $names),
            $isInside => __('You are inside the area in which it is :kind, :edge km from its edge; it has no central line, since the middle of the shadow misses the Earth.', $names),
            $centre !== null => __('The path (:kind) begins :edge km :edgeWay of here; its central line is :km km away, and there it lasts :length.', $names),
            default => __('The area in which it is :kind begins :edge km :edgeWay of here, with the Sun on the horizon; it has no central line, since the middle of the shadow misses the Earth.', $names),
        };
    }

    /** @return array{string, string} kilometres and compass word */
    private static function distance(Observer $from, float $lat, float $lon): array
    {
        return [
            Numbers::about(Globe::distanceKm($from->latDeg, $from->lonDeg, $lat, $lon)),
            SkyWords::compass(Globe::bearingDeg($from->latDeg, $from->lonDeg, $lat, $lon)),
        ];
    }
}
