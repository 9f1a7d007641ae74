<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Inquiry;

use KeenShadow\Core\Rules\Book\Projection;
use KeenShadow\Core\Rules\Part;

/** The questions, in the order in which they narrow the matter: what is done with it and what is on it, when, in which state, who. */
final class Questions
{
    private const TELESCOPES = ['binocular', 'refractor', 'newtonian', 'closed_mirror', 'solar_telescope'];
    private const EYES = ['direct', 'through_optics'];
    private const SENSORS = ['camera', 'screen_of_device'];

    /** @return list<Question> */
    public static function all(): array
    {
        return [...self::uses(), self::when(), ...self::welding(), ...self::states(), ...self::sensors(), ...self::beams(), ...self::who()];
    }

    /** @return list<Question> */
    private static function uses(): array
    {
        return [
            Question::of('use', 'What do you do with it, and what is on it?', ['instrument' => self::TELESCOPES], Part::Look, [
                ...self::looks(),
                ...self::pictures('camera', 'A camera on it: a filter made for it, over the front; nobody looks in', 'A camera on it: no filter; nobody looks in', 'A camera on it: eclipse glasses taped over the front; nobody looks in'),
            ]),
            Question::of('use', 'What do you do with it, and what is on it?', ['instrument' => 'camera'], Part::Look, [
                ...self::pictures('screen_of_device', 'Look at its display: a filter made for it, over the front', 'Look at its display: nothing on it', 'Look at its display: eclipse glasses taped over the front'),
                Choice::of('finder', 'Look through its finder', ['look' => 'through_optics']),
            ]),
            Question::of('use', 'What do you do with it?', ['instrument' => 'none'], Part::Look, [
                Choice::of('image', 'Look at the image, with the Sun behind me', ['look' => 'pinhole_screen']),
                Choice::of('through', 'Look through the hole at the Sun', ['look' => 'through_pinhole']),
            ]),
            Question::of('use', 'What do you do with it?', ['instrument' => 'flat_mirror'], Part::Look, [
                Choice::of('wall', 'Throw the Sun on a shaded wall, behind a card with a hole', ['look' => 'pinhole_screen']),
                Choice::of('look', 'Look into it', ['look' => 'reflection']),
            ]),
            Question::of('use', 'What is on it?', ['instrument' => 'phone'], Part::Filter, self::pictures('screen_of_device', 'A filter made for it, over the lens', 'Nothing', 'Eclipse glasses taped over the lens')),
        ];
    }

    /** @return list<Choice> of what an eye at a telescope looks through, or at */
    private static function looks(): array
    {
        $bright = ['look' => 'through_optics', 'phase' => 'partial'];

        return [
            Choice::of('look-front', 'Look into it: a filter made for looking, over the front', ['filter' => 'visual_front', 'at' => 'front'] + $bright),
            Choice::of('look-none', 'Look into it: nothing on it', ['filter' => 'none'] + $bright),
            Choice::of('look-worn', 'Look into it: I wear eclipse glasses', ['filter' => 'eclipse_glasses', 'at' => 'behind_optics'] + $bright),
            Choice::of('look-taped', 'Look into it: eclipse glasses taped over the front', ['filter' => 'eclipse_glasses', 'at' => 'front'] + $bright),
            Choice::of('look-eyepiece', 'Look into it: a filter in the eyepiece', ['filter' => 'eyepiece_filter', 'at' => 'behind_optics'] + $bright),
            Choice::of('look-photo', 'Look into it: filter film for photographs', ['filter' => 'photo_front', 'at' => 'front'] + $bright),
            Choice::of('look-totality', 'Look into it in totality, between the calls: nothing on it', ['filter' => 'none', 'look' => 'through_optics', 'phase' => 'total', 'guarded' => true]),
            Choice::of('screen', 'Throw the image on a screen', ['look' => 'projected', 'filter' => 'none']),
        ];
    }

