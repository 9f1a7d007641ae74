<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Strength;

/** Optics that throw an image on a screen. */
final class Projection
{
    /** What the book calls a reading lens has this focal length at least, some 1 dioptre; a stronger one is a magnifier, which burns. */
    public const READING_LENS_MM = 900.0;
    /** Times direct sunlight, 1 kW/m², that hurt a hand in some seconds, and from which paper and wood scorch: 4 and 25 kW/m² (fire engineers' tables, from memory). */
    public const WARM_SUNS = 4.0;
    public const SCORCHING_SUNS = 25.0;
    private const BEAM = [Danger::Retina, Danger::Heat];
    private const WITHOUT_EYEPIECE = ['reading_lens', 'flat_mirror'];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            self::projection(), self::closedMirrors(), self::burningGlasses(), self::instruments(), self::eyepiece(), self::aperture(), self::readingLens(), self::screen(), self::unusedSide(), self::tripod(), self::beam(),
            self::childrenAtABinocular(), self::heat(),
        ];
    }

    private static function projection(): Rule
    {
        return Rule::allows(
            id: 'projection',
            statement: 'A small refractor, an open Newtonian, one side of a binocular, a weak reading lens or a flat mirror may throw the Sun\'s image on a screen.',
            where: ['look' => 'projected'],
            reason: 'The eye looks at paper.',
            do: 'Aim by the shadow of the tube. Nobody comes between eyepiece and screen. In an emergency turn it off the Sun.',
            dangers: [Danger::Equipment],
        );
    }

    private static function closedMirrors(): Rule
    {
        return Rule::forbids(
            id: 'closed-mirror-projection',
            statement: 'Telescopes of closed mirror types do not project the Sun.',
            where: ['look' => 'projected', 'instrument' => ['closed_mirror', 'solar_telescope']],
            reason: 'The heat stays in the tube, cracks mirrors and burns baffles.',
            do: 'Put a filter made for looking over the front, or take a small refractor.',
            instead: ['instrument' => 'refractor'],
            dangers: [Danger::Heat, Danger::Equipment],
            strength: Strength::Chosen,
            disagreement: Disagreement::ClosedMirrorProjection,
            otherwise: 'It is no telescope of a closed mirror type and no solar telescope.',
        );
    }

    private static function burningGlasses(): Rule
    {
        return Rule::forbids(
            id: 'burning-glasses',
            statement: 'No magnifier is held into the Sun.',
            where: ['look' => ['through_optics', 'projected'], 'instrument' => 'magnifier'],
            reason: 'It is a burning glass: it sets paper, skin and clothes on fire.',
            do: 'Put it away; take a card with a hole.',
            instead: ['look' => 'pinhole_screen', 'instrument' => 'none'],
            dangers: self::BEAM,
            source: Source::OwnJudgement,
            strength: Strength::Cautious,
            otherwise: 'No magnifier is part of it.',
        );
    }

    private static function instruments(): Rule
    {
        return Rule::asks(
            id: 'instruments-that-project',
            statement: 'Nothing else projects the Sun than a refractor, an open Newtonian, a binocular, a reading lens of one dioptre or a flat mirror.',
            where: ['look' => 'projected'],
            needs: ['instrument' => ['refractor', 'binocular', 'newtonian', 'reading_lens', 'flat_mirror']],
            condition: 'It is a small refractor, an open Newtonian, a binocular, a reading lens of one dioptre or a flat mirror.',
            reason: 'Others burn, break or throw no image.',
            do: 'Take a small refractor, or a card with a hole.',
            dangers: self::BEAM,
        );
    }

    private static function eyepiece(): Rule
    {
        return Rule::asks(
            id: 'uncemented-eyepiece',
            statement: 'Only a simple uncemented eyepiece projects.',
            where: ['look' => 'projected', 'instrument' => ['unless' => self::WITHOUT_EYEPIECE]],
            needs: ['eyepiece' => 'uncemented'],
            condition: 'The eyepiece is a simple uncemented one (Huygens or Ramsden).',
            reason: 'Cement melts and plastic burns where the heat gathers.',
            do: 'Change the eyepiece.',
            dangers: [Danger::Heat, Danger::Equipment],
            strength: Strength::Chosen,
            disagreement: Disagreement::ProjectionEyepiece,
        );
    }

    private static function aperture(): Rule
    {
        return Rule::asks(
            id: 'stopped-down',
            statement: 'For projection the opening is stopped down to 50 to 75 mm.',
            where: ['look' => 'projected', 'instrument' => ['unless' => self::WITHOUT_EYEPIECE]],
            needs: ['aperture_mm' => ['most' => 75.0]],
            condition: 'The free opening is 75 mm or less.',
            reason: 'Watts go with the square of the opening: they scorch the eyepiece and whatever comes into the beam.',
            do: 'Put a card with a hole of 50 to 75 mm over the front.',
            dangers: [Danger::Heat, Danger::Equipment],
        );
    }

    private static function readingLens(): Rule
    {
        return Rule::asks(
            id: 'reading-lens-stopped',
            statement: 'A reading lens of one dioptre is stopped to 10 mm.',
            where: ['look' => 'projected', 'instrument' => 'reading_lens'],
            needs: ['aperture_mm' => ['most' => 10.0]],
            condition: 'The hole before a reading lens is 10 mm wide or less.',
            otherwise: 'No reading lens is part of it.',
            reason: 'With 10 mm at a metre its image is hardly brighter than paper in the Sun; with the whole lens it burns.',
            do: 'Cover the lens with a card that has a hole of 10 mm.',
            dangers: self::BEAM,
        );
    }

    private static function screen(): Rule
    {
        return Rule::asks(
            id: 'screen-not-scorched',
            statement: 'The Sun\'s image on a screen is at least half as wide as the opening that lets the light in; from a fifth of it down nothing is put there.',
            where: ['look' => 'projected', 'instrument' => ['unless' => 'flat_mirror']],
            needs: ['screen_suns' => ['most' => self::WARM_SUNS, 'never' => self::SCORCHING_SUNS]],
            condition: 'The Sun\'s image on the screen is at least half as wide as the opening; or the screen is plain white paper, no hand and no cloth comes to it, and it is turned off the Sun every minute.',
            reason: 'A narrow image holds all the light of the opening: from 4 times direct sunlight it hurts a hand, from 25 times it scorches paper.',
            do: 'Turn it off the Sun. Move the screen away until the Sun\'s image is at least half as wide as the opening.',
            dangers: [Danger::Heat, Danger::Equipment],
            source: Source::OwnJudgement,
        );
    }

    private static function unusedSide(): Rule
    {
        return Rule::asks(
            id: 'one-side-capped',
            statement: 'The unused side of a binocular is capped.',
            where: ['look' => 'projected', 'instrument' => 'binocular'],
            needs: ['unused_side' => 'capped'],
            condition: 'Of a binocular the unused side is capped.',
            reason: 'Somebody puts an eye to it.',
            do: 'Cap it, and tape the cap.',
            dangers: self::BEAM,
            otherwise: 'It is no binocular.',
        );
    }

    private static function tripod(): Rule
    {
        return Rule::asks(
            id: 'projection-on-a-tripod',
            statement: 'What projects stands on a tripod.',
            where: ['look' => 'projected', 'instrument' => ['unless' => 'flat_mirror']],
            needs: ['mounted' => 'tripod'],
            condition: 'It stands on a tripod.',
            reason: 'A beam in the hand wanders over faces.',
            do: 'Put it on a tripod.',
            dangers: self::BEAM,
        );
    }

    private static function beam(): Rule
    {
        return Rule::asks(
            id: 'nobody-in-the-beam',
            statement: 'Nobody can bring an eye or a hand into the beam.',
            where: ['look' => 'projected'],
            needs: ['people_in_beam' => false],
            condition: 'Nobody can bring an eye or a hand into the beam.',
            reason: 'It burns at once.',
            do: 'Rope it off, or close it in a box.',
            dangers: self::BEAM,
        );
    }

    private static function childrenAtABinocular(): Rule
    {
        return Rule::asks(
            id: 'children-at-a-binocular',
            statement: 'Where a binocular projects, every child is watched.',
            where: ['look' => 'projected', 'instrument' => 'binocular', 'person' => ['child', 'young_child']],
            needs: ['watched' => true],
            condition: 'An adult watches every child at it.',
            otherwise: 'No child is at it, or it is no binocular.',
            reason: 'It is at their height, and they know what a binocular is for.',
            do: 'Take a box or a card with a hole for this group.',
            strength: Strength::Chosen,
            disagreement: Disagreement::BinocularNearChildren,
        );
    }

    private static function heat(): Rule
    {
        return Rule::warns(
            id: 'projection-is-hot',
            statement: 'Eyepiece and screen grow hot; give the instrument a rest off the Sun.',
            where: ['look' => 'projected', 'instrument' => ['unless' => self::WITHOUT_EYEPIECE]],
            reason: 'Some watts gather in a few square millimetres.',
            do: 'Look at the eyepiece every few minutes; turn it away when nobody looks.',
            dangers: [Danger::Heat, Danger::Equipment],
        );
    }
}
