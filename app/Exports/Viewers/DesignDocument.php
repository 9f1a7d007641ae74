<?php

declare(strict_types=1);

namespace App\Exports\Viewers;

use App\Models\Viewers\Viewer;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Light;

/** A kept design as one JSON object that comes in again, here or at the command line. */
final class DesignDocument
{
    /** @param Light $light of its event, by which the figures of the command are those of the page */
    public static function of(Viewer $viewer, Light $light): string
    {
        $record = ['name' => $viewer->name] + DesignRecord::of($viewer->design) + [
            'sun_diameter_arcmin' => round(rad2deg($light->sunDiameterRad) * 60, 4),
            'sun_illuminance_lx' => round($light->sunLx),
            'wavelength_nm' => round($light->wavelengthNm(), 3),
        ];

        return json_encode($record, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
    }
}
