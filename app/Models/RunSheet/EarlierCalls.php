<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use App\Text\CueWords;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\UsualCue;

/**
 * Usual cues as earlier versions of the program wrote them into run sheets: their calls sent eyes to wherever the Sun stands, or said of a place
 * what is not seen there. They are read as what is usual now; whatever somebody has written in their own words stays.
 */
final class EarlierCalls
{
    /** The call of old by the code of the cue. */
    private const CODES = [
        'Look at your shadow and at the colours around you.' => 'light-odd',
        'Be still for a moment and listen.' => 'animals',
        'Look at the white sheet, then at the western sky.' => 'shadow-bands',
        'Look round the whole horizon.' => 'look-round',
        'Glasses stay on. Look at the white sheet.' => 'bands-again',
        'Watch how the light falls. Glasses stay in your hand: it may break open.' => 'clouded-sky',
        'Now it grows dark. Look at the horizon all round, and listen.' => 'clouded-dark',
        'The ring! Glasses stay on.' => 'ring',
        'The ring opens. Glasses stay on.' => 'ring-ends',
        'This is the most that is covered here. Glasses stay on.' => 'maximum',
    ];

    /** @param bool $isEarlier whether it was written before cues knew what they need */
    public static function renewed(Cue $cue, bool $isEarlier): Cue
    {
        $code = $isEarlier ? self::CODES[$cue->call] ?? null : null;
        if ($code === null) {
            return $cue;
        }
        $usual = UsualCue::named($code);

        return $cue->worded(...CueWords::usual($usual))->needing($usual->needs, $usual->eyes);
    }
}
