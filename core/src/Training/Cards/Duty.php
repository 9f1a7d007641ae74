<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Cards;

use KeenShadow\Core\Rules\Part;

/** For what somebody trains: which cards are of use to them. */
enum Duty: string
{
    /** Whoever is with a group: eyes, children, images. */
    case Teacher = 'teacher';
    /** Whoever looks glasses over and hands them out. */
    case Checker = 'checker';
    /** Whoever stands at a telescope, a camera or a mirror. */
    case Instrument = 'instrument';
    /** Whoever is asked by visitors what they may use. */
    case Helper = 'helper';

    private const EYES = ['direct'];
    private const OPTICS = ['through_optics', 'projected', 'camera', 'screen_of_device'];
    private const PLAIN = 3;

    public function wants(Card $card): bool
    {
        $look = $card->situation->get(Part::Look);

        return match ($this) {
            self::Teacher => in_array($look, [...self::EYES, 'pinhole_screen', 'through_pinhole', 'reflection'], true),
            self::Checker => in_array($look, self::EYES, true),
            self::Instrument => in_array($look, self::OPTICS, true),
            self::Helper => $card->difficulty() <= self::PLAIN,
        };
    }
}
