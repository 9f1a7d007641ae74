<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Record;

/** What may be done for practice. */
enum Exercise: string
{
    case Card = 'card';
    case Scene = 'scene';
    case Steps = 'steps';
    case Lenses = 'lenses';
    case Drill = 'drill';
}
