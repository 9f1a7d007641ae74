<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\NewCue;
use App\Domain\Event\SheetCues;
use App\Models\Event;
use App\Models\User;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNeed;
use KeenShadow\Core\RunSheet\Cues\Sheet;

final class CuesOfRooms implements SheetCues
{
    public function put(Event $event, array $cues, array $stale, User $by): void
    {
        $made = array_map(static fn(NewCue $new): Cue => Cue::of(
            $new->id,
            CueKind::from($new->kind),
            $new->name,
            Anchor::from($new->anchor),
            $new->offsetS,
            durationS: $new->durationS,
            who: $new->who,
            where: $new->where,
            crew: $new->crew,
            needs: CueNeed::tryFrom($new->needs ?? ''),
        ), $cues);
        $sheet = EventSheet::of($event);
        $sheet->change($sheet->revision(), static fn(Sheet $seen): Sheet => array_reduce($stale, static fn(Sheet $left, string $id): Sheet => $left->without($id), $seen)->with(...$made), $by);
    }
}
