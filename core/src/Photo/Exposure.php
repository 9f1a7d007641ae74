<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** How long is exposed: t = N²/(ISO·2^Q), in seconds (Espenak; from memory). Q grows by one as the light doubles. */
final class Exposure
{
    public static function seconds(float $fNumber, float $iso, float $q): float
    {
        return $fNumber ** 2 / ($iso * 2.0 ** $q);
    }
}
