<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\Lens;
use KeenShadow\Core\Viewers\Optics\PinholeCriterion;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/** All figures of a design by the names that files have for them; docs/FORMATS.md says what each is. */
final class DesignFigures
{
    /**
     * @return array<string, int|float|null|array<int|string, float>>
     *
     * @throws ViewerException when it cannot be built
     */
    public static function of(Design $design, Light $light): array
    {
        $image = $design->image($light);

        return [
            'image_diameter_mm' => $image->diameterMm,
            'geometric_blur_mm' => $image->geometricBlurMm,
            'diffraction_blur_mm' => $image->diffractionBlurMm,
            'blur_mm' => $image->blurMm(),
            'details_across' => $image->detailsAcross(),
            'smallest_bite' => $image->smallestBite(),
            'illuminance_lx' => $image->illuminanceLx,
            'screen_suns' => $image->suns(),
            'stray_lx' => $design->surroundings->strayLx($light->sunLx),
            'contrast' => $image->contrast($design->surroundings),
            'spot_speed_mm_per_min' => $image->speedMmPerMin(),
            ...match ($design->kind()) {
                Kind::Pinhole, Kind::Mirror => self::bestHoles($design, $light),
                Kind::Pattern => self::bestHoles($design, $light) + self::pattern($design, $light),
                Kind::Lens => self::lens($design, $light),
                Kind::Eyepiece => self::projection($design, $light),
            },
        ];
    }

    /** @return array{best_hole_mm: array<string, float>} */
    private static function bestHoles(Design $design, Light $light): array
    {
        $best = [];
        foreach (PinholeCriterion::cases() as $criterion) {
            $best[$criterion->value] = $criterion->bestHoleMm((float) $design->mm(Size::Distance), $light);
        }

        return ['best_hole_mm' => $best];
    }

    /** @return array<string, int|float|list<float>> */
    private static function pattern(Design $design, Light $light): array
    {
        $pattern = $design->pattern($light);

        return ['least_spacing_mm' => $pattern->spacingMm, 'holes' => count($pattern->holes), 'card_mm' => [$pattern->widthMm, $pattern->heightMm]];
    }

    /** @return array<string, float> */
    private static function lens(Design $design, Light $light): array
    {
        $lens = $design->optics($light);

        return $lens instanceof Lens ? ['focus_mm' => $lens->focusMm(), 'focus_depth_mm' => $lens->focusDepthMm(), 'colour_blur_mm' => $lens->colourBlurMm()] : [];
    }

    /** @return array<string, float|null> */
    private static function projection(Design $design, Light $light): array
    {
        $projection = $design->projection($light);
        $screenMm = $design->mm(Size::Screen);

        return [
            'power_w' => $projection->powerW(),
            'irradiance_w_per_mm2' => $projection->irradianceWPerMm2(),
            'seconds_in_field' => $screenMm === null ? null : $projection->secondsInField($screenMm),
            'field_deg' => $screenMm === null ? null : $projection->fieldDeg($screenMm),
        ];
    }
}
