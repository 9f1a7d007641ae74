<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Book;

use KeenShadow\Core\Rules\Danger;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Strength;

/** What people take for a filter, and is none: never before an eye, whatever the phase. */
final class NoFilters
{
    private const PUT_AWAY = 'Put it away for good, so that nobody tries it; take checked eclipse glasses or an image on a screen.';

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            self::never('sunglasses', 'sunglasses', 'Sunglasses are no filter for the Sun, neither one pair nor several.', 'The darkest let through a thousand times as much as ISO 12312-2 allows.', 'Put them away; take checked eclipse glasses or an image on a screen.'),
            self::never('smoked-glass', 'smoked_glass', 'Smoked glass is no filter for the Sun.', 'Soot is uneven and wipes off, and heat comes through it.'),
            self::never('developed-film', 'developed_film', 'Exposed or developed film, slides and negatives are no filter for the Sun.', 'Its dyes let infrared light through: it looks dark and burns all the same.'),
            self::never('x-ray-film', 'xray_film', 'X-ray film is no filter for the Sun.', 'It is far too light where there is a picture, and nobody knows how dark it is beside it.'),
            self::never('discs', 'disc', 'Discs are no filter for the Sun.', 'Their coat is thin and uneven, with holes in it.'),
            self::never('balloons-and-wrappers', 'balloon_or_wrapper', 'Foil balloons, rescue blankets and food wrappers are no filter for the Sun.', 'They shine like a filter, but are not made even, and have holes and creases.'),
            self::never('cellophane', 'cellophane', 'Cellophane and coloured plastic are no filter for the Sun.', 'They take a colour away and let heat and most light through.'),
            self::never('liquids', 'liquid', 'Coffee, tea, ink or any other liquid is no filter for the Sun, nor is its surface a mirror to look into.', 'It lets through far too much, and moves.'),
            self::never('grey-filters', 'photographic_nd', 'A photographer\'s grey filter is no filter for the eye.', 'It is made for a sensor: most let infrared light through.'),
            self::never('polarisers', 'polariser', 'Polarising filters, crossed ones too, are no filter for the Sun.', 'Crossed they still let infrared light through, and a turn opens them.'),
            self::cloud(),
            self::eyepieceFilters('eyepiece-filters', 'A filter that screws into an eyepiece is destroyed on sight.', ['direct', 'through_optics', 'camera', 'screen_of_device'], ['filter' => 'visual_front', 'at' => 'front']),
            self::eyepieceFilters('eyepiece-filters-in-projection', 'No filter is in the eyepiece that projects.', ['projected'], ['filter' => 'none']),
            self::frontFilterAtTheEye(),
            self::photographicFrontFilters(),
        ];
    }

    private static function never(string $id, string $filter, string $statement, string $reason, string $do = self::PUT_AWAY): Rule
    {
        return Rule::forbids($id, $statement, ['look' => ['direct', 'through_optics'], 'filter' => $filter], $reason, $do, ['filter' => 'eclipse_glasses']);
    }

    private static function cloud(): Rule
    {
        return Rule::asks(
            id: 'cloud',
            statement: 'Cloud is no filter.',
            where: ['look' => 'direct', 'filter' => 'cloud'],
            needs: ['free_totality' => true],
            condition: 'It is totality here, between the called times for filters off and on.',
            reason: 'It thins out in a second, and then the Sun stands there at its full brightness.',
            do: 'Keep the glasses on; what they do not show is not to be seen.',
            refusesUnknown: true,
        );
    }

    /**
     * @param list<string> $look
     * @param array<string, string> $instead
     */
    private static function eyepieceFilters(string $id, string $statement, array $look, array $instead): Rule
    {
        return Rule::forbids(
            id: $id,
            statement: $statement,
            where: ['look' => $look, 'filter' => 'eyepiece_filter'],
            reason: 'It sits where the heat gathers, and cracks in a moment, with an eye behind it.',
            do: 'Break it and throw it away.',
            instead: $instead,
            dangers: [Danger::Retina, Danger::Heat],
            otherwise: 'No filter is screwed into an eyepiece.',
        );
    }

    private static function frontFilterAtTheEye(): Rule
    {
        return Rule::forbids(
            id: 'front-filter-at-the-eye',
            statement: 'A filter made for the front of an instrument is not held before the naked eye.',
            where: ['look' => 'direct', 'filter' => 'visual_front'],
            reason: 'It is not made or marked for that, and it leaves the light at its sides.',
            do: 'Put it on its instrument; take checked eclipse glasses for the eyes.',
            instead: ['filter' => 'eclipse_glasses'],
            source: Source::OwnJudgement,
            strength: Strength::Cautious,
        );
    }

    private static function photographicFrontFilters(): Rule
    {
        return Rule::forbids(
            id: 'photographic-front-filters',
            statement: 'Filter film for photographs is for sensors only.',
            where: ['look' => ['direct', 'through_optics'], 'filter' => 'photo_front'],
            reason: 'At an optical density of about 3.8 it lets sixteen times as much through as a filter made for looking.',
            do: 'Mark it “not for eyes”. Put a filter made for looking over the front.',
            instead: ['filter' => 'visual_front'],
        );
    }
}
