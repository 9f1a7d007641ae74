<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** What is wrong with turns and posts as they stand. */
enum FaultKind: string
{
    /** Somebody or something is gone for whom they were made: a group, a station, a helper. */
    case Gone = 'gone';
    case MethodRefused = 'method_refused';
    case WrongLength = 'wrong_length';
    case OffTheStep = 'off_the_step';
    /** The group cannot come then, or there is nothing to see. */
    case GroupAway = 'group_away';
    case StationClosed = 'station_closed';
    /** A group at two stations, or on the way between two. */
    case GroupTwice = 'group_twice';
    case TooManyPeople = 'too_many_people';
    case TooFewPairs = 'too_few_pairs';
    case TooManyTurns = 'too_many_turns';
    case TooFewTurns = 'too_few_turns';
    /** A station that is never to be alone has too few helpers while no group is there. */
    case Alone = 'alone';
    /** A group is there, and too few helpers. */
    case Unstaffed = 'unstaffed';
    case Untrained = 'untrained';
    case HelperAway = 'helper_away';
    /** A helper at two stations, or on the way between two. */
    case HelperTwice = 'helper_twice';
    case NoRest = 'no_rest';
}
