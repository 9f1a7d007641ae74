<?php

declare(strict_types=1);

namespace KeenShadow\Core\Time;

enum DeltaTSource: string
{
    case Measured = 'measured';
    case Predicted = 'predicted';
    case Given = 'given';
}
