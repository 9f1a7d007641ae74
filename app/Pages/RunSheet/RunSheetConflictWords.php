<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\SheetConflict;
use App\Text\CueWords;

/** Two people changed one cue, or a step was taken meanwhile: what holds now, in words. */
final class RunSheetConflictWords
{
    public static function of(SheetConflict $conflict): string
    {
        $who = $conflict->holds->maker->name ?? __('Somebody else');
        if ($conflict->isRotaDisputed) {
            return __(':who has changed the same turn, duty or wish meanwhile, and nothing of yours was done: look at it and try again.', ['who' => $who]);
        }
        if ($conflict->disputed === []) {
            return __(':who has changed the run sheet meanwhile, and nothing of yours was done: look at it and try again.', ['who' => $who]);
        }
        $now = $conflict->holds->sheet->cues[$conflict->disputed[0]->id] ?? null;

        return $now === null
            ? __(':who has removed this cue meanwhile. Save again to bring it back as it stands here.', ['who' => $who])
            : __(':who has changed this cue meanwhile: ":name", :hangs. Save again to put yours in its place.', ['who' => $who, 'name' => $now->name, 'hangs' => CueWords::hangs($now)]);
    }
}
