<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use DateTimeZone;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Clouds;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueRecord;
use KeenShadow\Core\RunSheet\Cues\Moments;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use PHPUnit\Framework\TestCase;

/** Plan B. */
final class CloudsTest extends TestCase
{
    /** What needs the Sun falls away under clouds unless somebody says otherwise; plan B takes its place, with the same people. */
    public function testUnderClouds(): void
    {
        $cue = static fn(CueKind $kind, Anchor $anchor, ?Clouds $clouds = null): Cue => Cue::of("{$kind->value} {$anchor->value} {$clouds?->value}", $kind, 'x', $anchor, durationS: 60, who: 'Noor', clouds: $clouds);
        foreach ([
            [CueKind::Look, Anchor::Sunset, null, Clouds::FallsAway],
            [CueKind::Call, Anchor::C1, null, Clouds::FallsAway],
            [CueKind::Call, Anchor::Sunset, null, Clouds::GoesOn],
            [CueKind::Measure, Anchor::C1, null, Clouds::GoesOn],
            [CueKind::Look, Anchor::C1, Clouds::GoesOn, Clouds::GoesOn],
            [CueKind::Pack, Anchor::C4, Clouds::OnlyThen, Clouds::OnlyThen],
        ] as [$kind, $anchor, $said, $is]) {
            self::assertSame($is, $cue($kind, $anchor, $said)->underClouds());
            self::assertEquals($cue($kind, $anchor, $said), CueRecord::read(CueRecord::write($cue($kind, $anchor, $said))));
        }
        $row = CueRecord::write($cue(CueKind::Look, Anchor::C1));
        unset($row['clouds']);
        self::assertEquals($cue(CueKind::Look, Anchor::C1), CueRecord::read($row), 'a sheet from before');

        $moments = new Moments(LocalEclipse::seenFrom((new EclipseSearch())->onDate('2027-08-02'), Observer::at(36.53, -6.29, 0), new DateTimeZone('UTC'), new Ephemeris()), []);
        $clashes = static fn(Cue ...$cues): int => count(array_filter(Sheet::of(array_values($cues))->placed($moments), static fn(PlacedCue $p): bool => $p->clashes !== []));
        self::assertSame(0, $clashes($cue(CueKind::Look, Anchor::C1), $cue(CueKind::Look, Anchor::C1, Clouds::OnlyThen)));
        self::assertSame(2, $clashes($cue(CueKind::Measure, Anchor::C1), $cue(CueKind::Look, Anchor::C1, Clouds::OnlyThen)));
        self::assertFalse($cue(CueKind::Look, Anchor::C1, Clouds::OnlyThen)->needsTheSun());
    }
}
