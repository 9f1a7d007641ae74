<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** Whether something may be used: yes; if some things are so of which nobody has said; no. */
enum Permission: string
{
    case Yes = 'yes';
    case If = 'if';
    case No = 'no';
}
