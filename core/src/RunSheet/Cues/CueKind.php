<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

/** What a cue is about. */
enum CueKind: string
{
    case Safety = 'safety';
    case Call = 'call';
    case Look = 'look';
    case Measure = 'measure';
    case Move = 'move';
    case Brief = 'brief';
    case Pack = 'pack';
}
