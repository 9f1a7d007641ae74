<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;

/** An eye at an instrument: the filter sits on the front. */
final class FrontFilters
{
    /** Whatever may be called a filter, but for an eyepiece filter, of which a rule of its own speaks. */
    private const ALL = [
        ...Glasses::BUILDS, 'welding', 'visual_front', 'photo_front', 'sunglasses', 'smoked_glass', 'developed_film', 'xray_film', 'disc', 'balloon_or_wrapper', 'cellophane', 'liquid', 'photographic_nd', 'polariser',
    ];
    private const FILTERED = ['look' => 'through_optics', 'filter' => 'visual_front'];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [self::front(), self::onTheFront(),
            self::behind('behind-the-optics', 'No filter sits behind the optics, and no glasses are worn at an eyepiece.', 'through_optics', ['at' => 'front', 'filter' => 'visual_front']),
            self::behind('behind-the-optics-in-projection', 'No filter sits in the beam that projects.', 'projected', ['filter' => 'none']),
            self::glasses(), self::welding(), self::instruments(), self::fixed(), self::checked(), self::bothBarrels(), self::finder(), self::attended()];
    }

    private static function front(): Rule
    {
        return Rule::allows(
            id: 'front-filter',
            statement: 'An instrument may be looked into with a filter made for looking over its whole front, or over a smaller opening with the rest covered.',
            where: self::FILTERED,
            reason: 'It takes the light away before the instrument gathers it: 100 000 times less.',
            do: 'Aim by the shadow of the tube, never along it. Look again at the filter before each visitor.',
        );
    }

    private static function onTheFront(): Rule
    {
        return Rule::asks(
            id: 'on-the-front',
            statement: 'The filter sits on the front of the instrument, and nowhere else.',
            where: self::FILTERED,
            needs: ['at' => 'front'],
            condition: 'The filter sits over the whole front, or over a smaller opening with the rest covered.',
            reason: 'Anywhere else it stands in gathered light, or beside it.',
            do: 'Take it off, and put it over the front.',
            dangers: [Danger::Retina, Danger::Heat],
        );
    }

    /** @param array<string, string> $instead */
    private static function behind(string $id, string $statement, string $look, array $instead): Rule
    {
        return Rule::forbids(
            id: $id,
            statement: $statement,
            where: ['look' => $look, 'at' => 'behind_optics', 'filter' => self::ALL],
            reason: 'The gathered light burns through it in a moment, and then reaches the eye.',
            do: 'Take it off; put a filter made for looking over the front.',
            instead: $instead,
            dangers: [Danger::Retina, Danger::Heat],
            source: Source::Iso12312,
            otherwise: 'Nothing sits behind the optics.',
        );
    }

    private static function glasses(): Rule
    {
        return Rule::forbids(
            id: 'glasses-with-optics',
            statement: 'Eclipse glasses never go together with binoculars, telescopes or cameras, not on their front either.',
            where: ['look' => 'through_optics', 'filter' => Glasses::BUILDS],
            reason: 'They are made for what falls on a naked eye, not for what an opening gathers, and they come off.',
            do: 'Choose one: glasses with the naked eye, or a filter made for the instrument over its front.',
            instead: ['filter' => 'visual_front'],
            source: Source::Iso12312,
            disagreement: Disagreement::GlassesOverOptics,
        );
    }

    private static function welding(): Rule
    {
        return Rule::forbids(
            id: 'welding-with-optics',
            statement: 'Welding glass is not used with optics.',
            where: ['look' => 'through_optics', 'filter' => 'welding'],
            reason: 'It is made for a naked eye, and does not close an opening.',
            do: 'Put a filter made for the instrument over its front.',
            instead: ['filter' => 'visual_front'],
        );
    }

    private static function instruments(): Rule
    {
        return Rule::asks(
            id: 'instruments-for-eyes',
            statement: 'Eyes look into telescopes, solar telescopes and binoculars; a camera is looked at on its display.',
            where: ['look' => 'through_optics'],
            needs: ['instrument' => ['refractor', 'binocular', 'newtonian', 'closed_mirror', 'solar_telescope']],
            condition: 'It is a telescope, a solar telescope or a binocular.',
            reason: 'A camera\'s finder looks past the filter on its lens, or through one that is made for pictures; magnifiers and mirrors only gather heat.',
            do: 'Look at the display, or at an image on a screen.',
        );
    }

    private static function fixed(): Rule
    {
        return Rule::asks(
            id: 'held-against-wind',
            statement: 'A front filter is screwed or taped on, against a knock and the wind.',
            where: self::FILTERED,
            needs: ['fixing' => ['taped', 'screwed']],
            condition: 'It is screwed or taped on.',
            reason: 'One that is pushed on comes off in a gust, with an eye at the eyepiece.',
            do: 'Turn it off the Sun, tape the filter on, then come back.',
        );
    }

    private static function checked(): Rule
    {
        return Rule::asks(
            id: 'checked-against-the-sun',
            statement: 'A front filter is held against the Sun and looked over for holes before every use.',
            where: self::FILTERED,
            needs: ['checked_against_sun' => true],
            condition: 'It was held against the Sun today and no hole was seen, by somebody with glasses on and not through the instrument.',
            reason: 'A hole that the eye forgives the telescope does not.',
            do: 'Take it off the instrument, hold it against the Sun with glasses on, look for points of light.',
        );
    }

    private static function bothBarrels(): Rule
    {
        return Rule::asks(
            id: 'both-barrels',
            statement: 'Of a binocular that points to the Sun both barrels have the same filter, fixed the same way, or the one that is not used is capped.',
            where: ['look' => ['through_optics', 'camera', 'screen_of_device'], 'instrument' => 'binocular', 'filter' => ['unless' => ['none', 'cloud']]],
            needs: ['unused_side' => ['capped', 'filtered']],
            condition: 'Of a binocular the other barrel is capped, or has the same filter, fixed the same way.',
            reason: 'Both eyes come to a binocular, and the open barrel burns the second one in a moment.',
            do: 'Turn it off the Sun. Cap the other barrel and tape the cap, or put the same filter on it.',
            dangers: [Danger::Retina, Danger::Heat],
            otherwise: 'It is no binocular.',
        );
    }

    private static function finder(): Rule
    {
        return Rule::asks(
            id: 'finder-capped',
            statement: 'The finder is taken off, or capped at both ends.',
            where: ['look' => ['through_optics', 'projected'], 'instrument' => ['unless' => ['reading_lens', 'flat_mirror']]],
            needs: ['finder' => ['capped_both', 'removed', 'none']],
            condition: 'The finder is taken off or capped at both ends, or there is none.',
            reason: 'Somebody will look into it, and its small lens burns an eye, hair or sleeve as well.',
            do: 'Cap it at both ends.',
            dangers: [Danger::Retina, Danger::Heat],
        );
    }

    private static function attended(): Rule
    {
        return Rule::asks(
            id: 'never-alone',
            statement: 'One of the crew, an adult, stands at an instrument that points to the Sun, all the time.',
            where: ['look' => ['through_optics', 'projected']],
            needs: ['attended' => true],
            condition: 'An adult of the crew stands at it all the time.',
            reason: 'In the minute it is left alone somebody takes the filter off, or looks into the beam.',
            do: 'Turn it off the Sun whenever you leave it.',
            dangers: [Danger::Retina, Danger::Heat],
        );
    }
}
