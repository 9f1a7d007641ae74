<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Queue;

/** What a queue card wants of the sky. */
enum CardNeeds: string
{
    case Sunlight = 'sunlight';
    case Clouded = 'clouded';
    case Any = 'any';
}
