<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Rule;

/** Images thrown by a hole, by leaves, or by a flat mirror. */
final class Images
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [self::pinholes(), self::noLens(), self::mirrorBeam(), self::mirrorAttended(), self::holes()];
    }

    private static function pinholes(): Rule
    {
        return Rule::allows(
            id: 'pinhole-image',
            statement: 'Everybody may look at the image that a hole, leaves or a colander throw.',
            where: ['look' => 'pinhole_screen'],
            reason: 'The eye looks at paper or the ground; the image is far dimmer than the daylight beside it.',
            do: 'Stand with your back to the Sun. An adult cuts and drills.',
        );
    }

    private static function noLens(): Rule
    {
        return Rule::asks(
            id: 'hole-without-a-lens',
            statement: 'Behind a hole there is nothing but a screen; at most a flat mirror is before it.',
            where: ['look' => 'pinhole_screen'],
            needs: ['instrument' => ['none', 'flat_mirror']],
            condition: 'No lens, no telescope and no curved mirror is part of it.',
            reason: 'Glass that gathers light makes a beam that burns.',
            do: 'Take the glass out, or follow the rules of projection.',
            dangers: [Danger::Retina, Danger::Heat],
        );
    }

    private static function mirrorBeam(): Rule
    {
        return Rule::asks(
            id: 'mirror-beam',
            statement: 'The beam of a flat mirror runs where no eye can come into it.',
            where: ['look' => 'pinhole_screen', 'instrument' => 'flat_mirror'],
            needs: ['people_in_beam' => false],
            condition: 'If a mirror is part of it, no eye can come into its beam, and no window is in its way.',
            otherwise: 'No mirror is part of it.',
            reason: 'A look into it is a look at the Sun.',
            do: 'Send it over the heads or rope it off; tape over what is not used of the mirror.',
        );
    }

    private static function mirrorAttended(): Rule
    {
        return Rule::asks(
            id: 'mirror-never-alone',
            statement: 'One of the crew, an adult, stands at a mirror that throws the Sun\'s image.',
            where: ['look' => 'pinhole_screen', 'instrument' => 'flat_mirror'],
            needs: ['attended' => true],
            condition: 'If a mirror is part of it, an adult of the crew stands at it all the time.',
            otherwise: 'No mirror is part of it.',
            reason: 'Whoever turns it sends the Sun into faces.',
            do: 'Cover it whenever you leave it.',
        );
    }

    private static function holes(): Rule
    {
        return Rule::warns(
            id: 'holes-in-foil',
            statement: 'A hole is pricked in foil rather than in cardboard, for a sharper image.',
            where: ['look' => 'pinhole_screen'],
            reason: 'Foil takes a clean round hole; cardboard leaves fibres and a thick edge.',
            do: 'Foil over a window in the card; several sizes, and try.',
            dangers: [],
            disagreement: Disagreement::HoleMaterial,
        );
    }
}
