<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Kind;

/** How a viewer is built, in words: lang/…/builds.php has them. */
final class BuildSteps
{
    /** @return list<string> */
    public static function materials(Build $build): array
    {
        /** @var list<string> */
        return trans("builds.{$build->value}.materials");
    }

    /** @return list<array{string, string, string|null}> what is done, who does it, with which template */
    public static function steps(Build $build): array
    {
        /** @var list<array{string, string, string|null}> */
        return trans("builds.{$build->value}.steps");
    }

    /** @return list<string> */
    public static function cautions(Kind $kind): array
    {
        /** @var list<string> */
        return trans('builds.cautions.' . ($kind->isHole() && $kind !== Kind::Mirror ? 'hole' : $kind->value));
    }

    public static function who(string $who): string
    {
        return match ($who) {
            'adult' => __('an adult'),
            'two' => __('two people'),
            default => __('anyone'),
        };
    }
}