    /** @return list<Choice> of what a sensor looks through */
    private static function pictures(string $look, string $front, string $none, string $taped): array
    {
        $bright = ['look' => $look, 'phase' => 'partial'];

        return [
            Choice::of('picture-front', $front, ['filter' => 'photo_front', 'at' => 'front'] + $bright),
            Choice::of('picture-none', $none, ['filter' => 'none', 'look' => $look]),
            Choice::of('picture-taped', $taped, ['filter' => 'eclipse_glasses', 'at' => 'front', 'fixing' => 'taped'] + $bright),
        ];
    }

    /** Only without a filter does it matter. */
    private static function when(): Question
    {
        return Question::of('when', 'When?', ['look' => [...self::EYES, ...self::SENSORS], 'filter' => 'none'], Part::Phase, [
            Choice::of('shows', 'While any of the bright Sun shows, and be it a ring', ['phase' => 'partial']),
            Choice::of('totality', 'In totality, between the calls', ['phase' => 'total', 'guarded' => true]),
        ]);
    }

    /** @return list<Question> */
    private static function welding(): array
    {
        // What is not marked is refused like the lightest.
        $unmarked = Choice::of('none', 'No shade is stamped on it, or I cannot tell', ['shade' => 0.0]);

        return [
            Question::of('kind', 'Which kind, and which shade is stamped on it?', ['filter' => 'welding'], Part::WeldingKind, [
                Choice::of('14', 'A fixed plate, 14 or darker', ['welding_kind' => 'helmet_fixed', 'shade' => 14.0]),
                Choice::of('12', 'A fixed plate, 12 or 13', ['welding_kind' => 'helmet_fixed', 'shade' => 12.0]),
                Choice::of('10', 'A fixed plate, 11 or lighter', ['welding_kind' => 'helmet_fixed', 'shade' => 10.0]),
                Choice::of('auto', 'It darkens by itself', ['welding_kind' => 'auto_darkening']),
                $unmarked,
            ]),
            Question::of('shade', 'Which shade is stamped on it?', ['filter' => 'welding'], Part::Shade, [
                Choice::of('14', '14 or darker', ['shade' => 14.0]),
                Choice::of('12', '12 or 13', ['shade' => 12.0]),
                Choice::of('10', '11 or lighter', ['shade' => 10.0]),
                $unmarked,
            ]),
        ];
    }

