<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use KeenShadow\Core\Eyewear\PairFault;

/** Short words for the buttons; the full reason stands in the rule. */
final class FaultWords
{
    public static function short(PairFault $fault): string
    {
        return match ($fault) {
            PairFault::Scratch => 'scratch',
            PairFault::Hole => 'hole',
            PairFault::Crease => 'crease',
            PairFault::FilmLifting => 'film lifts',
            PairFault::LensLoose => 'lens loose',
            PairFault::FrameTorn => 'frame torn',
            PairFault::SecondLight => 'second point of light',
            PairFault::SeeThrough => 'can be seen through',
            PairFault::Dirt => 'dirt',
            PairFault::DoesNotStayOn => 'does not stay on',
        };
    }
}
