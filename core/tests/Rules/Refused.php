<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

/** What is never done, each as one change of good practice, with the rule that says so and what mends it (common practice, unless the rule names another source). */
final class Refused
{
    /** @return array<string, array{string, array<string, mixed>, string, list<array{string, mixed}>}> good practice, the change, the rule, the mend */
    public static function changes(): array
    {
        return self::filters() + self::glasses() + self::instruments() + self::images() + self::people();
    }

    /** @return array<string, array{string, array<string, mixed>, string, list<array{string, mixed}>}> */
    private static function filters(): array
    {
        $glasses = [['filter', 'eclipse_glasses']];
        $rows = [
            'bare eyes at a crescent' => ['checked glasses', ['filter' => 'none'], 'bare-eyes', $glasses],
            'bare eyes at a ring' => ['checked glasses', ['filter' => 'none', 'phase' => 'annular'], 'bare-eyes', $glasses],
            'bare eyes without an eclipse' => ['checked glasses', ['filter' => 'none', 'phase' => 'none'], 'bare-eyes', $glasses],
            'bare eyes in totality outside the guarded times' => ['totality', ['guarded' => false], 'bare-eyes', $glasses],
            'bare eyes at sunset' => ['checked glasses', ['filter' => 'none', 'sun_altitude_deg' => 1.0], 'low-sun', $glasses],
            'through thin cloud' => ['checked glasses', ['filter' => 'cloud'], 'cloud', $glasses],
            'photographic film before the eye' => ['checked glasses', ['filter' => 'photo_front'], 'photographic-front-filters', $glasses],
            'photographic film before a telescope' => ['a telescope with a front filter', ['filter' => 'photo_front'], 'photographic-front-filters', [['filter', 'visual_front']]],
            'a telescope\'s filter before the eye' => ['checked glasses', ['filter' => 'visual_front'], 'front-filter-at-the-eye', $glasses],
            'an eyepiece filter' => ['a telescope with a front filter', ['filter' => 'eyepiece_filter', 'at' => 'behind_optics'], 'eyepiece-filters', [['filter', 'visual_front'], ['at', 'front']]],
            'an eyepiece filter in projection' => ['a refractor on a screen', ['filter' => 'eyepiece_filter'], 'eyepiece-filters-in-projection', [['filter', 'none']]],
            'an eyepiece filter before a camera' => ['a telescope with a camera', ['filter' => 'eyepiece_filter'], 'eyepiece-filters', [['filter', 'visual_front']]],
        ];
        foreach ([
            'sunglasses' => 'sunglasses', 'smoked-glass' => 'smoked_glass', 'developed-film' => 'developed_film', 'x-ray-film' => 'xray_film', 'discs' => 'disc', 'balloons-and-wrappers' => 'balloon_or_wrapper',
            'cellophane' => 'cellophane', 'liquids' => 'liquid', 'grey-filters' => 'photographic_nd', 'polarisers' => 'polariser',
        ] as $rule => $filter) {
            $rows["{$filter} before the eye"] = ['checked glasses', ['filter' => $filter], $rule, $glasses];
            $rows["several {$filter}"] = ['checked glasses', ['filter' => $filter, 'stacked' => true], $rule, [['look', 'pinhole_screen']]];
            $rows["{$filter} at sunset"] = ['checked glasses', ['filter' => $filter, 'sun_altitude_deg' => 0.5], $rule, $glasses];
            $rows["{$filter} before a telescope"] = ['a telescope with a front filter', ['filter' => $filter], $rule, [['filter', 'visual_front']]];
        }

        return $rows;
    }