    /** @return list<Question> */
    private static function states(): array
    {
        $unknown = Choice::of('unknown', 'I do not know');
        $stands = ['attended' => true, 'mounted' => 'tripod', 'finder' => 'capped_both'];
        $inOrder = ['verdict' => 'fit', 'lot' => 'in_order', 'flaw' => [], 'stacked' => false];

        return [
            Question::of('state', 'How is it?', ['look' => 'direct', 'filter' => ['eclipse_glasses', 'handheld_viewer', 'face_shield', 'welding']], Part::Verdict, [
                Choice::of('fit', 'Inspected today, found fit, its papers in order; used alone', $inOrder),
                Choice::of('flaw', 'Scratched, creased, torn, holed, patched or dirty', ['flaw' => ['scratch']]),
                Choice::of('papers', 'Its papers are in doubt, or there are none', ['lot' => 'in_doubt']),
                Choice::of('several', 'Several, one on another', ['stacked' => true]),
                $unknown,
            ]),
            Question::of('state', 'How are the filters?', ['look' => 'through_optics', 'filter' => 'visual_front', 'instrument' => 'binocular'], Part::Fixing, [
                Choice::of('fit', 'One on each barrel, or the other barrel capped; taped or screwed on; held against the Sun today, without a flaw; their papers in order; on a tripod, one of the crew at it', ['fixing' => 'taped', 'checked_against_sun' => true, 'unused_side' => 'filtered'] + $inOrder + $stands),
                Choice::of('hand', 'One on each barrel, fixed, held against the Sun today, papers in order; one of the crew holds it in the hand', ['fixing' => 'taped', 'checked_against_sun' => true, 'unused_side' => 'filtered', 'mounted' => 'hand'] + $inOrder + $stands),
                Choice::of('one', 'One barrel has a filter, the other is open', ['unused_side' => 'open']),
                Choice::of('pushed', 'Only pushed on, or loose', ['fixing' => 'pushed_on']),
                Choice::of('flaw', 'One has a hole, a scratch or a crease', ['flaw' => ['hole']]),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false]),
                $unknown,
            ]),
            Question::of('state', 'How is the filter?', ['look' => 'through_optics', 'filter' => 'visual_front', 'instrument' => ['unless' => 'binocular']], Part::Fixing, [
                Choice::of('fit', 'Taped or screwed on; held against the Sun today, without a flaw; its papers in order; on a tripod, finder off or capped at both ends, one of the crew at it', ['fixing' => 'taped', 'checked_against_sun' => true] + $inOrder + $stands),
                Choice::of('hand', 'The same, but in the hand', ['fixing' => 'taped', 'checked_against_sun' => true, 'mounted' => 'hand'] + $inOrder + $stands),
                Choice::of('pushed', 'Only pushed on, or loose', ['fixing' => 'pushed_on']),
                Choice::of('flaw', 'It has a hole, a scratch or a crease', ['flaw' => ['hole']]),
                Choice::of('finder', 'The finder is open', ['finder' => 'open']),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false]),
                $unknown,
            ]),
            Question::of('stand', 'How does it stand?', ['look' => 'through_optics', 'filter' => 'none'], Part::Attended, [
                Choice::of('crew', 'On a tripod, finder off or capped at both ends, one of the crew at it', $stands),
                Choice::of('hand', 'In the hand', ['mounted' => 'hand'] + $stands),
                Choice::of('finder', 'The finder is open', ['finder' => 'open']),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false]),
                $unknown,
            ]),
        ];
    }

    /** @return list<Question> of what carries a sensor */
    private static function sensors(): array
    {
        $unknown = Choice::of('unknown', 'I do not know');

        return [
            Question::of('stand', 'How does it stand, and how is the filter?', ['look' => self::SENSORS, 'instrument' => self::TELESCOPES, 'filter' => 'photo_front'], Part::Finder, [
                Choice::of('crew', 'The filter taped or screwed on and held against the Sun today, without a flaw; no optical finder, or capped at both ends; of a binocular the other barrel capped; one of the crew at it', ['finder' => 'capped_both', 'attended' => true, 'unused_side' => 'capped', 'fixing' => 'taped', 'flaw' => [], 'checked_against_sun' => true]),
                Choice::of('pushed', 'The filter only pushed on, or loose', ['fixing' => 'pushed_on']),
                Choice::of('barrel', 'It is a binocular, and its other barrel is open', ['unused_side' => 'open', 'instrument' => 'binocular']),
                Choice::of('finder', 'The optical finder is open', ['finder' => 'open']),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false, 'finder' => 'capped_both']),
                $unknown,
            ]),
            Question::of('stand', 'How does it stand?', ['look' => self::SENSORS, 'instrument' => [...self::TELESCOPES, 'camera']], Part::Finder, [
                Choice::of('crew', 'No optical finder, or it is capped at both ends; one of the crew is at it', ['finder' => 'capped_both', 'attended' => true]),
                Choice::of('reflex', 'Its finder looks through the lens (reflex camera), and is not capped', ['finder' => 'through_lens']),
                Choice::of('finder', 'The optical finder is open', ['finder' => 'open']),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false, 'finder' => 'capped_both']),
                $unknown,
            ]),
        ];
    }

    /** @return list<Question> */
    private static function beams(): array
    {
        $unknown = Choice::of('unknown', 'I do not know');
        $safe = ['attended' => true, 'people_in_beam' => false];

        return [
            Question::of('stand', 'How does it stand?', ['look' => 'projected', 'instrument' => self::TELESCOPES], Part::PeopleInBeam, [
                Choice::of('crew', 'On a tripod, finder and unused side capped, nobody in the beam, one of the crew at it', ['mounted' => 'tripod', 'finder' => 'capped_both', 'unused_side' => 'capped', 'watched' => true] + $safe),
                Choice::of('beam', 'People come near the beam', ['people_in_beam' => true]),
                Choice::of('hand', 'In the hand', ['mounted' => 'hand']),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false]),
                $unknown,
            ]),
            Question::of('eyepiece', 'Which eyepiece, which opening, how wide is the image?', ['look' => 'projected', 'instrument' => self::TELESCOPES], Part::Eyepiece, [
                Choice::of('simple', 'A simple uncemented one (Huygens, Ramsden); the opening 75 mm or less, and the Sun\'s image on the screen at least half as wide as it', ['eyepiece' => 'uncemented', 'aperture_mm' => 75.0, 'screen_suns' => Projection::WARM_SUNS]),
                Choice::of('narrow', 'A simple one; the Sun\'s image is a fifth as wide as the opening, or narrower', ['eyepiece' => 'uncemented', 'screen_suns' => Projection::SCORCHING_SUNS]),
                Choice::of('wide', 'A simple one; the opening is wider', ['eyepiece' => 'uncemented', 'aperture_mm' => 100.0]),
                Choice::of('other', 'Another one, cemented or of plastic', ['eyepiece' => 'cemented']),
                $unknown,
            ]),
            Question::of('stand', 'How does it stand, and what covers it?', ['look' => 'projected', 'instrument' => 'reading_lens'], Part::PeopleInBeam, [
                Choice::of('crew', 'On a stand, behind a card with a hole of 10 mm or less, the screen a metre away, nobody in its light, one of the crew at it', ['mounted' => 'tripod', 'aperture_mm' => 10.0, 'screen_suns' => Projection::WARM_SUNS] + $safe),
                Choice::of('wide', 'The whole lens is free', ['aperture_mm' => 50.0]),
                Choice::of('beam', 'People come near its light', ['people_in_beam' => true]),
                Choice::of('alone', 'It is left alone now and then', ['attended' => false]),
                $unknown,
            ]),
            Question::of('stand', 'Where does its light go?', ['look' => 'pinhole_screen', 'instrument' => 'flat_mirror'], Part::PeopleInBeam, [
                Choice::of('crew', 'Where no eye can come into it; one of the crew is at it', $safe),
                Choice::of('beam', 'People come near the beam', ['people_in_beam' => true]),
                $unknown,
            ]),
        ];
    }

    /** @return list<Question> */
    private static function who(): array
    {
        $keeps = ['keeps_on' => true];
        $child = Choice::of('child', 'A child of 9 to 12 among others', ['person' => 'child', 'watched' => false]);
        $young = Choice::of('young', 'A child up to 8', ['person' => 'young_child']);

        return [
            Question::of('who', 'Who looks?', ['look' => 'direct', 'filter' => ['eclipse_glasses', 'handheld_viewer', 'face_shield', 'welding']], Part::Person, [
                Choice::of('adult', 'An adult who keeps it on', ['person' => 'adult'] + $keeps),
                Choice::of('teen', 'A teenager who keeps it on', ['person' => 'teen'] + $keeps),
                Choice::of('watched', 'A child of 9 to 12 who keeps it on, with an adult who watches only this child', ['person' => 'child', 'watched' => true] + $keeps),
                $child,
                $young,
                Choice::of('peeks', 'Somebody who takes it off or peeks', ['keeps_on' => false]),
            ]),
            Question::of('who', 'Who looks?', ['look' => self::EYES], Part::Person, [
                Choice::of('adult', 'An adult', ['person' => 'adult']),
                Choice::of('teen', 'A teenager', ['person' => 'teen']),
                Choice::of('watched', 'A child of 9 to 12, with an adult who watches only this child', ['person' => 'child', 'watched' => true]),
                $child,
                $young,
            ]),
            Question::of('organiser', 'Does the organiser let children look with bare eyes in called totality?', ['look' => 'direct', 'bare_totality' => true, 'person' => ['child', 'young_child']], Part::ChildrenInTotality, [
                Choice::of('yes', 'Yes', ['children_in_totality' => true]),
                Choice::of('no', 'No, or I do not know', ['children_in_totality' => false]),
            ]),
        ];
    }
}
