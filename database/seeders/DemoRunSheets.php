<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventSheet;
use App\Domain\RunSheet\NewCues;
use App\Models\Event;
use App\Models\RunSheet\SheetTemplate;
use App\Models\User;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\Sheet;

/** Run sheets of the demo's coming events: what is usual, and a line of their own; one is kept to be used again. */
final class DemoRunSheets
{
    public static function write(Event $total, Event $ring, User $by): void
    {
        self::keep($total, Occasion::Public, $by, Cue::of(Str::uuid7()->toString(), CueKind::Move, 'Ice lollies', Anchor::C4, 600, durationS: 900, who: 'Kitchen'));
        SheetTemplate::query()->create(['organisation_id' => $total->organisation_id, 'name' => 'Our public mornings', 'sheet' => EventSheet::of($total->refresh())->sheet(), 'made_by' => $by->id]);
        self::keep($ring, Occasion::Lessons, $by, Cue::of(Str::uuid7()->toString(), CueKind::Move, 'Bell: back to the lesson', Anchor::Clock, clockS: 17 * 3600 + 1800));
    }

    private static function keep(Event $event, Occasion $occasion, User $by, Cue $own): void
    {
        $usual = NewCues::usual($occasion, app(EventReader::class)->facts($event->refresh()));
        EventSheet::of($event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->with($own, ...$usual), $by);
    }
}
