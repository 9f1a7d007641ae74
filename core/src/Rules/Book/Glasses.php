<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Strength;

/** What is made for looking at the Sun with the naked eye: eclipse glasses of every build, and welding glass. */
final class Glasses
{
    public const BUILDS = ['eclipse_glasses', 'handheld_viewer', 'face_shield'];
    private const FOR_THE_EYE = [...self::BUILDS, 'welding'];
    private const CUT = 'Cut through both lenses, so that nobody can use it.';

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            self::glasses(), self::welding(), self::atTheEye(), self::withdrawn(), self::papers(), self::flaws(), self::patches(), self::single(),
            self::overSpectacles(), self::kept(), self::shade(), self::fixedShade(),
        ];
    }

    private static function glasses(): Rule
    {
        return Rule::allows(
            id: 'eclipse-glasses',
            statement: 'Eclipse glasses, hand-held viewers and face shields that were checked are for looking straight at the Sun.',
            where: ['look' => 'direct', 'filter' => self::BUILDS],
            reason: 'They are made after ISO 12312-2 and let a few millionths of the light through.',
            do: 'Put them on looking down, look up; look down before you take them off.',
            source: Source::Iso12312,
        );
    }

    private static function welding(): Rule
    {
        return Rule::allows(
            id: 'welding-glass',
            statement: 'A single whole welding plate of shade 14 or darker may be looked through.',
            where: ['look' => 'direct', 'filter' => 'welding'],
            reason: 'Shade 14 lets through 0.00016 to 0.00044 % of the light, inside what ISO 12312-2 allows.',
            do: 'Hold it so that no light comes in at its sides.',
            source: Source::En169,
        );
    }

    private static function atTheEye(): Rule
    {
        return Rule::asks(
            id: 'before-the-eye',
            statement: 'It is worn or held before the eye, with nothing between.',
            where: ['look' => 'direct', 'filter' => self::FOR_THE_EYE],
            needs: ['at' => 'eye'],
            condition: 'It is worn or held before the naked eye.',
            reason: 'Anywhere else it is not made for what it has to stand.',
            do: 'Put them on.',
            source: Source::Iso12312,
        );
    }

    private static function withdrawn(): Rule
    {
        return Rule::asks(
            id: 'inspected-today',
            statement: 'Each pair is inspected every time it is to be used, and used only when it was found fit.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => [...self::FOR_THE_EYE, 'visual_front']],
            needs: ['verdict' => 'fit'],
            condition: 'It is inspected today and found fit.',
            reason: 'A scratch or a hole comes in a moment in a pocket, and lets the Sun through.',
            do: 'Do not use this one: put it apart if it is on hold, destroy it if it is withdrawn.',
        );
    }

    private static function papers(): Rule
    {
        return Rule::asks(
            id: 'papers-in-order',
            statement: 'Its lot\'s papers are in order: maker, standard, instructions, warnings, report and where it came from.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => [...self::FOR_THE_EYE, 'visual_front']],
            needs: ['lot' => 'in_order'],
            condition: 'The papers of its lot are in order.',
            reason: 'A print or a logo proves nothing, fakes carry them; how dark it looks says nothing of infrared light.',
            do: 'Do not hand it out before the papers are settled.',
            source: Source::Iso12312,
            disagreement: Disagreement::OldGlasses,
        );
    }

    private static function flaws(): Rule
    {
        return Rule::asks(
            id: 'whole',
            statement: 'A filter with a scratch, a hole, a crease, lifting film, a loose lens, a torn frame or a second point of light is not used; a dirty one not before it is clean.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => [...self::FOR_THE_EYE, 'visual_front']],
            needs: ['flaw' => []],
            condition: 'It was looked over for scratches, holes, creases, lifting film, loose parts, dirt and second points of light, and none was found.',
            reason: 'The dark coat is the filter: where it is broken, the Sun comes through.',
            do: self::CUT,
            source: Source::Iso12312,
        );
    }

    private static function patches(): Rule
    {
        return Rule::warns(
            id: 'no-patches',
            statement: 'Holes and scratches are not patched, not even with dense varnish.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => [...self::FOR_THE_EYE, 'visual_front']],
            reason: 'Nobody measures what a patch lets through.',
            do: self::CUT,
            dangers: [],
            disagreement: Disagreement::PatchedFilters,
        );
    }

    private static function single(): Rule
    {
        return Rule::asks(
            id: 'one-alone',
            statement: 'One right filter is enough, and several wrong ones are none: nothing is stacked.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => [...self::FOR_THE_EYE, 'visual_front']],
            needs: ['stacked' => false],
            condition: 'It is used alone, not one on another.',
            reason: 'Whoever needs two has one that is too light, and the gap between them opens.',
            do: 'Take one that is right by itself.',
        );
    }

    private static function overSpectacles(): Rule
    {
        return Rule::asks(
            id: 'over-spectacles',
            statement: 'Own spectacles stay on, and eclipse glasses go over them.',
            where: ['look' => 'direct', 'filter' => self::BUILDS],
            needs: ['spectacles' => ['under', 'none']],
            condition: 'Own spectacles, if any, are under them.',
            reason: 'Spectacles over them push the glasses off the eyes.',
            do: 'Spectacles first, eclipse glasses over them; a hand-held viewer or a face shield if they do not fit.',
        );
    }

    private static function kept(): Rule
    {
        return Rule::asks(
            id: 'kept-on',
            statement: 'Whoever cannot keep them on, or peeks over them, does not use them.',
            where: ['look' => 'direct', 'filter' => self::FOR_THE_EYE],
            needs: ['keeps_on' => true],
            condition: 'Whoever looks keeps them on, without peeking.',
            reason: 'One look past the edge is a look with bare eyes.',
            do: 'Give an image on a screen to look at.',
        );
    }

    private static function shade(): Rule
    {
        return Rule::asks(
            id: 'welding-shade',
            statement: 'Welding glass is of shade 14 or darker; where no shade is stamped on it, it is refused.',
            where: ['look' => 'direct', 'filter' => 'welding'],
            needs: ['shade' => ['least' => 14.0]],
            condition: 'Shade 14 or darker is stamped on it.',
            reason: 'Helmets usually are 10 to 12, which is too light; 12 and 13 are inside the band but glaring.',
            do: 'Give it back to the workshop.',
            dangers: [Danger::Retina, Danger::Cornea],
            source: Source::En169,
            strength: Strength::Chosen,
            refusesUnknown: true,
            disagreement: Disagreement::WeldingShade,
        );
    }

    private static function fixedShade(): Rule
    {
        return Rule::asks(
            id: 'welding-fixed',
            statement: 'Welding glass is a fixed plate, not one that darkens by itself.',
            where: ['look' => 'direct', 'filter' => 'welding'],
            needs: ['welding_kind' => ['fixed_plate', 'helmet_fixed']],
            condition: 'It is a fixed plate, not an auto-darkening one.',
            reason: 'One that darkens by itself waits for an arc, and is light until then and after.',
            do: 'Give it back to the workshop.',
            dangers: [Danger::Retina, Danger::Cornea],
        );
    }
}
