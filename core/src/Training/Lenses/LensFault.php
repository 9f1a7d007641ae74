<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Lenses;

/** What may be seen of a pair that is looked over; the values are the rule book's words for flaws. */
enum LensFault: string
{
    case Scratch = 'scratch';
    case Hole = 'hole';
    case Crease = 'crease';
    case FilmLifting = 'film_lifting';
    case TornFrame = 'torn_frame';
    case SecondPoint = 'second_point';
    case SeeThrough = 'see_through';
    case Dirt = 'dirt';
}
