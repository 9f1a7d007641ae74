<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Viewers\Sheet\Mark;
use KeenShadow\Core\Viewers\Sheet\Note;
use KeenShadow\Core\Viewers\Sheet\Part;

/** What stands on the templates of viewers. */
final class SheetWords
{
    public static function part(Part $part): string
    {
        return match ($part) {
            Part::FrontCard => __('Front card'),
            Part::WindowCard => __('Card with a window'),
            Part::Foil => __('Foil with the hole'),
            Part::ScreenCard => __('Screen, white'),
            Part::EndPanel => __('End of the box, with the hole'),
            Part::WindowPanel => __('Wall of the box, with the window'),
            Part::BackPanel => __('Back of the box, from behind'),
            Part::BottomPanel => __('Bottom of the box, for the head'),
            Part::TubeBottom => __('Bottom of the tube: where the hole is'),
            Part::TubeWindow => __('Window for both eyes'),
            Part::ScreenDisc => __('Screen disc'),
            Part::Lining => __('Dark lining'),
            Part::Brass => __('Thin brass with the hole'),
            Part::EndCap => __('End cap, painted matt black'),
            Part::FaceShade => __('Black board, shade for the face'),
            Part::Hood => __('Hood for eye or camera'),
            Part::PatternCard => __('Card to be drilled, as the Sun sees it'),
            Part::MirrorMask => __('Mask of the mirror'),
            Part::LensMask => __('Mask of the lens'),
            Part::CupDisc => __('Bottom of the cup'),
            Part::ApertureMask => __('Mask of the opening'),
            Part::TubeShade => __('Card round the tube, shade for the screen'),
            Part::FinderFront => __('Sun finder, front'),
            Part::FinderTarget => __('Sun finder, target'),
            Part::BasePlan => __('Base, where the mirrors stand'),
        };
    }

    public static function note(Note $note): string
    {
        $mm = ['mm' => Numbers::decimal($note->mm, $note->mm === round($note->mm) ? 0 : ($note->mm < 10 ? 2 : 1))];

        return match ($note->mark) {
            Mark::Hole => __('hole :mm mm', $mm),
            Mark::Window => __('window :mm mm', $mm),
            Mark::FoilOver => __('foil over this'),
            Mark::SunImage => __('the Sun\'s image, :mm mm', $mm),
            Mark::HeadHere => __('look in here'),
            Mark::ScreenEnd => __('screen'),
            Mark::HoleEnd => __('hole'),
            Mark::Tube => __('for a tube of :mm mm', $mm),
            Mark::Glue => __('glue'),
            Mark::Mirror => __('mirror'),
            Mark::Eyepiece => __('eyepiece here'),
            Mark::Degrees => __('1° and 2°, :mm mm behind the hole', $mm),
        };
    }

    /** Below the line by which the scale is checked. */
    public static function checkLine(): string
    {
        return __('This line is 100 mm long: print without scaling, and measure it.');
    }
}