    /** @return array<string, array{string, array<string, mixed>, string, list<array{string, mixed}>}> */
    private static function glasses(): array
    {
        $rows = [
            'a pair on hold' => ['checked glasses', ['verdict' => 'hold'], 'inspected-today', [['verdict', 'fit']]],
            'a pair withdrawn' => ['checked glasses', ['verdict' => 'withdraw'], 'inspected-today', [['verdict', 'fit']]],
            'papers in doubt' => ['checked glasses', ['lot' => 'in_doubt'], 'papers-in-order', [['lot', 'in_order']]],
            'papers refused' => ['a face shield', ['lot' => 'refused'], 'papers-in-order', [['lot', 'in_order']]],
            'two pairs, one on another' => ['checked glasses', ['stacked' => true], 'one-alone', [['stacked', false]]],
            'spectacles over the glasses' => ['checked glasses', ['spectacles' => 'over'], 'over-spectacles', [['spectacles', 'under']]],
            'glasses on the forehead' => ['checked glasses', ['at' => 'front'], 'before-the-eye', [['at', 'eye']]],
            'glasses with a binocular' => ['checked glasses', ['instrument' => 'binocular'], 'naked-eye-only', [['instrument', 'none']]],
            'glasses with a magnifier' => ['checked glasses', ['instrument' => 'magnifier'], 'naked-eye-only', [['instrument', 'none']]],
            'one who peeks' => ['checked glasses', ['keeps_on' => false], 'kept-on', [['look', 'pinhole_screen']]],
            'shade 12' => ['shade 14', ['shade' => 12.0], 'welding-shade', [['shade', 14.0]]],
            'shade 13' => ['shade 14', ['shade' => 13.0], 'welding-shade', [['shade', 14.0]]],
            'a helmet of shade 10' => ['shade 15 in a helmet', ['shade' => 10.0], 'welding-shade', [['shade', 14.0]]],
            'a helmet that darkens by itself' => ['shade 14', ['welding_kind' => 'auto_darkening'], 'welding-fixed', [['welding_kind', 'fixed_plate']]],
            'two plates of shade 10' => ['shade 14', ['shade' => 10.0, 'stacked' => true], 'one-alone', [['look', 'pinhole_screen']]],
        ];
        foreach (['scratch', 'hole', 'crease', 'film_lifting', 'loose', 'torn_frame', 'dirt', 'second_point', 'see_through', 'patched'] as $flaw) {
            $rows["glasses with {$flaw}"] = ['checked glasses', ['flaw' => [$flaw]], 'whole', [['flaw', []]]];
        }

        return $rows;
    }

