<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use KeenShadow\Core\Refusal;

/** Something about a site that cannot be. Its field is what of the thing is wrong: points, height_m, radius_m, sill_m, name or profile. */
final class SiteException extends Refusal
{
    /**
     * @param string $what code of the number
     * @param string $name of the thing it belongs to
     */
    public static function outOfRange(string $field, string $what, float $value, float $least, float $most, string $name = ''): self
    {
        return new self('out_of_range', ['what' => $what, 'value' => $value, 'least' => $least, 'most' => $most, 'name' => $name], $field);
    }

    public static function pointCount(string $name, int $count, int $least, int $most): self
    {
        return new self('point_count', ['name' => $name, 'count' => $count, 'least' => $least, 'most' => $most], 'points');
    }

    public static function samePoint(string $name): self
    {
        return new self('same_point', ['name' => $name], 'points');
    }

    public static function noThrow(string $mirror, string $target): self
    {
        return new self('no_throw', ['mirror' => $mirror, 'target' => $target], 'points');
    }

    public static function crossesItself(string $name): self
    {
        return new self('crosses_itself', ['name' => $name], 'points');
    }

    public static function upsideDown(string $name): self
    {
        return new self('upside_down', ['name' => $name], 'sill_m');
    }

    public static function notAPoint(string $text): self
    {
        return new self('not_a_point', ['text' => $text], 'points');
    }

    public static function notAPair(int $line, string $text): self
    {
        return new self('not_a_pair', ['line' => $line, 'text' => $text], 'profile');
    }

    public static function nameTwice(string $name): self
    {
        return new self('name_twice', ['name' => $name], 'name');
    }

    public static function azimuthTwice(float $azimuthDeg): self
    {
        return new self('azimuth_twice', ['azimuth' => $azimuthDeg], 'profile');
    }

    public static function tooMany(string $what, int $most): self
    {
        return new self('too_many', ['what' => $what, 'most' => $most], $what);
    }
}
