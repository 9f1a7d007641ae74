<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** Where practitioners differ, what the main schools say, and what is done here and why. */
enum Disagreement: string
{
    case WeldingShade = 'welding-shade';
    case OldGlasses = 'old-glasses';
    case PatchedFilters = 'patched-filters';
    case GlassesOverOptics = 'glasses-over-optics';
    case ClosedMirrorProjection = 'closed-mirror-projection';
    case ProjectionEyepiece = 'projection-eyepiece';
    case BinocularNearChildren = 'binocular-near-children';
    case HoleMaterial = 'hole-material';
    case BestHole = 'best-hole';
    case DirectLooksOfChildren = 'direct-looks-of-children';
    case ChildrenInTotality = 'children-in-totality';
    case MoonRadius = 'moon-radius';

    public function matter(): string
    {
        return match ($this) {
            self::WeldingShade => 'Welding glass for the eye',
            self::OldGlasses => 'Glasses older than three years',
            self::PatchedFilters => 'Scratches and holes',
            self::GlassesOverOptics => 'Eclipse glasses taped over binoculars or a phone',
            self::ClosedMirrorProjection => 'Projection with telescopes of closed mirror types',
            self::ProjectionEyepiece => 'The eyepiece for projection',
            self::BinocularNearChildren => 'Projection by binocular near children',
            self::HoleMaterial => 'What the hole is made in',
            self::BestHole => 'How large the hole',
            self::DirectLooksOfChildren => 'Children who look directly',
            self::ChildrenInTotality => 'Children and bare eyes in called totality',
            self::MoonRadius => 'One radius of the Moon or two, for totality',
        };
    }

    /** @return list<string> */
    public function schools(): array
    {
        return match ($this) {
            self::WeldingShade => ['Shade 14 only.', 'Shade 14 or darker.', 'Shade 12 is inside the transmittance that ISO 12312-2 allows.'],
            self::OldGlasses => ['Throw them away.', 'Keep them while they are undamaged.'],
            self::PatchedFilters => ['Patch them with dense varnish.', 'Discard them.'],
            self::GlassesOverOptics => ['Some do it, on the front.', 'Never.'],
            self::ClosedMirrorProjection => ['Small ones may be used.', 'Never.'],
            self::ProjectionEyepiece => ['Any cheap one.', 'A cemented achromat, at its risk.', 'Uncemented ones only.'],
            self::BinocularNearChildren => ['Fine on a tripod.', 'Never.'],
            self::HoleMaterial => ['A hole in thin foil.', 'A hole straight in the cardboard.'],
            self::BestHole => ['1.41, 1.56 or 1.9 times the root of wavelength times distance.', 'Larger, for a brighter image.'],
            self::DirectLooksOfChildren => ['Directly, closely watched.', 'The young indirectly only.'],
            self::ChildrenInTotality => ['They look up with their class.', 'The youngest stay with images.'],
            self::MoonRadius => ['One radius throughout.', 'A smaller one for totality, which makes it shorter.'],
        };
    }

    public function choice(): string
    {
        return match ($this) {
            self::WeldingShade => 'Shade 14 or darker: 12 and 13 are inside the band but glaring, and unknown plates abound.',
            self::OldGlasses => 'Kept while no printed date has passed and every check passes; an event\'s policy can be stricter.',
            self::PatchedFilters => 'Discard: nobody measures what a patch lets through.',
            self::GlassesOverOptics => 'Never for eyes: a filter for the naked eye is not made for what an opening collects. On a phone only, taped on the front without gaps, at the phone\'s risk.',
            self::ClosedMirrorProjection => 'Refused: the heat stays in the tube. Use a front filter.',
            self::ProjectionEyepiece => 'Uncemented ones (Huygens, Ramsden); cement melts and plastic burns.',
            self::BinocularNearChildren => 'On a tripod, one side capped, an adult at it all the time, and every child watched.',
            self::HoleMaterial => 'Foil, which takes a clean round hole; cardboard is marked as softer.',
            self::BestHole => 'All are shown, the brightness may be chosen, and what it costs is shown.',
            self::DirectLooksOfChildren => 'Up to 8 years indirectly only; from 9 to 12 with an adult who watches the child all the time; an event\'s policy can be stricter.',
            self::ChildrenInTotality => 'The organiser of the event decides; while nothing is decided they do not look.',
            self::MoonRadius => 'The cautious one for filters: the shorter totality.',
        };
    }
}
