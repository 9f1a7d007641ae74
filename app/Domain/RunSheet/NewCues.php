<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Text\CueWords;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\UsualCue;
use Ramsey\Uuid\Uuid;

/** Cues that come to a run sheet from elsewhere: each with a number of its own; a usual one has the same for whoever proposes it to an event, so that two who do it at once have it once. */
final class NewCues
{
    /** @return list<Cue> what is usual for such an event at its eclipse */
    public static function usual(Occasion $occasion, EventFacts $facts): array
    {
        return array_map(static function (UsualCue $usual) use ($facts): Cue {
            $words = CueWords::usual($usual);

            return Cue::of(Uuid::uuid5($facts->event->uuid, $usual->code)->toString(), $usual->kind, $words['name'], $usual->anchor, $usual->offsetS, durationS: $usual->durationS, crew: $words['crew'], call: $words['call'], clouds: $usual->clouds);
        }, UsualCue::for($occasion, EventSheet::moments($facts), $facts->filtersByPlace()->mayComeOff()));
    }

    /** @return list<Cue> of another sheet; what was frozen there hangs on its anchor here */
    public static function of(Sheet $sheet): array
    {
        return array_map(static fn(Cue $cue): Cue => $cue->frozen(null)->numbered(Str::uuid7()->toString()), array_values($sheet->cues));
    }
}
