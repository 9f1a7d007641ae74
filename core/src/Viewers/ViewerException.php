<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

use KeenShadow\Core\Refusal;

/** A viewer that cannot be built. */
final class ViewerException extends Refusal
{
    public static function outOfRange(string $field, float $value, float $least, float $most): self
    {
        return new self('out_of_range', ['what' => $field, 'value' => $value, 'least' => $least, 'most' => $most], $field);
    }
}
