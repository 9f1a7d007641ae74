<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Eyewear\PairFault;

/** Short words and keys for the buttons; the full reason stands in the rule. */
final class EyewearWords
{
    /** The key that marks a fault: 1 … 9 and 0 in the order of the list. */
    public static function key(PairFault $fault): int
    {
        return ((int) array_search($fault, PairFault::cases(), true) + 1) % 10;
    }

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
