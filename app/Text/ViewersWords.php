<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Change;
use KeenShadow\Core\Viewers\Design\Kind;
use KeenShadow\Core\Viewers\Design\Thing;
use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Optics\Heat;
use KeenShadow\Core\Viewers\ScreenSide;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\Surroundings;
use KeenShadow\Core\Viewers\TryOut\Sharpness;
use KeenShadow\Core\Viewers\Turn;

/** What is said of viewers. */
final class ViewersWords
{
    /** Of an image, as it was measured or as it should be: "8.52 ± 0.3 mm". */
    public static function width(float $mm, float $uncertaintyMm): string
    {
        return __(':mm ± :u mm', ['mm' => Numbers::about($mm, 3), 'u' => Numbers::about($uncertaintyMm, 1)]);
    }

    public static function build(Build $build): string
    {
        return match ($build) {
            Build::TwoCards => __('Two cards'),
            Build::FoilWindow => __('Foil over a window in card'),
            Build::Box => __('Shoe or cereal box'),
            Build::HeadBox => __('Box worn over the head'),
            Build::SnackTube => __('Snack tube'),
            Build::MailingTube => __('Long mailing tube'),
            Build::ShoulderCard => __('Card over the shoulder'),
            Build::FoundHoles => __('Colander, leaves, fingers'),
            Build::Pattern => __('Pattern of holes'),
            Build::Mirror => __('Flat mirror on a wall'),
            Build::ReadingLens => __('Reading lens on a screen'),
            Build::LensCup => __('Cup with a lens'),
            Build::Telescope => __('Telescope or binocular on a screen'),
            Build::FoldedProjector => __('Closed folded projector'),
        };
    }

    /** In one line, what it is. */
    public static function about(Build $build): string
    {
        return match ($build) {
            Build::TwoCards => __('A hole in one card, a white card behind it, the Sun at your back.'),
            Build::FoilWindow => __('Kitchen foil over a window of 25 or 50 mm: it takes a clean round hole.'),
            Build::Box => __('A hole in foil at one end, white paper at the other, a side window next to the hole.'),
            Build::HeadBox => __('A copier-paper box over the head; the light comes in over the shoulder.'),
            Build::SnackTube => __('A hole in the metal bottom, paper on the lid, a window for both eyes, a dark lining.'),
            Build::MailingTube => __('A hole on thin brass, a rear screen of white plastic, a board as a shade for the face.'),
            Build::ShoulderCard => __('A hole of 6 mm in a card over the shoulder, a white card as far away as it goes.'),
            Build::FoundHoles => __('Colander, slotted spoon, straw hat, basket, crossed fingers: crescents on pale ground.'),
            Build::Pattern => __('Holes that spell a word: every one throws a crescent.'),
            Build::Mirror => __('A flat mirror under a card with a hole, onto a shaded wall many metres away.'),
            Build::ReadingLens => __('A lens of one dioptre behind a hole of 10 mm: sharp at one metre.'),
            Build::LensCup => __('The same lens in a cup with a hole of 6 mm in its bottom.'),
            Build::Telescope => __('A small refractor, or one side of a binocular, throws a large image; never alone.'),
            Build::FoldedProjector => __('Lens, eyepiece and mirrors in a closed box: nobody comes into its beam.'),
        };
    }

    public static function size(Size $size, Kind $kind): string
    {
        return match ($size) {
            Size::Distance => match ($kind) {
                Kind::Mirror => __('Mirror to wall'),
                Kind::Lens => __('Lens to screen'),
                Kind::Eyepiece => __('Eyepiece to screen'),
                default => __('Hole to screen'),
            },
            Size::Hole => match ($kind) {
                Kind::Mirror => __('Opening of the mirror'),
                Kind::Lens => __('Hole before the lens'),
                Kind::Pattern => __('Width of each hole'),
                default => __('Width of the hole'),
            },
            Size::Focal => __('Focal length of the lens'),
            Size::ObjectiveFocal => __('Focal length of the objective'),
            Size::Aperture => __('Free opening'),
            Size::EyepieceFocal => __('Focal length of the eyepiece'),
            Size::Screen => __('Width of the screen'),
            Size::Figure => __('Width of the figure that is drawn'),
        };
    }

