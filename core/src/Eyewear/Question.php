<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** What is asked about a lot, where it fits the kind. */
enum Question: string
{
    case MakerName = 'maker_name';
    case MakerAddress = 'maker_address';
    case PrintedStandard = 'printed_standard';
    case Instructions = 'instructions';
    case Warnings = 'warnings';
    /** The date that is printed, if any. */
    case ExpiresOn = 'expires_on';
    case TestReport = 'test_report';
    case MadeFor = 'made_for';
    /** The shade number that is stamped on it, if any. */
    case Shade = 'shade';
    case Darkening = 'darkening';
    case LensWidth = 'lens_width_mm';
    case LensHeight = 'lens_height_mm';
    case OverSpectacles = 'over_spectacles';
    case BlocksSideLight = 'blocks_side_light';
    case WornBy = 'worn_by';
    case Opening = 'opening_mm';

    /** Whether no answer is an answer: nothing is printed or stamped, nobody has measured. */
    public function mayBeBlank(): bool
    {
        return match ($this) {
            self::ExpiresOn, self::Shade, self::LensWidth, self::LensHeight, self::Opening => true,
            default => false,
        };
    }
}
