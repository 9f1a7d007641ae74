<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventSheet;
use App\Models\Event;
use App\Models\User;
use App\Text\CueWords;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\UsualCue;

/** Run sheets of the demo's coming events: what is usual, and a line of their own. */
final class DemoRunSheets
{
    public static function write(Event $total, Event $ring, User $by): void
    {
        self::keep($total, Occasion::Public, $by, Cue::of(Str::uuid7()->toString(), CueKind::Move, 'Ice lollies', Anchor::C4, 600, durationS: 900, who: 'Kitchen'));
        self::keep($ring, Occasion::Lessons, $by, Cue::of(Str::uuid7()->toString(), CueKind::Move, 'Bell: back to the lesson', Anchor::Clock, clockS: 17 * 3600 + 1800));
    }

    private static function keep(Event $event, Occasion $occasion, User $by, Cue $own): void
    {
        $facts = app(EventReader::class)->facts($event->refresh());
        $usual = array_map(
            static fn(UsualCue $u): Cue => Cue::of(Str::uuid7()->toString(), $u->kind, CueWords::usual($u)['name'], $u->anchor, $u->offsetS, durationS: $u->durationS, crew: CueWords::usual($u)['crew'], call: CueWords::usual($u)['call']),
            UsualCue::for($occasion, EventSheet::moments($facts), $facts->filters()->mayComeOff()),
        );
        EventSheet::of($event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->with($own, ...$usual), $by);
    }
}