    /** @return array<string, string> by the value, for a list to choose from */
    public static function surroundings(): array
    {
        return self::named(Surroundings::cases(), static fn(Surroundings $case): string => match ($case) {
            Surroundings::Open => __('in the open'),
            Surroundings::OwnShadow => __('in one\'s own shadow'),
            Surroundings::Box => __('in a box, or a dark room'),
            Surroundings::LinedTube => __('in a tube with dark lining'),
        });
    }

    /** @return array<string, string> */
    public static function shapes(): array
    {
        return self::named(HoleShape::cases(), static fn(HoleShape $case): string => match ($case) {
            HoleShape::Round => __('round'),
            HoleShape::Square => __('square'),
            HoleShape::Ragged => __('torn'),
            HoleShape::Slit => __('a slit'),
            HoleShape::Star => __('a star'),
        });
    }

    /** @return array<string, string> */
    public static function sides(): array
    {
        return self::named(ScreenSide::cases(), static fn(ScreenSide $case): string => match ($case) {
            ScreenSide::Front => __('from the light\'s side'),
            ScreenSide::Behind => __('from behind, through it'),
        });
    }

    /** @return array<string, string> */
    public static function things(): array
    {
        return self::named(Thing::cases(), static fn(Thing $case): string => match ($case) {
            Thing::Card => __('stiff card'),
            Thing::Foil => __('kitchen foil'),
            Thing::Box => __('a shoe or cereal box'),
            Thing::LargeBox => __('a copier-paper box'),
            Thing::SnackTube => __('a snack tube'),
            Thing::LongTube => __('a mailing tube'),
            Thing::Sieve => __('a colander, a hat, a tree'),
            Thing::Cup => __('a paper cup and a reading lens'),
            Thing::FlatMirror => __('a flat mirror'),
            Thing::ReadingLens => __('a reading lens, one dioptre'),
            Thing::Telescope => __('a small telescope or binocular'),
            Thing::SmallMirrors => __('lenses and three small mirrors'),
        });
    }

    public static function change(Change $change): string
    {
        return match ($change) {
            Change::SharpestHole => __('Sharpest hole (Petzval), 1.41·√(λL)'),
            Change::EqualHole => __('Hole as wide as its diffraction, 1.56·√(λL)'),
            Change::BrighterHole => __('Brighter, a little softer (Rayleigh), 1.9·√(λL)'),
            Change::InFocus => __('Screen in the focus'),
            Change::Longer => __('Half as far again, with its best hole'),
            Change::Farther => __('The screen half as far again'),
            Change::Darker => __('A darker place'),
        };
    }

    /** @return array<string, string> */
    public static function sharpness(): array
    {
        return self::named(Sharpness::cases(), static fn(Sharpness $case): string => match ($case) {
            Sharpness::Crisp => __('crisp'),
            Sharpness::Soft => __('soft'),
            Sharpness::Blob => __('a blob'),
            Sharpness::OwnShape => __('the hole\'s own shape'),
        });
    }

    public static function heat(Heat $heat): string
    {
        return match ($heat) {
            Heat::Warms => __('warms, no more'),
            Heat::Hurts => __('hurts skin in seconds'),
            Heat::Melts => __('melts plastic and cement'),
            Heat::Scorches => __('scorches paper, melts plastic and cement'),
        };
    }

    public static function turn(Turn $turn): string
    {
        return match ($turn) {
            Turn::AsInTheSky => __('as in the sky'),
            Turn::HalfTurn => __('turned by 180°'),
            Turn::UpsideDown => __('upside down, left stays left'),
            Turn::LeftForRight => __('upright, left and right exchanged'),
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param list<T> $cases
     * @param callable(T): string $words
     *
     * @return array<string, string>
     */
    private static function named(array $cases, callable $words): array
    {
        return array_combine(array_map(static fn(\BackedEnum $case): string => (string) $case->value, $cases), array_map($words, $cases));
    }
}
