<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Strength;

/** Who looks, and what the organiser of the event has decided. A school's or a district's own rules come first. */
final class People
{
    private const DIRECT = ['direct', 'through_optics'];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [self::youngest(), self::watched(), self::childrenInTotality(), self::youngestInTotality(), self::adultHolds(), self::noChildAtABareTelescope(), self::indirectOnly(), self::glassesOnly(), self::glassesNotOptics()];
    }

    private static function youngest(): Rule
    {
        return Rule::forbids(
            id: 'youngest-indirectly',
            statement: 'The youngest, up to about 8 years, look indirectly only.',
            where: ['look' => self::DIRECT, 'person' => 'young_child', 'bare_totality' => false],
            reason: 'They do not keep a filter on by themselves, and nobody can see in time that it slipped.',
            do: 'Give them images: a box, a card with a hole, a colander, a screen.',
            instead: ['look' => 'pinhole_screen'],
            strength: Strength::Chosen,
            disagreement: Disagreement::DirectLooksOfChildren,
            otherwise: 'Whoever looks is 9 or older, or it is called totality and the organiser lets the children look.',
        );
    }

    private static function watched(): Rule
    {
        return Rule::asks(
            id: 'child-watched',
            statement: 'A child who looks directly is watched by one adult the whole time.',
            where: ['look' => self::DIRECT, 'person' => 'child', 'bare_totality' => false],
            needs: ['watched' => true],
            condition: 'A child of 9 to 12 is watched by one adult all the time.',
            otherwise: 'Whoever looks is an adult or a teenager, or it is called totality.',
            reason: 'A filter slips in the moment it is not watched.',
            do: 'Find an adult for this child, or give it an image to look at.',
            strength: Strength::Chosen,
            disagreement: Disagreement::DirectLooksOfChildren,
        );
    }

    private static function childrenInTotality(): Rule
    {
        return Rule::asks(
            id: 'children-in-totality',
            statement: 'In called totality children look with bare eyes where the organiser of the event lets them.',
            where: ['look' => 'direct', 'bare_totality' => true, 'person' => 'child'],
            needs: ['children_in_totality' => true],
            condition: 'The organiser lets children look with bare eyes in called totality.',
            reason: 'Nothing is before their eyes that could slip, but every one of them has to look away at the call; the organiser decides whether this class does.',
            do: 'Let them stand with their back to the Sun, or look at images on a screen.',
            strength: Strength::Chosen,
            disagreement: Disagreement::ChildrenInTotality,
            otherwise: 'Whoever looks is an adult or a teenager.',
        );
    }

    private static function youngestInTotality(): Rule
    {
        return Rule::asks(
            id: 'youngest-in-totality',
            statement: 'The youngest look with bare eyes in called totality only where the organiser of the event has decided so.',
            where: ['look' => 'direct', 'bare_totality' => true, 'person' => 'young_child'],
            needs: ['children_in_totality' => true],
            condition: 'The organiser lets children look with bare eyes in called totality.',
            reason: 'Nothing is before their eyes that could slip, but some schools keep the youngest on images, and every one of them has to look away at the call.',
            do: 'Let them stand with their back to the Sun, or look at images on a screen.',
            strength: Strength::Chosen,
            refusesUnknown: true,
            disagreement: Disagreement::ChildrenInTotality,
            otherwise: 'Whoever looks is 9 or older.',
        );
    }

    private static function adultHolds(): Rule
    {
        return Rule::asks(
            id: 'adult-holds',
            statement: 'Binoculars and telescopes never leave an adult\'s hands: the young look into one on a tripod.',
            where: ['look' => 'through_optics', 'person' => ['child', 'teen']],
            needs: ['mounted' => 'tripod'],
            condition: 'It stands on a tripod, or only an adult looks.',
            otherwise: 'Whoever looks is an adult.',
            reason: 'In the hand it turns, and the filter is knocked off.',
            do: 'Put it on a tripod, with an adult at it.',
        );
    }

    private static function noChildAtABareTelescope(): Rule
    {
        return Rule::forbids(
            id: 'no-child-at-a-bare-telescope',
            statement: 'No child looks into an instrument without a filter, in totality neither.',
            where: ['look' => 'through_optics', 'filter' => ['none', 'cloud'], 'person' => 'child'],
            reason: 'The moment in which the Sun comes back burns, and a child does not leave the eyepiece on a call.',
            do: 'Let the child look up with bare eyes while it is total.',
            instead: ['look' => 'direct', 'instrument' => 'none'],
            source: Source::OwnJudgement,
            strength: Strength::Cautious,
            otherwise: 'Whoever looks is an adult or a teenager.',
        );
    }

    private static function indirectOnly(): Rule
    {
        return Rule::asks(
            id: 'policy-indirect-only',
            statement: 'Where the event\'s policy is “indirect only”, nobody looks at the Sun directly; where it is “from indoors, through a banner”, in no other way.',
            where: ['look' => self::DIRECT],
            needs: ['policy' => ['mixed', 'glasses']],
            condition: 'The event\'s policy allows this direct look.',
            reason: 'The organiser, the school or the district decides what is done here; it can only be stricter than the book.',
            do: 'Look at an image on a screen.',
            source: Source::CommonPractice,
        );
    }

    private static function glassesOnly(): Rule
    {
        return Rule::asks(
            id: 'policy-glasses',
            statement: 'Where the event\'s policy is “through checked glasses”, nothing else is looked through.',
            where: ['look' => 'direct', 'policy' => 'glasses', 'free_totality' => false],
            needs: ['filter' => Glasses::BUILDS],
            condition: 'It is checked eclipse glasses, a hand-held viewer or a face shield.',
            otherwise: 'The event\'s policy is not “through checked glasses”.',
            reason: 'Everybody is told one thing, and the crew can see at a glance who has it.',
            do: 'Take checked eclipse glasses.',
        );
    }

    private static function glassesNotOptics(): Rule
    {
        return Rule::forbids(
            id: 'policy-glasses-not-optics',
            statement: 'Where the event\'s policy is “through checked glasses”, no eye comes to an instrument.',
            where: ['look' => 'through_optics', 'policy' => 'glasses'],
            reason: 'Everybody is told one thing: glasses, and the naked eye.',
            do: 'Take checked eclipse glasses, or look at an image on a screen.',
            instead: ['look' => 'pinhole_screen'],
            otherwise: 'The event\'s policy is not “through checked glasses”.',
        );
    }
}
