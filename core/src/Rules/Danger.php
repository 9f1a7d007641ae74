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

    public function words(): string
    {
        return match ($this) {
            self::Retina => 'The retina: burnt without pain, for good.',
            self::Cornea => 'The front of the eye: burnt as by snow, painful hours later.',
            self::Heat => 'Heat: burnt skin, fire, glass that cracks.',
            self::Equipment => 'The instrument: burnt or broken.',
        };
    }
}
