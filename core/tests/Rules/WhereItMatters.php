<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Part;

/** In which looks, at which instruments and filters each part of a situation matters, and what is worse of it (common practice, no source). */
final class WhereItMatters
{
    private const TELESCOPES = ['binocular', 'refractor', 'newtonian', 'closed_mirror', 'solar_telescope'];
    private const EYEPIECE_TOO = ['binocular', 'refractor', 'newtonian'];
    private const SENSORS = ['camera', 'screen_of_device'];
    private const WORN = ['eclipse_glasses', 'handheld_viewer', 'face_shield'];
    private const FLAWS = [['scratch'], ['hole'], ['crease'], ['film_lifting'], ['loose'], ['torn_frame'], ['dirt'], ['second_point'], ['see_through'], ['patched']];

    /** @return iterable<string, array{Part, list<mixed>, array<string, list<mixed>>}> the part, what is worse, and where it matters: parts with what they are one of */
    public static function parts(): iterable
    {
        foreach ([...self::filters(), ...self::instrumentsAndPeople()] as [$part, $worse, $where]) {
            yield "{$part->value} where " . json_encode($where, JSON_THROW_ON_ERROR) => [$part, $worse, $where];
        }
    }

    /** @return list<array{Part, list<mixed>, array<string, list<mixed>>}> */
    private static function filters(): array
    {
        $direct = ['look' => ['direct']];
        $before = $direct + ['filter' => [...self::WORN, 'welding']];
        $optics = ['look' => ['through_optics'], 'instrument' => self::TELESCOPES];
        $filtered = $optics + ['filter' => ['visual_front']];
        $sensor = ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => ['visual_front', 'photo_front']];
        $reflex = ['look' => self::SENSORS, 'instrument' => ['camera'], 'finder' => ['through_lens']];
        $projected = ['look' => ['projected']];

