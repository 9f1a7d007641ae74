<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Refusal;

/** A measurement or a sum that cannot be done. */
final class EyewearException extends Refusal
{
    public static function outOfRange(string $field, float $value, float $least, float $most): self
    {
        return new self('out_of_range', ['what' => $field, 'value' => $value, 'least' => $least, 'most' => $most], $field);
    }

    /** The light in the open is not above the dark by more than the doubt of both. */
    public static function noLight(float $openLx): self
    {
        return new self('no_light', ['value' => $openLx], 'open_lx');
    }

    /** Less light behind the filter than in the dark, by more than the doubt of both. */
    public static function darkerThanDark(float $behindLx, float $darkLx): self
    {
        return new self('darker_than_dark', ['value' => $behindLx, 'dark' => $darkLx], 'behind_lx');
    }
}
