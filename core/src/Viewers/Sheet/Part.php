<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** The parts of viewers that have a template. */
enum Part: string
{
    case FrontCard = 'front_card';
    case WindowCard = 'window_card';
    case Foil = 'foil';
    case ScreenCard = 'screen_card';
    case EndPanel = 'end_panel';
    case WindowPanel = 'window_panel';
    case BackPanel = 'back_panel';
    case BottomPanel = 'bottom_panel';
    case TubeBottom = 'tube_bottom';
    case TubeWindow = 'tube_window';
    case ScreenDisc = 'screen_disc';
    case Lining = 'lining';
    case Brass = 'brass';
    case EndCap = 'end_cap';
    case FaceShade = 'face_shade';
    case Hood = 'hood';
    case PatternCard = 'pattern_card';
    case MirrorMask = 'mirror_mask';
    case LensMask = 'lens_mask';
    case CupDisc = 'cup_disc';
    case ApertureMask = 'aperture_mask';
    case TubeShade = 'tube_shade';
    case FinderFront = 'finder_front';
    case FinderTarget = 'finder_target';
    case BasePlan = 'base_plan';
}
