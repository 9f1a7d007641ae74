<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Imports\ImportException;
use App\Models\StoredFile;
use GdImage;

/** A picture as a camera wrote it, made anew: upright, no larger than a page shows, and without what cameras write about place and person. */
final class PictureFile
{
    public const MEDIA_TYPE = 'image/jpeg';
    private const MOST_PIXELS = 30_000_000;
    private const LONGEST_SIDE = 1600;
    private const QUALITY = 85;
    /** Degrees anticlockwise that set a picture upright, by what a camera says (EXIF 2.3, tag 0x0112). */
    private const TURNS = [3 => 180, 6 => 270, 8 => 90];

    /**
     * @return string path of a JPEG; whoever asks removes it
     *
     * @throws ImportException when it is no picture, or one of too many points
     */
    public static function cleaned(string $path): string
    {
        $type = StoredFile::mediaTypeOf($path);
        $size = in_array($type, ['image/jpeg', 'image/png', 'image/webp'], true) ? getimagesize($path) : false;
        if ($size === false) {
            throw new ImportException(__('This is neither a JPEG, PNG nor WebP picture, whatever its name says.'));
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new ImportException(__('The picture has more than :most million points: save it smaller.', ['most' => self::MOST_PIXELS / 1_000_000]));
        }
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw new ImportException(__('The picture cannot be read to its end.'));
        }
        $clean = (string) tempnam(sys_get_temp_dir(), 'pic');
        imagejpeg(self::upright(self::smaller($image), $path, $type), $clean, self::QUALITY);

        return $clean;
    }

    private static function smaller(GdImage $image): GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1.0, self::LONGEST_SIDE / max($width, $height));
        // On white, where it was transparent.
        $small = imagecreatetruecolor(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $image, 0, 0, 0, 0, imagesx($small), imagesy($small), $width, $height);

        return $small;
    }

    private static function upright(GdImage $image, string $path, ?string $type): GdImage
    {
        $exif = $type === 'image/jpeg' ? @exif_read_data($path) : false;
        $said = is_array($exif) ? $exif['Orientation'] ?? null : null;
        $turn = is_int($said) ? self::TURNS[$said] ?? 0 : 0;
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }
}
