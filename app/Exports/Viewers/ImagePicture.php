<?php

declare(strict_types=1);

namespace App\Exports\Viewers;

use KeenShadow\Core\Viewers\Picture\SimulatedImage;

/**
 * A simulated image as a PNG in greys: white is the middle of the whole Sun with the stray light, black no light at all.
 *
 * Between them a grey stands for its illuminance as sRGB has it (IEC 61966-2-1): twice the light is about 1.4 times the grey.
 */
final class ImagePicture
{
    public static function png(SimulatedImage $image): string
    {
        $picture = imagecreate(SimulatedImage::SIDE, SimulatedImage::SIDE);
        for ($grey = 0; $grey < 256; ++$grey) {
            imagecolorallocate($picture, $grey, $grey, $grey);
        }
        $white = $image->wholeLx + $image->strayLx;
        foreach ($image->lux as $y => $row) {
            foreach ($row as $x => $lux) {
                imagesetpixel($picture, $x, $y, self::grey($white > 0 ? min(1.0, ($lux + $image->strayLx) / $white) : 0.0));
            }
        }
        ob_start();
        imagepng($picture, null, 6);

        return (string) ob_get_clean();
    }

    private static function grey(float $share): int
    {
        return (int) round(255 * ($share <= 0.0031308 ? 12.92 * $share : 1.055 * $share ** (1 / 2.4) - 0.055));
    }
}
