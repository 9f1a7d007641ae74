<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

use KeenShadow\Core\Refusal;

/** A sum that cannot be done. */
final class AudienceException extends Refusal
{
    public static function outOfRange(string $field, float $value, float $least, float $most): self
    {
        return new self('out_of_range', ['what' => $field, 'value' => $value, 'least' => $least, 'most' => $most], $field);
    }

    /** @param float $turnS a look with what it takes to hand over */
    public static function roundTooShort(float $everyMin, float $turnS): self
    {
        return new self('round_too_short', ['minutes' => $everyMin, 'seconds' => $turnS], 'every_min');
    }
}
