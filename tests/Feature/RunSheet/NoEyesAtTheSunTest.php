<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\Training\Handout;
use App\Models\Event;
use App\Pages\Day\LookPage;
use App\Text\CueWords;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\Moments;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\UsualCue;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Catalogue;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseKind;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\ShadowAxis;
use KeenShadow\Core\Sky\SolarEclipse;
use Tests\TestCase;

/**
 * No text sends eyes within 60° of a Sun that is not wholly covered: every usual cue of every kind of event, and where the day says the shadow
 * comes from, over the central eclipses of three centuries, along their paths with both ends, and beside them. What a text sends eyes to is read
 * from its words here, and whether the Sun is covered from the contacts: nothing of how it was decided is asked.
 */
final class NoEyesAtTheSunTest extends TestCase
{
    private const COMPASS = ['north' => 0.0, 'east' => 90.0, 'south' => 180.0, 'west' => 270.0];
    private const APART_DEG = 60.0;
    private const LOW_DEG = 20.0;

    public function testCuesOverThreeCenturies(): void
    {
        [$eclipses, $seen] = [0, ['total' => 0, 'ring' => 0, 'low' => 0]];
        foreach ($this->centralEclipses() as $n => $eclipse) {
            ++$eclipses;
            foreach ($this->places($eclipse, $n) as $observer) {
                $here = LocalEclipse::seenFrom($eclipse, $observer, new DateTimeZone('UTC'), $this->ephemeris());
                $moments = new Moments($here, []);
                foreach ([Occasion::cases()[$n % 4], Occasion::Public] as $occasion) {
                    $sheet = Sheet::of(array_map(self::cue(...), UsualCue::for($occasion, $moments)));
                    foreach ($sheet->placed($moments) as $placed) {
                        $said = implode(' ', [$placed->cue->name, $placed->cue->crew, $placed->cue->call]);
                        if ($placed->begins !== null && $placed->ends !== null && !$placed->cue->isDaysBefore()) {
                            self::assertNull(self::fault($said, $here, $placed->begins, $placed->ends), "{$eclipse->date()} at {$observer->latDeg}, {$observer->lonDeg}: {$said}");
                            $seen['total'] += $placed->cue->id === 'look-round' ? 1 : 0;
                            $seen['ring'] += $placed->cue->id === 'ring' ? 1 : 0;
                            $seen['low'] += Bearing::ofSun($here->at($placed->begins))->altitudeDeg < self::LOW_DEG ? 1 : 0;
                        }
                    }
                }
            }
        }
        self::assertSame(453, $eclipses);
        self::assertGreaterThan(100, min($seen), json_encode($seen, JSON_THROW_ON_ERROR));
    }

    public function testTheShadowIsNotLookedForAtTheSun(): void
    {
        $told = ['there' => 0, 'not' => 0];
        foreach ($this->centralEclipses() as $n => $eclipse) {
            foreach ($n % 3 === 0 ? $this->places($eclipse, $n) : [] as $observer) {
                $here = LocalEclipse::seenFrom($eclipse, $observer, new DateTimeZone('UTC'), $this->ephemeris());
                $begin = $here->circumstances->contact(ContactName::C2);
                if ($here->circumstances->kind !== LocalKind::Total || $begin === null || !$begin->view->isSunUp()) {
                    continue;
                }
                $look = LookPage::of($here);
                $isTold = preg_match('/\((\d+)°\)/', $look->shadow, $found) === 1;
                $fromDeg = (float) ($found[1] ?? NAN);
                ++$told[$isTold ? 'there' : 'not'];
                self::assertSame($isTold, $look->rose->shadowDeg !== null);
                foreach ($isTold ? [-60, -30, 0] : [] as $seconds) {
                    $sun = Bearing::ofSun($here->at($begin->time()->modify("{$seconds} seconds")));
                    self::assertGreaterThanOrEqual(self::APART_DEG - 1.0, self::apartDeg($fromDeg, $sun), "{$eclipse->date()} at {$observer->latDeg}, {$observer->lonDeg}");
                }
            }
        }
        self::assertGreaterThan(20, min($told), json_encode($told, JSON_THROW_ON_ERROR));
    }

