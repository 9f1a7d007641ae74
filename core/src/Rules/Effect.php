<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What a rule does where it applies. */
enum Effect: string
{
    /** It allows, unless another one forbids or asks for something. What no rule allows is not allowed. */
    case Allows = 'yes';
    case Asks = 'if';
    case Forbids = 'no';
    /** It allows nothing and forbids nothing, but names a danger. */
    case Warns = 'beware';
}
