<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use DateTimeZone;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNeed;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\Moments;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Time\Interval;
use PHPUnit\Framework\TestCase;

/** What must be seen for a cue, and where it sends eyes. */
final class CueNeedsTest extends TestCase
{
    private const CADIZ = [36.53, -6.29];

    /** What a cue needs is asked where it is placed: an event that moves out of the path, to its edge or behind a skyline calls nothing of totality, and nobody is sent round a horizon with a low Sun. */
    public function testWhatACueNeedsIsAskedEachTime(): void
    {
        $total = self::here('2027-08-02', self::CADIZ);
        $maximum = $total->circumstances->maximum->julianDateUt();
        $places = [
            'total' => new Moments($total, []),
            'behind the gym' => new Moments($total, [new Interval($maximum - 0.02, $maximum + 0.02)]),
            'beside the path' => new Moments(self::here('2027-08-02', [37.39, -5.99]), []),
            'at its edge' => new Moments(self::here('2027-08-02', [36.72, -6.0]), []),
            'a ring' => new Moments(self::here('2028-01-26', [37.4, -6.0]), []),
            'a low partial' => new Moments(self::here('2026-08-12', self::CADIZ), []),
        ];
        $all = static fn(CueNeed $need): array => array_keys(array_filter($places, static fn(Moments $moments): bool => Sheet::of([Cue::of('a', CueKind::Look, 'a', Anchor::Maximum, -10, durationS: 20)->needing($need, null)])->placed($moments)[0]->begins !== null));
        self::assertSame(['total'], $all(CueNeed::FiltersOff));
        self::assertSame(['total'], $all(CueNeed::Totality));
        self::assertSame(['a ring'], $all(CueNeed::Ring));
        self::assertSame(['behind the gym', 'beside the path', 'at its edge', 'a ring', 'a low partial'], $all(CueNeed::FiltersStayOn));

        $note = static fn(string $place, int $offsetS, Gaze $eyes): array => Sheet::of([Cue::of('a', CueKind::Brief, 'a', Anchor::Maximum, $offsetS)->needing(null, $eyes)])->placed($places[$place])[0]->notes;
        // 26 January 2028: the Sun stands 7° high at the ring; 2 August 2027: 37°, and an hour and a half before it 19°.
        self::assertSame([[CueNote::EyesAtTheSun], [], []], [$note('a ring', 0, Gaze::AllRound), $note('a ring', 0, Gaze::Away), $note('a ring', 0, Gaze::Ground)]);
        self::assertSame([[], [CueNote::EyesAtTheSun]], [$note('total', -600, Gaze::AllRound), $note('total', -5700, Gaze::AllRound)]);
        // A totality with the Sun low: only while filters may be off.
        $low = new Moments(self::here('2026-08-12', [43.46, -3.81]), []);
        $at = static fn(int $offsetS): array => Sheet::of([Cue::of('a', CueKind::Brief, 'a', Anchor::Maximum, $offsetS)->needing(null, Gaze::AllRound)])->placed($low)[0]->notes;
        self::assertSame([[], [CueNote::EyesAtTheSun], [CueNote::EyesAtTheSun]], [$at(0), $at(-40), $at(40)]);
    }

    /** @param array{float, float} $place */
    private static function here(string $date, array $place): LocalEclipse
    {
        return LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at(...$place), new DateTimeZone('Europe/Madrid'), new Ephemeris());
    }
}
