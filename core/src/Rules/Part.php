<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** The parts of a situation, about which the rules speak, and what each may be. Lengths in millimetres, angles in degrees. */
enum Part: string
{
    /** What must be so where a rule hangs on the filter and nobody has told it; of every other part the rule says it itself. */
    public const FILTER_CONDITION = 'It is known what the filter is, and it is none that the book refuses.';

    case Look = 'look';
    case Phase = 'phase';
    case Guarded = 'guarded';
    /** Totality inside the guarded times; it follows from phase and guarded and is not told. */
    case FreeTotality = 'free_totality';
    /** Bare eyes at the Sun in called totality; it follows from look, filter and the above and is not told. */
    case BareTotality = 'bare_totality';
    case SunAltitude = 'sun_altitude_deg';
    case Filter = 'filter';
    case Stacked = 'stacked';
    case At = 'at';
    case Shade = 'shade';
    case WeldingKind = 'welding_kind';
    case Verdict = 'verdict';
    case Lot = 'lot';
    case Flaw = 'flaw';
    case CheckedAgainstSun = 'checked_against_sun';
    case Fixing = 'fixing';
    case Instrument = 'instrument';
    case Eyepiece = 'eyepiece';
    case Aperture = 'aperture_mm';
    case Finder = 'finder';
    case UnusedSide = 'unused_side';
    case Mounted = 'mounted';
    case Attended = 'attended';
    case Person = 'person';
    case Watched = 'watched';
    case KeepsOn = 'keeps_on';
    case Spectacles = 'spectacles';
    case PeopleInBeam = 'people_in_beam';
    /** Light on the screen in times of direct sunlight; 1 is 1 kW/m². */
    case ScreenSuns = 'screen_suns';
    case ChildrenInTotality = 'children_in_totality';
    case Policy = 'policy';

    /** @return list<string> the words it may be; of a list, those it may hold; none where it is a number, or true or false */
    public function words(): array
    {
        return match ($this) {
            self::Look => ['direct', 'through_optics', 'camera', 'projected', 'pinhole_screen', 'through_pinhole', 'reflection', 'screen_of_device'],
            self::Phase => ['none', 'partial', 'annular', 'total'],
            self::Filter => [
                'none', 'eclipse_glasses', 'handheld_viewer', 'face_shield', 'welding', 'visual_front', 'photo_front', 'eyepiece_filter', 'sunglasses', 'smoked_glass',
                'developed_film', 'xray_film', 'disc', 'balloon_or_wrapper', 'cellophane', 'liquid', 'photographic_nd', 'polariser', 'cloud',
            ],
            self::At => ['eye', 'front', 'behind_optics', 'thread'],
            self::WeldingKind => ['fixed_plate', 'auto_darkening', 'helmet_fixed'],
            self::Verdict => ['fit', 'hold', 'withdraw'],
            self::Lot => ['in_order', 'in_doubt', 'refused'],
            self::Flaw => ['scratch', 'hole', 'crease', 'film_lifting', 'loose', 'torn_frame', 'dirt', 'second_point', 'see_through', 'patched'],
            self::Fixing => ['screwed', 'taped', 'pushed_on', 'loose'],
            self::Instrument => ['none', 'binocular', 'refractor', 'newtonian', 'closed_mirror', 'solar_telescope', 'camera', 'phone', 'magnifier', 'reading_lens', 'curved_mirror', 'flat_mirror'],
            self::Eyepiece => ['uncemented', 'cemented', 'plastic'],
            self::Finder => ['removed', 'capped_both', 'capped_front', 'open', 'none', 'through_lens'],
            self::UnusedSide => ['capped', 'open', 'filtered'],
            self::Mounted => ['tripod', 'hand'],
            self::Person => ['adult', 'teen', 'child', 'young_child'],
            self::Spectacles => ['none', 'under', 'over'],
            self::Policy => ['indirect_only', 'glasses', 'mixed'],
            self::Guarded, self::FreeTotality, self::BareTotality, self::SunAltitude, self::Stacked, self::Shade, self::CheckedAgainstSun, self::Aperture, self::Attended, self::Watched, self::KeepsOn,
            self::PeopleInBeam, self::ScreenSuns, self::ChildrenInTotality => [],
        };
    }

    /** @return array{float, float}|null least and most, where it is a number */
    public function range(): ?array
    {
        return match ($this) {
            self::SunAltitude => [-90.0, 90.0],
            self::Shade => [0.0, 99.0],
            self::Aperture => [0.0, 100000.0],
            self::ScreenSuns => [0.0, 1000000.0],
            default => null,
        };
    }

    public function isList(): bool
    {
        return $this === self::Flaw;
    }

    /** Whether those who ask may tell it. */
    public function isTold(): bool
    {
        return $this !== self::FreeTotality && $this !== self::BareTotality;
    }

    /** Whether somebody can change it to be allowed: nobody changes the Moon's way, a child's age or the organiser's policy. */
    public function canBeChanged(): bool
    {
        return !in_array($this, [self::Phase, self::Guarded, self::FreeTotality, self::BareTotality, self::SunAltitude, self::Person, self::KeepsOn, self::ChildrenInTotality, self::Policy], true);
    }

    /** What to ask while it is not known; nothing can be allowed before. */
    public function question(): string
    {
        return match ($this) {
            self::Look => 'What does the eye look at: the Sun, an eyepiece, a display, an image on a screen?',
            self::Filter => 'What is between the Sun and the eye?',
            self::FreeTotality => 'Is it total here at this moment, and between the called times for filters off and on?',
            self::Shade => 'Which shade number is stamped on the plate?',
            self::ChildrenInTotality => 'Does the organiser let children look with bare eyes in called totality?',
            default => 'What is known of it?',
        };
    }
}
