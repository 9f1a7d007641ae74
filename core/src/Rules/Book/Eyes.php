<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;

/** Eyes and the Sun itself: only totality is free. */
final class Eyes
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [self::totality(), self::totalityThroughOptics(), self::bareEyes(), self::lowSun(), self::bareOptics(), self::nothingElse(), self::throughAHole(), self::reflections(), self::curvedMirrors()];
    }

    private static function totality(): Rule
    {
        return Rule::allows(
            id: 'totality',
            statement: 'In totality, between the called times for filters off and filters on, the Sun may be looked at with nothing before the eyes.',
            where: ['look' => 'direct', 'free_totality' => true],
            reason: 'The Moon covers all of the bright Sun; the corona is about as bright as the full Moon.',
            do: 'Filters off only on the call, and on again on the call, before the Sun comes back.',
        );
    }

    private static function totalityThroughOptics(): Rule
    {
        return Rule::allows(
            id: 'totality-through-optics',
            statement: 'In totality, between the called times, an instrument may be looked into without a filter.',
            where: ['look' => 'through_optics', 'free_totality' => true, 'filter' => ['none', 'cloud']],
            reason: 'The Moon covers all of the bright Sun.',
            do: 'One of the crew calls the time and has the filter on again before the Sun comes back: through an instrument the first moment burns.',
        );
    }

    private static function bareEyes(): Rule
    {
        return Rule::asks(
            id: 'bare-eyes',
            statement: 'Bare eyes never look at the Sun outside totality.',
            where: ['look' => 'direct', 'filter' => 'none'],
            needs: ['free_totality' => true],
            condition: 'It is totality here, between the called times for filters off and on.',
            reason: 'The smallest crescent burns the retina, without pain, and for good. A ring is no totality.',
            do: 'Turn away. Take checked eclipse glasses, or look at an image on a screen.',
            refusesUnknown: true,
        );
    }

    private static function lowSun(): Rule
    {
        return Rule::forbids(
            id: 'low-sun',
            statement: 'A low Sun is no excuse: not at sunset or sunrise either.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => ['none', 'cloud'], 'sun_altitude_deg' => ['most' => 10.0], 'free_totality' => false],
            reason: 'Through clear air it still is bright enough to burn, and one looks longer because it is comfortable.',
            do: 'Glasses stay on until the Sun is down.',
            instead: ['filter' => 'eclipse_glasses'],
            otherwise: 'It is totality here, between the called times for filters off and on.',
        );
    }

    private static function bareOptics(): Rule
    {
        return Rule::asks(
            id: 'bare-optics',
            statement: 'No eye comes to a telescope, a binocular or an optical finder without a filter on its front, outside totality.',
            where: ['look' => 'through_optics', 'filter' => ['none', 'cloud']],
            needs: ['free_totality' => true],
            condition: 'It is totality here, between the called times for filters off and on.',
            reason: 'It gathers the light of its whole opening: the first moment burns the retina.',
            do: 'Cap it. Put a filter made for looking over the whole front, or throw the image on a screen.',
            dangers: [Danger::Retina, Danger::Heat],
            refusesUnknown: true,
        );
    }

    private static function nothingElse(): Rule
    {
        return Rule::asks(
            id: 'naked-eye-only',
            statement: 'What is made for the naked eye is used with the naked eye: with no binocular, telescope, camera, magnifier or mirror.',
            where: ['look' => 'direct'],
            needs: ['instrument' => 'none'],
            condition: 'The eye is naked: no binocular, telescope, camera, magnifier or mirror comes with it.',
            reason: 'An instrument gathers far more light than the filter is made for.',
            do: 'Put the instrument away, or put a filter made for it over its front.',
            source: Source::Iso12312,
        );
    }

    private static function throughAHole(): Rule
    {
        return Rule::forbids(
            id: 'through-the-pinhole',
            statement: 'Nobody looks through a pinhole at the Sun.',
            where: ['look' => 'through_pinhole'],
            reason: 'A hole is no filter: it lets the Sun through at its full brightness.',
            do: 'Turn your back to the Sun and look at the image that the hole throws.',
            instead: ['look' => 'pinhole_screen'],
        );
    }

    private static function reflections(): Rule
    {
        return Rule::forbids(
            id: 'reflections',
            statement: 'The Sun is not looked at in water, glass, a disc or any other mirror.',
            where: ['look' => 'reflection'],
            reason: 'A reflection of the Sun still is thousands of times too bright.',
            do: 'Look away from it; look at an image on a screen.',
            instead: ['look' => 'pinhole_screen'],
        );
    }

    private static function curvedMirrors(): Rule
    {
        return Rule::forbids(
            id: 'curved-mirrors',
            statement: 'No curved mirror is used for the Sun.',
            where: ['look' => ['through_optics', 'projected'], 'instrument' => 'curved_mirror'],
            reason: 'It gathers sunlight into a point that burns eyes, skin and paper.',
            do: 'Cover it. Use a flat mirror behind a card with a hole.',
            instead: ['instrument' => 'none', 'look' => 'pinhole_screen'],
            dangers: [Danger::Retina, Danger::Heat],
            otherwise: 'No curved mirror is part of it.',
        );
    }
}
