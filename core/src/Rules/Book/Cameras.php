<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Strength;

/** Sensors and displays: no eye looks at the Sun, so what is at risk is the instrument, as long as nobody sights through it. */
final class Cameras
{
    private const SENSOR = ['camera', 'screen_of_device'];
    private const TELESCOPES = ['binocular', 'refractor', 'newtonian', 'closed_mirror', 'solar_telescope'];

    private const SOUND = ['fixing' => ['taped', 'screwed'], 'flaw' => [], 'checked_against_sun' => true];
    private const MAKESHIFT = ['welding', 'sunglasses', 'smoked_glass', 'developed_film', 'xray_film', 'disc', 'balloon_or_wrapper', 'cellophane', 'liquid', 'photographic_nd', 'polariser'];

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [self::sensor(), self::display(), self::finder(), self::attended(), self::telescopeFilter(), self::onTheFront(), self::sound(), self::throughTheLens(), self::glassesOnCameras(), self::unfiltered(), self::otherFilters(), self::glassesOnAPhone(), self::lenses()];
    }

    private static function sensor(): Rule
    {
        return Rule::allows(
            id: 'sensor-only',
            statement: 'A camera may point to the Sun where only its sensor looks.',
            where: ['look' => 'camera'],
            reason: 'No eye is in the way of the light.',
            do: 'A filter on the front of every lens at every moment outside totality. Set it and leave it.',
        );
    }

    private static function display(): Rule
    {
        return Rule::allows(
            id: 'display',
            statement: 'The display of a phone or a camera may be looked at.',
            where: ['look' => 'screen_of_device'],
            reason: 'A display is no brighter than it is made.',
            do: 'Aim with your back to the Sun or by the shadow, and do not look past the edge of the device.',
        );
    }

    private static function finder(): Rule
    {
        return Rule::asks(
            id: 'no-sighting',
            statement: 'Nobody sights through an optical finder that points to the Sun: it is taken off or capped at both ends.',
            where: ['look' => self::SENSOR, 'instrument' => [...self::TELESCOPES, 'camera']],
            needs: ['finder' => ['capped_both', 'removed', 'none', 'through_lens']],
            condition: 'Its optical finder is taken off or capped at both ends, or there is none.',
            reason: 'A finder beside the lens has no filter, and somebody will look into it.',
            do: 'Cap it; use the display.',
            otherwise: 'It is a phone.',
        );
    }

    private static function attended(): Rule
    {
        return Rule::asks(
            id: 'camera-telescope-never-alone',
            statement: 'A telescope or binocular that carries a camera is not left alone either.',
            where: ['look' => self::SENSOR, 'instrument' => self::TELESCOPES],
            needs: ['attended' => true],
            condition: 'If it is a telescope or a binocular, an adult of the crew stands at it all the time.',
            reason: 'Somebody takes the camera off and looks.',
            do: 'Turn it off the Sun whenever you leave it.',
            source: Source::OwnJudgement,
            strength: Strength::Cautious,
            otherwise: 'It is a phone or a camera, and no telescope.',
        );
    }

    private static function telescopeFilter(): Rule
    {
        return Rule::forbids(
            id: 'camera-telescope-filtered',
            statement: 'A telescope or binocular that carries a camera has a filter made for it on its front as well, outside totality.',
            where: ['look' => self::SENSOR, 'instrument' => self::TELESCOPES, 'filter' => ['none', 'cloud', ...self::MAKESHIFT], 'free_totality' => false],
            reason: 'What comes out of its eyepiece burns a hand or an eye as soon as the camera is taken off.',
            do: 'Cap it; put a filter made for it over the whole front.',
            instead: ['filter' => 'visual_front', 'at' => 'front'],
            dangers: [Danger::Retina, Danger::Heat, Danger::Equipment],
            otherwise: 'It is a phone or a camera and no telescope, or a filter made for it is on its front.',
            refusesUnknown: true,
        );
    }

    private static function onTheFront(): Rule
    {
        return Rule::asks(
            id: 'camera-telescope-filter-in-front',
            statement: 'That filter sits on the front, not between telescope and camera.',
            where: ['look' => self::SENSOR, 'instrument' => self::TELESCOPES, 'free_totality' => false],
            needs: ['at' => 'front'],
            condition: 'If it is a telescope or a binocular, the filter sits on its front.',
            reason: 'In gathered light it cracks in a moment.',
            do: 'Take it out, and put it over the front.',
            dangers: [Danger::Retina, Danger::Heat, Danger::Equipment],
            otherwise: 'It is a phone or a camera and no telescope, or it is totality, between the called times.',
        );
    }

    private static function sound(): Rule
    {
        return Rule::asks(
            id: 'camera-telescope-filter-sound',
            statement: 'That filter is screwed or taped on, was held against the Sun before use, and has no flaw.',
            where: ['look' => self::SENSOR, 'instrument' => self::TELESCOPES, 'free_totality' => false],
            needs: self::SOUND,
            condition: 'If it is a telescope or a binocular, its filter is screwed or taped on, and was held against the Sun today without a flaw.',
            reason: 'When it slips or breaks, the eyepiece throws a beam that burns a hand or an eye.',
            do: 'Turn it off the Sun. Take the filter off, hold it against the Sun with glasses on, look for points of light, tape it on.',
            dangers: [Danger::Retina, Danger::Heat, Danger::Equipment],
            otherwise: 'It is a phone or a camera and no telescope, or it is totality, between the called times.',
        );
    }

    private static function throughTheLens(): Rule
    {
        return Rule::asks(
            id: 'sighting-through-the-lens',
            statement: 'Where a camera\'s finder looks through the lens, the filter on the front is one made for looking, screwed or taped on and without a flaw.',
            where: ['look' => self::SENSOR, 'instrument' => [...self::TELESCOPES, 'camera'], 'finder' => 'through_lens', 'free_totality' => false],
            needs: ['filter' => 'visual_front', 'at' => ['front', 'thread']] + self::SOUND,
            condition: 'If its finder looks through the lens, a filter made for looking sits on the front, screwed or taped on, and was held against the Sun today without a flaw.',
            reason: 'Somebody will look into it, and what reaches the eye is all that the lens gathers.',
            do: 'Cap the finder and use the display, or put a filter made for looking on the front.',
            dangers: [Danger::Retina],
            otherwise: 'Its finder does not look through the lens, or it is totality here, between the called times.',
        );
    }

    private static function glassesOnCameras(): Rule
    {
        return Rule::forbids(
            id: 'glasses-on-cameras',
            statement: 'Eclipse glasses are taped over a phone only, not over a camera, a telescope or a binocular.',
            where: ['look' => self::SENSOR, 'filter' => Glasses::BUILDS, 'instrument' => [...self::TELESCOPES, 'camera']],
            reason: 'They do not cover the opening, and what is seen through it invites an eye.',
            do: 'Take a filter that is made for the lens.',
            instead: ['filter' => 'visual_front'],
            dangers: [Danger::Retina, Danger::Equipment],
            strength: Strength::Chosen,
            disagreement: Disagreement::GlassesOverOptics,
            otherwise: 'No eclipse glasses are taped over it, or it is a phone.',
        );
    }

    private static function unfiltered(): Rule
    {
        return Rule::warns(
            id: 'unfiltered-sensor',
            statement: 'Without a filter on its front a camera may be burnt, outside totality.',
            where: ['look' => self::SENSOR, 'filter' => ['none', 'cloud'], 'free_totality' => false],
            reason: 'The lens makes a burning spot on shutter and sensor.',
            do: 'Put a filter on the front, or keep it off the Sun.',
            dangers: [Danger::Equipment, Danger::Heat],
        );
    }

    private static function otherFilters(): Rule
    {
        return Rule::warns(
            id: 'makeshift-on-a-sensor',
            statement: 'What is no filter for the Sun may cost the camera.',
            where: ['look' => self::SENSOR, 'filter' => self::MAKESHIFT],
            reason: 'It may crack, melt or let infrared light through to the sensor.',
            do: 'Take a filter that is made for the lens, and let nobody look through this one.',
        );
    }

    private static function glassesOnAPhone(): Rule
    {
        return Rule::warns(
            id: 'glasses-on-a-phone',
            statement: 'A lens of eclipse glasses may be taped over a phone\'s camera, on the front and without gaps, at the phone\'s risk.',
            where: ['look' => self::SENSOR, 'filter' => Glasses::BUILDS, 'instrument' => 'phone'],
            reason: 'It is not made for it; a gap lets the Sun in.',
            do: 'Tape it on all round. It is no pair for eyes any more.',
            disagreement: Disagreement::GlassesOverOptics,
        );
    }

    private static function lenses(): Rule
    {
        return Rule::warns(
            id: 'filter-thread',
            statement: 'A filter before a lens fits its thread, or is held all round.',
            where: ['look' => self::SENSOR, 'filter' => ['visual_front', 'photo_front']],
            reason: 'A gap beside the filter lets the Sun in.',
            do: 'Screw it into the thread, or tape it all round.',
        );
    }
}
