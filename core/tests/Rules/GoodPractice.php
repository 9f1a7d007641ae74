<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

/** Ordinary good practice, wholly told: every one of these is a yes (common practice, no source). */
final class GoodPractice
{
    private const EYE = ['instrument' => 'none', 'at' => 'eye', 'person' => 'adult', 'policy' => 'mixed', 'keeps_on' => true];
    private const CHECKED = ['verdict' => 'fit', 'lot' => 'in_order', 'flaw' => [], 'stacked' => false];
    private const CREWED = ['attended' => true, 'mounted' => 'tripod', 'finder' => 'capped_both', 'people_in_beam' => false];

    /** @return array<string, array<string, bool|float|string|list<string>>> */
    public static function situations(): array
    {
        $glasses = ['look' => 'direct', 'phase' => 'partial', 'filter' => 'eclipse_glasses', 'spectacles' => 'under'] + self::EYE + self::CHECKED;
        $telescope = ['look' => 'through_optics', 'phase' => 'partial', 'filter' => 'visual_front', 'at' => 'front', 'fixing' => 'taped', 'checked_against_sun' => true, 'instrument' => 'refractor', 'person' => 'teen', 'policy' => 'mixed'] + self::CHECKED + self::CREWED;
        $refractor = ['look' => 'projected', 'phase' => 'partial', 'filter' => 'none', 'instrument' => 'refractor', 'eyepiece' => 'uncemented', 'aperture_mm' => 60.0, 'screen_suns' => 1.0, 'person' => 'child'] + self::CREWED;
        $sound = ['fixing' => 'screwed', 'flaw' => [], 'checked_against_sun' => true];
        $sensor = ['look' => 'camera', 'phase' => 'partial', 'filter' => 'photo_front', 'at' => 'front', 'instrument' => 'camera', 'finder' => 'none'];

        return [
            'checked glasses' => $glasses,
            'a ring through glasses' => ['phase' => 'annular'] + $glasses,
            'a class with glasses, each child watched' => ['person' => 'child', 'watched' => true, 'policy' => 'glasses'] + $glasses,
            'a hand-held viewer' => ['filter' => 'handheld_viewer', 'spectacles' => 'none'] + $glasses,
            'a face shield' => ['filter' => 'face_shield'] + $glasses,
            'a low Sun through glasses' => ['sun_altitude_deg' => 2.0] + $glasses,
            'shade 14' => ['filter' => 'welding', 'shade' => 14.0, 'welding_kind' => 'fixed_plate'] + $glasses,
            'shade 15 in a helmet' => ['filter' => 'welding', 'shade' => 15.0, 'welding_kind' => 'helmet_fixed'] + $glasses,
            'totality' => ['look' => 'direct', 'phase' => 'total', 'guarded' => true, 'filter' => 'none'] + self::EYE,
            'the youngest in called totality' => ['look' => 'direct', 'phase' => 'total', 'guarded' => true, 'filter' => 'none', 'person' => 'young_child', 'children_in_totality' => true] + self::EYE,
            'a class in called totality' => ['look' => 'direct', 'phase' => 'total', 'guarded' => true, 'filter' => 'none', 'person' => 'child', 'children_in_totality' => true] + self::EYE,
            'totality behind thin cloud' => ['look' => 'direct', 'phase' => 'total', 'guarded' => true, 'filter' => 'cloud'] + self::EYE,
            'totality with the event\'s policy “through checked glasses”' => ['look' => 'direct', 'phase' => 'total', 'guarded' => true, 'filter' => 'none', 'policy' => 'glasses'] + self::EYE,
            'a telescope with a front filter' => $telescope,
            'a Cassegrain with a front filter' => ['instrument' => 'closed_mirror'] + $telescope,
            'a binocular with front filters in an adult\'s hands' => ['instrument' => 'binocular', 'unused_side' => 'filtered', 'mounted' => 'hand', 'finder' => 'none', 'person' => 'adult'] + $telescope,
            'a binocular with one barrel capped' => ['instrument' => 'binocular', 'unused_side' => 'capped', 'finder' => 'none'] + $telescope,
            'a solar telescope' => ['instrument' => 'solar_telescope', 'fixing' => 'screwed', 'finder' => 'none'] + $telescope,
            'totality through a telescope' => ['phase' => 'total', 'guarded' => true, 'filter' => 'none', 'person' => 'adult'] + $telescope,
            'a refractor on a screen' => $refractor,
            'one side of a binocular on a screen' => ['instrument' => 'binocular', 'unused_side' => 'capped', 'watched' => true] + $refractor,
            'a flat mirror on a wall' => ['look' => 'projected', 'instrument' => 'flat_mirror', 'filter' => 'none', 'attended' => true, 'people_in_beam' => false, 'person' => 'young_child'],
            'a reading lens on a stand' => ['instrument' => 'reading_lens', 'aperture_mm' => 10.0, 'screen_suns' => 1.2, 'finder' => 'none'] + $refractor,
            'a camera with a front filter' => $sensor,
            'a phone behind a taped lens of glasses' => ['filter' => 'eclipse_glasses', 'instrument' => 'phone', 'fixing' => 'taped'] + $sensor,
            'a phone without a filter' => ['look' => 'screen_of_device', 'filter' => 'none', 'instrument' => 'phone'] + $sensor,
            'a camera in totality' => ['phase' => 'total', 'guarded' => true, 'filter' => 'none'] + $sensor,
            'a telescope with a camera' => ['instrument' => 'refractor', 'attended' => true, 'finder' => 'removed'] + $sound + $sensor,
            'a binocular with a camera' => ['instrument' => 'binocular', 'unused_side' => 'capped', 'attended' => true, 'finder' => 'none'] + $sound + $sensor,
            'a reflex camera with a filter made for looking' => ['finder' => 'through_lens', 'filter' => 'visual_front'] + $sound + $sensor,
            'a phone at a telescope with a front filter' => ['look' => 'screen_of_device', 'instrument' => 'refractor', 'attended' => true, 'finder' => 'removed'] + $sound + $sensor,
            'a phone at a telescope in totality' => ['look' => 'screen_of_device', 'instrument' => 'refractor', 'attended' => true, 'finder' => 'removed', 'phase' => 'total', 'guarded' => true, 'filter' => 'none'] + $sensor,
            'a telescope with a camera in totality' => ['instrument' => 'refractor', 'attended' => true, 'finder' => 'removed', 'phase' => 'total', 'guarded' => true, 'filter' => 'none'] + $sensor,
            'a box with a hole for the youngest' => ['look' => 'pinhole_screen', 'phase' => 'partial', 'instrument' => 'none', 'person' => 'young_child', 'policy' => 'indirect_only'],
            'a mirror behind a card with a hole' => ['look' => 'pinhole_screen', 'instrument' => 'flat_mirror', 'people_in_beam' => false, 'attended' => true],
        ];
    }
}
