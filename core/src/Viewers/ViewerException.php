<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

use InvalidArgumentException;

/** A viewer that cannot be built; the message is fit for the person who designs it. */
final class ViewerException extends InvalidArgumentException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function outOfRange(string $field, string $what, float $value, float $least, float $most): self
    {
        return new self($field, sprintf('%s must lie between %s and %s mm; %s does not.', $what, $least, $most, $value));
    }
}
