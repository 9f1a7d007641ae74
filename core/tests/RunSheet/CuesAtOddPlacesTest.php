<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use DateTimeZone;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\Moments;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\RunSheetException;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use PHPUnit\Framework\TestCase;

/** Cues where the clock, the day or the Sun are not as usual. */
final class CuesAtOddPlacesTest extends TestCase
{
    /** C1 at 23:15:39, the maximum at 00:06:28 on the next day, as the Sky page has them. */
    public function testAnEclipseAcrossMidnight(): void
    {
        $here = self::here('2026-08-12', 74.0, 98.0, 'Asia/Krasnoyarsk');
        $at = static fn(PlacedCue $cue): ?string => $cue->begins?->format('m-d H:i');

        self::assertSame(['08-12 23:30', '08-13 00:40'], array_map($at, self::placed($here, [Anchor::Clock, 23 * 3600 + 1800], [Anchor::Clock, 2400])));
        $moments = new Moments($here, []);
        $night = Sheet::blank()->open(22 * 3600, 2 * 3600, $moments);
        self::assertSame(['08-12 22:00', '08-13 02:00'], [$night->opens($moments)->format('m-d H:i'), $night->closes($moments)->format('m-d H:i')]);
        $this->expectException(RunSheetException::class);
        Sheet::blank()->open(2 * 3600, 22 * 3600, $moments);
    }

    /** The Sun stays up all day: there is no sunset to hang on. */
    public function testPolarDay(): void
    {
        $here = self::here('2026-08-12', 83.0, -30.0, 'UTC');
        [$sunset, $bite] = self::placed($here, [Anchor::Sunset, null], [Anchor::C1, null]);

        self::assertSame([null, [CueNote::NoMoment]], [$sunset->begins, $sunset->notes]);
        self::assertNotNull($bite->begins);
    }

    /** On the other side of the date line the clock shows another date than UTC. */
    public function testEastOf180(): void
    {
        $here = self::here('2028-07-22', -18.14, 178.44, 'Pacific/Fiji');
        [$lunch] = self::placed($here, [Anchor::Clock, 12 * 3600]);

        self::assertSame($here->local($here->circumstances->maximum->time())->format('Y-m-d') . ' 12:00 +12:00', $lunch->begins?->format('Y-m-d H:i P'));
    }

    /**
     * @param array{Anchor, int|null} ...$cues anchor and time on the clock
     *
     * @return list<PlacedCue> in their order
     */
    private static function placed(LocalEclipse $here, array ...$cues): array
    {
        $placed = Sheet::of(array_map(static fn(array $c, int $i): Cue => Cue::of("c{$i}", CueKind::Move, "c{$i}", $c[0], clockS: $c[1]), array_values($cues), array_keys(array_values($cues))))->placed(new Moments($here, []));
        usort($placed, static fn(PlacedCue $a, PlacedCue $b): int => $a->cue->id <=> $b->cue->id);

        return $placed;
    }

    private static function here(string $date, float $lat, float $lon, string $zone): LocalEclipse
    {
        return LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon), new DateTimeZone($zone), new Ephemeris());
    }
}
