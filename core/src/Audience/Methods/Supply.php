<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

/** What is bought, borrowed or made for the methods of an event. */
enum Supply: string
{
    case Glasses = 'glasses';
    case Banner = 'banner';
    case FrontFilter = 'front_filter';
    case Telescope = 'telescope';
    case ProjectionScreen = 'projection_screen';
    case FinderCaps = 'finder_caps';
    case FlatMirror = 'flat_mirror';
    case MirrorCard = 'mirror_card';
    case WhiteSheet = 'white_sheet';
    case Box = 'box';
    case Foil = 'foil';
    case WhitePaper = 'white_paper';
    case Pin = 'pin';
    case Tape = 'tape';
    case Knife = 'knife';
    case CardPair = 'card_pair';
    case PhaseStrip = 'phase_strip';
    case Felt = 'felt';
    case Glue = 'glue';
    case MarkedRope = 'marked_rope';

    /** By which a translation is found. */
    public function words(): string
    {
        return match ($this) {
            self::Glasses => 'Eclipse glasses, pairs that are fit, spares among them',
            self::Banner => 'Banner with checked filters in its holes',
            self::FrontFilter => 'Front filter made for looking, that fits the telescope',
            self::Telescope => 'Small telescope with a lens, or binocular, on a tripod',
            self::ProjectionScreen => 'White screen and a card mask round the tube',
            self::FinderCaps => 'Caps for both ends of the finder, and for an unused side',
            self::FlatMirror => 'Flat mirror on a stand',
            self::MirrorCard => 'Card with a hole for the mirror, and tape for the rest of it',
            self::WhiteSheet => 'White sheet, 2 m × 1.5 m',
            self::Box => 'Shoe box or cereal box',
            self::Foil => 'Piece of kitchen foil, 5 cm × 5 cm',
            self::WhitePaper => 'Sheet of white paper',
            self::Pin => 'Pin or needle',
            self::Tape => 'Roll of tape',
            self::Knife => 'Knife, for an adult',
            self::CardPair => 'Card with a hole in foil, and a white card',
            self::PhaseStrip => 'Printed phase strip',
            self::Felt => 'Felt, card or sandpaper, A4',
            self::Glue => 'Glue',
            self::MarkedRope => 'Rope, to keep people out of the beam',
        };
    }

    /** Whether one for all groups is enough, for it goes from one to the next. */
    public function isShared(): bool
    {
        return in_array($this, [self::Banner, self::FrontFilter, self::Telescope, self::ProjectionScreen, self::FinderCaps, self::FlatMirror, self::MirrorCard, self::Knife, self::Glue, self::MarkedRope], true);
    }
}