    /** Calls as they were once, at the places where they were found wrong: the test knows them. */
    public function testWhatWasCalledOnceIsFound(): void
    {
        $here = static fn(string $date, float $lat, float $lon): LocalEclipse => LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon), new DateTimeZone('Europe/Madrid'), new Ephemeris());
        $santander = $here('2026-08-12', 43.46, -3.81);
        $before = $santander->circumstances->contact(ContactName::C2)?->time()->modify('-2 minutes') ?? self::fail();
        self::assertSame('west', self::fault('Look at the white sheet, then at the western sky.', $santander, $before, $before));
        self::assertSame('all round', self::fault('Now it grows dark. Look at the horizon all round, and listen.', $santander, $before, $before));
        $seville = $here('2026-08-12', 37.39, -5.99);
        $maximum = $seville->circumstances->maximum->time();
        self::assertSame('look round', self::fault('Look round the whole horizon: sunset, planets.', $seville, $maximum, $maximum));
        self::assertNull(self::fault('Stand with your back to the Sun, look along the horizon.', $santander, $before, $before));
    }

    /** What families take home says where the Sun is and sends nobody there: over all the eclipses, under each policy in turn. */
    public function testHandoutsSendNobodyToTheSun(): void
    {
        $read = 0;
        $policies = [null, ...Policy::cases()];
        foreach ($this->centralEclipses() as $n => $eclipse) {
            foreach ($this->places($eclipse, $n) as $observer) {
                $here = LocalEclipse::seenFrom($eclipse, $observer, new DateTimeZone('UTC'), $this->ephemeris());
                $best = $here->bestVisible()->time();
                $event = new Event(['title' => 'Morning', 'place_name' => 'Sea wall', 'policy' => $policies[$n % count($policies)]]);
                $handout = Handout::of(new EventFacts($event, $here, null));
                foreach ([$handout->answer->headline, $handout->policy, ...$handout->bring, ...$handout->never, ...$handout->plain, ...$handout->after] as $text) {
                    self::assertNull(self::fault($text, $here, $best, $best), "{$eclipse->date()}: {$text}");
                    ++$read;
                }
                self::assertStringStartsWith('At ', $handout->direction);
                self::assertStringNotContainsStringIgnoringCase('look', $handout->direction);
            }
        }
        self::assertGreaterThan(10000, $read);
    }

    /** Cards for the queue, scenes and steps are the same wherever the Sun stands: read beside a low crescent, none of them sends eyes there. */
    public function testCardsScenesAndStepsSendNobodyToTheSun(): void
    {
        $here = LocalEclipse::seenFrom((new EclipseSearch())->onDate('2026-08-12'), Observer::at(43.46, -3.81), new DateTimeZone('Europe/Madrid'), new Ephemeris());
        $before = $here->circumstances->contact(ContactName::C2)?->time()->modify('-2 minutes') ?? self::fail();
        $texts = [];
        $all = [trans('queue'), ...array_map(static fn(string $name): mixed => json_decode((string) file_get_contents(base_path("core/data/{$name}.json")), true), ['scenes', 'steps'])];
        array_walk_recursive($all, static function (mixed $text) use (&$texts): void {
            $texts[] = is_string($text) ? $text : '';
        });
        self::assertGreaterThan(100, count(array_unique($texts)));
        foreach ($texts as $text) {
            self::assertNull(self::fault($text, $here, $before, $before), $text);
        }
    }

    /** Why a text must not be said from a moment to another; null where it may. */
    private static function fault(string $said, LocalEclipse $here, DateTimeImmutable $begins, DateTimeImmutable $ends): ?string
    {
        $plain = strtolower((string) preg_replace('/cut by the horizon|do not look up( yet)?|look up only through a filter|(?:glasses on |whenever |for )[^.:]*looks? up|look up, eyes down|(?:filters|glasses) stay on[^.]*/i', '', $said));
        if (preg_match('/backs? to (the sun|where the sun is)/', $plain) === 1) {
            return null;
        }
        foreach ([$begins, $ends] as $moment) {
            if (self::isCovered($here, $moment)) {
                continue;
            }
            $sun = Bearing::ofSun($here->at($moment));
            if ($sun->altitudeDeg < -1.0) {
                continue;
            }
            foreach (self::COMPASS as $word => $azimuth) {
                if (preg_match("/\\b{$word}(ern|wards?)?\\b/", $plain) === 1 && self::apartDeg($azimuth, $sun) < self::APART_DEG) {
                    return $word;
                }
            }
            if (preg_match('/all round|look round|every side|horizon|the sky|look up/', $plain, $found) === 1 && $sun->altitudeDeg < self::LOW_DEG) {
                return preg_match('/look round/', $plain) === 1 ? 'look round' : (preg_match('/all round/', $plain) === 1 ? 'all round' : $found[0]);
            }
        }

        return null;
    }

    /** By the contacts alone, some seconds inside of them. */
    private static function isCovered(LocalEclipse $here, DateTimeImmutable $moment): bool
    {
        $c = $here->circumstances;

        return $c->kind === LocalKind::Total && $moment > $c->contact(ContactName::C2)?->time()->modify('+3 seconds') && $moment < $c->contact(ContactName::C3)?->time()->modify('-3 seconds');
    }

    /** From a point of the horizon to the Sun: by the cosine rule of a right-angled triangle on the sphere. */
    private static function apartDeg(float $azimuthDeg, Bearing $sun): float
    {
        return rad2deg(acos(cos(deg2rad($sun->altitudeDeg)) * cos(deg2rad($azimuthDeg - $sun->azimuthDeg))));
    }

    private static function cue(UsualCue $usual): Cue
    {
        $words = CueWords::usual($usual);

        return $usual->cue($usual->code, $words['name'], $words['crew'], $words['call']);
    }

    /** @return iterable<int, SolarEclipse> */
    private function centralEclipses(): iterable
    {
        $rows = array_map(static fn(string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim((string) file_get_contents(base_path('core/data/solar-eclipses.csv')))));
        $names = array_map(strval(...), array_shift($rows));
        $n = 0;
        foreach ($rows as $row) {
            $eclipse = Catalogue::solarEclipse(array_combine($names, array_map(strval(...), $row)));
            if ($eclipse->kind !== EclipseKind::Partial) {
                yield $n++ => $eclipse;
            }
        }
    }

    /** @return iterable<Observer> where the shadow comes down and leaves, on its way, and a degree or two beside */
    private function places(SolarEclipse $eclipse, int $n): iterable
    {
        [$from, $to] = ShadowAxis::spanOnEarth($eclipse->elements, $eclipse->greatestHours);
        $besideDeg = $n % 2 === 0 ? 2.0 : -2.0;
        foreach ([[0.002, 0.0], [0.05 + 0.9 * fmod($n * 0.618, 1.0), 0.0], [0.998, 0.0], [0.998, $besideDeg]] as [$share, $northDeg]) {
            $point = ShadowAxis::at($eclipse->elements, $from + $share * ($to - $from))->surfacePoint($eclipse->deltaT);
            yield Observer::at(max(-89.0, min(89.0, $point['latDeg'] + $northDeg)), $point['lonDeg']);
        }
    }

    private function ephemeris(): Ephemeris
    {
        return app(Ephemeris::class);
    }
}
