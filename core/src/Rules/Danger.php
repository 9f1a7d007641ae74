<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What comes to harm. */
enum Danger: string
{
    /** Burnt by light without pain, for good. */
    case Retina = 'retina';
    /** Burnt by ultraviolet light, as by snow. */
    case Cornea = 'cornea';
    /** Fire, burnt skin, glass that cracks. */
    case Heat = 'heat';
    case Equipment = 'equipment';
}