        return [
            [Part::Look, ['through_pinhole', 'reflection'], []],
            [Part::Filter, ['none', 'cloud', 'sunglasses', 'smoked_glass', 'developed_film', 'xray_film', 'disc', 'balloon_or_wrapper', 'cellophane', 'liquid', 'photographic_nd', 'polariser', 'eyepiece_filter', 'photo_front'], ['filter' => [...self::WORN, 'welding', 'visual_front'], 'look' => ['direct', 'through_optics']]],
            [Part::Filter, ['none', 'cloud', 'sunglasses', 'disc', 'photographic_nd', 'eyepiece_filter', 'welding', 'eclipse_glasses'], $sensor],
            [Part::Filter, ['eyepiece_filter'], $projected],
            [Part::Phase, ['none', 'partial', 'annular'], ['look' => ['direct', 'through_optics'], 'filter' => ['none', 'cloud']]],
            [Part::Guarded, [false], ['look' => ['direct', 'through_optics'], 'filter' => ['none', 'cloud']]],
            [Part::Phase, ['none', 'partial', 'annular'], ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => ['none']]],
            [Part::Guarded, [false], ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => ['none']]],
            [Part::Stacked, [true], $before],
            [Part::Stacked, [true], $filtered],
            [Part::At, ['front', 'behind_optics', 'thread'], $before],
            [Part::At, ['eye', 'behind_optics', 'thread'], $filtered],
            [Part::At, ['eye', 'behind_optics', 'thread'], $sensor],
            [Part::At, ['eye', 'behind_optics'], $reflex],
            [Part::Shade, [0.0, 10.0, 12.0, 13.0], ['filter' => ['welding']]],
            [Part::WeldingKind, ['auto_darkening'], ['filter' => ['welding']]],
            [Part::Verdict, ['hold', 'withdraw'], $before],
            [Part::Verdict, ['hold', 'withdraw'], $filtered],
            [Part::Lot, ['in_doubt', 'refused'], $before],
            [Part::Lot, ['in_doubt', 'refused'], $filtered],
            [Part::Flaw, self::FLAWS, $before],
            [Part::Flaw, self::FLAWS, $filtered],
            [Part::Flaw, self::FLAWS, $sensor],
            [Part::Flaw, self::FLAWS, $reflex],
            [Part::CheckedAgainstSun, [false], $filtered],
            [Part::CheckedAgainstSun, [false], $sensor],
            [Part::CheckedAgainstSun, [false], $reflex],
            [Part::Fixing, ['pushed_on', 'loose'], $filtered],
            [Part::Fixing, ['pushed_on', 'loose'], $sensor],
            [Part::Fixing, ['pushed_on', 'loose'], $reflex],
        ];
    }

    /** @return list<array{Part, list<mixed>, array<string, list<mixed>>}> */
    private static function instrumentsAndPeople(): array
    {
        $direct = ['look' => ['direct']];
        $worn = $direct + ['filter' => self::WORN];
        $before = $direct + ['filter' => [...self::WORN, 'welding']];
        $optics = ['look' => ['through_optics'], 'instrument' => self::TELESCOPES];
        $projected = ['look' => ['projected']];
        $eyepiece = $projected + ['instrument' => self::EYEPIECE_TOO];
        $gathering = $projected + ['instrument' => [...self::EYEPIECE_TOO, 'reading_lens']];
        $mirror = ['look' => ['pinhole_screen', 'projected'], 'instrument' => ['flat_mirror']];

        return [
            [Part::Instrument, ['binocular', 'refractor', 'newtonian', 'closed_mirror', 'camera', 'phone', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror'], $direct],
            [Part::Instrument, ['none', 'camera', 'phone', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror'], $optics],
            [Part::Instrument, ['closed_mirror', 'solar_telescope', 'magnifier', 'curved_mirror', 'camera', 'phone'], $projected],
            [Part::Instrument, ['magnifier', 'reading_lens', 'curved_mirror', 'refractor', 'binocular', 'newtonian', 'closed_mirror'], ['look' => ['pinhole_screen']]],
            [Part::Eyepiece, ['cemented', 'plastic'], $eyepiece],
            [Part::Aperture, [76.0, 200.0], $eyepiece],
            [Part::Aperture, [11.0, 50.0], ['look' => ['projected'], 'instrument' => ['reading_lens']]],
            [Part::ScreenSuns, [4.1, 24.9, 25.0, 320.0, 72000.0], $gathering],
            [Part::Finder, ['open', 'capped_front', 'through_lens'], $optics],
            [Part::Finder, ['open', 'capped_front'], $eyepiece],
            [Part::Finder, ['open', 'capped_front'], ['look' => self::SENSORS, 'instrument' => [...self::TELESCOPES, 'camera']]],
            [Part::Finder, ['through_lens'], ['look' => self::SENSORS, 'filter' => ['photo_front'], 'instrument' => [...self::TELESCOPES, 'camera']]],
            [Part::UnusedSide, ['open'], ['look' => ['through_optics', 'projected', ...self::SENSORS], 'instrument' => ['binocular'], 'phase' => ['partial']]],
            [Part::Mounted, ['hand'], $gathering],
            [Part::Mounted, ['hand'], $optics + ['person' => ['teen', 'child']]],
            [Part::Attended, [false], $optics],
            [Part::Attended, [false], $projected],
            [Part::Attended, [false], $mirror],
            [Part::Attended, [false], ['look' => self::SENSORS, 'instrument' => self::TELESCOPES]],
            [Part::Person, ['young_child'], $before],
            [Part::Person, ['young_child'], $optics],
            [Part::Watched, [false], $before + ['person' => ['child']]],
            [Part::Watched, [false], $optics + ['person' => ['child']]],
            [Part::Watched, [false], ['look' => ['projected'], 'instrument' => ['binocular'], 'person' => ['child', 'young_child']]],
            [Part::KeepsOn, [false], $before],
            [Part::Spectacles, ['over'], $worn],
            [Part::PeopleInBeam, [true], $projected],
            [Part::PeopleInBeam, [true], $mirror],
            [Part::ChildrenInTotality, [false], $direct + ['phase' => ['total'], 'person' => ['child', 'young_child'], 'filter' => ['none', 'cloud']]],
            [Part::Policy, ['indirect_only'], ['look' => ['direct', 'through_optics']]],
        ];
    }
}
