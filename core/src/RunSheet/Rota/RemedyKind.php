<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** A change that would let a group have its turns, the smallest trouble first (own judgement). */
enum RemedyKind: string
{
    /** So many more people at once at a station. */
    case Capacity = 'capacity';
    /** So many minutes less for a turn at a station. */
    case Shorter = 'shorter';
    /** So many more pairs of glasses found fit. */
    case Pairs = 'pairs';
    /** So many more helpers, trained for everything and there all the time. */
    case Helpers = 'helpers';
    /** So many minutes more, before and after, in which a group can come. */
    case Free = 'free';
    /** A group has a turn fewer. */
    case Turn = 'turn';
}
