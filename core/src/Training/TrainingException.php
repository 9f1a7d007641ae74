<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training;

use KeenShadow\Core\Refusal;

/** A scene or an order of steps that makes no sense; `field` is the path in the file, such as `[0].nodes.offer`. */
final class TrainingException extends Refusal
{
    public static function missing(string $path): self
    {
        return new self('missing', ['path' => $path], $path);
    }

    public static function leadsNowhere(string $path, string $to): self
    {
        return new self('leads_nowhere', ['path' => $path, 'to' => $to], $path);
    }

    public static function noSuchRule(string $path, string $rule): self
    {
        return new self('no_such_rule', ['path' => $path, 'rule' => $rule], $path);
    }

    public static function notOneOf(string $path, string $value): self
    {
        return new self('not_one_of', ['path' => $path, 'value' => $value], $path);
    }

    /** It is called right, and the rule book refuses it. */
    public static function praisesWhatIsForbidden(string $path, string $rule): self
    {
        return new self('praises_what_is_forbidden', ['path' => $path, 'rule' => $rule], $path);
    }

    /** It is called wrong, and the rule book allows it without a condition. */
    public static function blamesWhatIsAllowed(string $path): self
    {
        return new self('blames_what_is_allowed', ['path' => $path], $path);
    }

    /** Steps that would have to come before themselves. */
    public static function goesInACircle(string $path): self
    {
        return new self('goes_in_a_circle', ['path' => $path], $path);
    }
}
