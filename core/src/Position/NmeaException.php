<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

use KeenShadow\Core\Refusal;

/** Why a line of a receiver is not used; lines are counted by its reason. */
final class NmeaException extends Refusal
{
    public static function noSentence(): self
    {
        return new self('no_sentence');
    }

    public static function wrongCheckSum(): self
    {
        return new self('wrong_check_sum');
    }

    public static function noFix(): self
    {
        return new self('no_fix');
    }

    public static function notMeasured(): self
    {
        return new self('not_measured');
    }

    public static function noPlace(): self
    {
        return new self('no_place');
    }

    public static function calledInvalid(): self
    {
        return new self('called_invalid');
    }
}
