<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Eyes;

enum WhichEye: string
{
    case Right = 'right';
    case Left = 'left';
    case Both = 'both';
    case NotKnown = 'not_known';
}