    /** @return array<string, array{string, array<string, mixed>, string, list<array{string, mixed}>}> */
    private static function instruments(): array
    {
        return [
            'a bare telescope' => ['a telescope with a front filter', ['filter' => 'none'], 'bare-optics', [['filter', 'visual_front']]],
            'a bare telescope, in totality but outside the guarded times' => ['totality through a telescope', ['guarded' => false], 'bare-optics', [['filter', 'visual_front']]],
            'a front filter in a lens thread' => ['a telescope with a front filter', ['at' => 'thread'], 'on-the-front', [['at', 'front']]],
            'a front filter at the eyepiece' => ['a telescope with a front filter', ['at' => 'behind_optics'], 'behind-the-optics', [['at', 'front']]],
            'a camera that projects' => ['a refractor on a screen', ['instrument' => 'camera'], 'instruments-that-project', [['instrument', 'refractor']]],
            'glasses at an eyepiece' => ['a telescope with a front filter', ['filter' => 'eclipse_glasses', 'at' => 'behind_optics'], 'behind-the-optics', [['at', 'front'], ['filter', 'visual_front']]],
            'glasses taped over a binocular' => ['a binocular with front filters in an adult\'s hands', ['filter' => 'eclipse_glasses'], 'glasses-with-optics', [['filter', 'visual_front']]],
            'welding glass over a telescope' => ['a telescope with a front filter', ['filter' => 'welding', 'shade' => 14.0], 'welding-with-optics', [['filter', 'visual_front']]],
            'a camera\'s finder' => ['a telescope with a front filter', ['instrument' => 'camera'], 'instruments-for-eyes', [['instrument', 'refractor']]],
            'a filter that is pushed on' => ['a telescope with a front filter', ['fixing' => 'pushed_on'], 'held-against-wind', [['fixing', 'taped']]],
            'a loose filter' => ['a telescope with a front filter', ['fixing' => 'loose'], 'held-against-wind', [['fixing', 'taped']]],
            'a filter not held against the Sun' => ['a telescope with a front filter', ['checked_against_sun' => false], 'checked-against-the-sun', [['checked_against_sun', true]]],
            'a filter with a hole' => ['a telescope with a front filter', ['flaw' => ['hole']], 'whole', [['flaw', []]]],
            'an open finder' => ['a telescope with a front filter', ['finder' => 'open'], 'finder-capped', [['finder', 'capped_both']]],
            'a finder capped in front only' => ['a telescope with a front filter', ['finder' => 'capped_front'], 'finder-capped', [['finder', 'capped_both']]],
            'a telescope left alone' => ['a telescope with a front filter', ['attended' => false], 'never-alone', [['attended', true]]],
            'a binocular with one barrel open' => ['a binocular with front filters in an adult\'s hands', ['unused_side' => 'open'], 'both-barrels', [['unused_side', 'capped']]],
            'a binocular with a camera on one side, the other open' => ['a binocular with a camera', ['unused_side' => 'open'], 'both-barrels', [['unused_side', 'capped']]],
            'a loose filter on a telescope with a camera' => ['a telescope with a camera', ['fixing' => 'loose'], 'camera-telescope-filter-sound', [['fixing', 'taped']]],
            'film for photographs before a finder through the lens' => ['a reflex camera with a filter made for looking', ['filter' => 'photo_front'], 'sighting-through-the-lens', [['filter', 'visual_front']]],
            'a curved mirror' => ['a telescope with a front filter', ['instrument' => 'curved_mirror'], 'curved-mirrors', [['instrument', 'refractor']]],
            'a camera with an open finder' => ['a camera with a front filter', ['finder' => 'open'], 'no-sighting', [['finder', 'capped_both']]],
            'a telescope with a camera, left alone' => ['a telescope with a camera', ['attended' => false], 'camera-telescope-never-alone', [['attended', true]]],
            'a telescope with a camera and no filter' => ['a telescope with a camera', ['filter' => 'none'], 'camera-telescope-filtered', [['filter', 'visual_front']]],
            'a telescope with a camera and a makeshift filter' => ['a telescope with a camera', ['filter' => 'developed_film'], 'camera-telescope-filtered', [['filter', 'visual_front']]],
            'a filter between telescope and camera' => ['a telescope with a camera', ['at' => 'behind_optics'], 'camera-telescope-filter-in-front', [['at', 'front']]],
            'cellophane at the eyepiece that projects' => ['a refractor on a screen', ['filter' => 'cellophane', 'at' => 'behind_optics'], 'behind-the-optics-in-projection', [['filter', 'none']]],
            'glasses taped over a camera' => ['a camera with a front filter', ['filter' => 'eclipse_glasses'], 'glasses-on-cameras', [['filter', 'visual_front']]],
        ];
    }

