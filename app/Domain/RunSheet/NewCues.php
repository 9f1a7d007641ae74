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
        return self::written(UsualCue::for($occasion, EventSheet::moments($facts)), $facts);
    }

    /** @return list<Cue> what is called of the sky as it is seen there */
    public static function ofSky(EventFacts $there): array
    {
        return self::written(UsualCue::ofSky(EventSheet::moments($there)), $there);
    }

    /**
     * @param list<UsualCue> $usual
     *
     * @return list<Cue>
     */
    private static function written(array $usual, EventFacts $facts): array
    {
        return array_map(static function (UsualCue $one) use ($facts): Cue {
            $words = CueWords::usual($one);

            return $one->cue(Uuid::uuid5($facts->event->uuid, $one->code)->toString(), $words['name'], $words['crew'], $words['call']);
        }, $usual);
    }

    /** @return list<Cue> of another sheet; what was frozen there hangs on its anchor here */
    public static function of(Sheet $sheet): array
    {
        return array_map(static fn(Cue $cue): Cue => $cue->frozen(null)->numbered(Str::uuid7()->toString()), array_values($sheet->cues));
    }
}