    /** @return array<string, array{string, array<string, mixed>, string, list<array{string, mixed}>}> */
    private static function images(): array
    {
        return [
            'through the pinhole' => ['a box with a hole for the youngest', ['look' => 'through_pinhole'], 'through-the-pinhole', [['look', 'pinhole_screen']]],
            'a reflection in water' => ['a box with a hole for the youngest', ['look' => 'reflection'], 'reflections', [['look', 'pinhole_screen']]],
            'a lens behind the hole' => ['a box with a hole for the youngest', ['instrument' => 'magnifier'], 'hole-without-a-lens', [['instrument', 'none']]],
            'a mirror\'s beam at eyes' => ['a mirror behind a card with a hole', ['people_in_beam' => true], 'mirror-beam', [['people_in_beam', false]]],
            'a mirror left alone' => ['a mirror behind a card with a hole', ['attended' => false], 'mirror-never-alone', [['attended', true]]],
            'a Cassegrain that projects' => ['a refractor on a screen', ['instrument' => 'closed_mirror'], 'closed-mirror-projection', [['instrument', 'refractor']]],
            'a magnifier that projects' => ['a refractor on a screen', ['instrument' => 'magnifier'], 'burning-glasses', [['instrument', 'refractor']]],
            'a reading lens without its card' => ['a reading lens on a stand', ['aperture_mm' => 50.0], 'reading-lens-stopped', [['aperture_mm', 10.0]]],
            'a curved mirror that projects' => ['a refractor on a screen', ['instrument' => 'curved_mirror'], 'curved-mirrors', [['instrument', 'refractor']]],
            'a cemented eyepiece' => ['a refractor on a screen', ['eyepiece' => 'cemented'], 'uncemented-eyepiece', [['eyepiece', 'uncemented']]],
            'a plastic eyepiece' => ['one side of a binocular on a screen', ['eyepiece' => 'plastic'], 'uncemented-eyepiece', [['eyepiece', 'uncemented']]],
            'a wide opening' => ['a refractor on a screen', ['aperture_mm' => 100.0], 'stopped-down', [['aperture_mm', 75.0]]],
            'a screen that scorches' => ['a refractor on a screen', ['screen_suns' => 320.0], 'screen-not-scorched', [['screen_suns', 4.0]]],
            'a screen just as it begins to scorch' => ['a refractor on a screen', ['screen_suns' => 25.0], 'screen-not-scorched', [['screen_suns', 4.0]]],
            'the other side open' => ['one side of a binocular on a screen', ['unused_side' => 'open'], 'one-side-capped', [['unused_side', 'capped']]],
            'projection from the hand' => ['one side of a binocular on a screen', ['mounted' => 'hand'], 'projection-on-a-tripod', [['mounted', 'tripod']]],
            'a hand in the beam' => ['a refractor on a screen', ['people_in_beam' => true], 'nobody-in-the-beam', [['people_in_beam', false]]],
            'a binocular among children nobody watches' => ['one side of a binocular on a screen', ['watched' => false], 'children-at-a-binocular', [['watched', true]]],
            'projection left alone' => ['a refractor on a screen', ['attended' => false], 'never-alone', [['attended', true]]],
            'projection with an open finder' => ['a refractor on a screen', ['finder' => 'open'], 'finder-capped', [['finder', 'capped_both']]],
        ];
    }

    /** @return array<string, array{string, array<string, mixed>, string, list<array{string, mixed}>}> */
    private static function people(): array
    {
        $image = [['look', 'pinhole_screen']];

        return [
            'the youngest with glasses' => ['checked glasses', ['person' => 'young_child', 'watched' => true], 'youngest-indirectly', $image],
            'the youngest at a telescope' => ['a telescope with a front filter', ['person' => 'young_child'], 'youngest-indirectly', [['look', 'projected']]],
            'a child at a bare telescope in totality' => ['totality through a telescope', ['person' => 'child', 'watched' => true], 'no-child-at-a-bare-telescope', [['filter', 'visual_front']]],
            'a child in totality where the organiser does not let them' => ['a class in called totality', ['children_in_totality' => false], 'children-in-totality', [['filter', 'eclipse_glasses']]],
            'the youngest in totality where the organiser does not let them' => ['the youngest in called totality', ['children_in_totality' => false], 'youngest-in-totality', [['look', 'pinhole_screen']]],
            'a child nobody watches' => ['checked glasses', ['person' => 'child', 'watched' => false], 'child-watched', [['watched', true]]],
            'a teenager with a binocular in the hand' => ['a binocular with front filters in an adult\'s hands', ['person' => 'teen'], 'adult-holds', [['mounted', 'tripod']]],
            'glasses where all is indirect' => ['checked glasses', ['policy' => 'indirect_only'], 'policy-indirect-only', $image],
            'totality where all is indirect' => ['totality', ['policy' => 'indirect_only'], 'policy-indirect-only', $image],
            'welding glass where the policy says glasses' => ['shade 14', ['policy' => 'glasses'], 'policy-glasses', [['filter', 'eclipse_glasses']]],
            'a telescope where the policy says glasses' => ['a telescope with a front filter', ['policy' => 'glasses'], 'policy-glasses-not-optics', [['look', 'projected']]],
        ];
    }
}
