<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use InvalidArgumentException;

/** Something about a site that cannot be; the message is fit for the person who drew it. */
final class SiteException extends InvalidArgumentException
{
    /** @param string $field what of the thing is wrong: points, height_m, radius_m, sill_m, name or profile */
    private function __construct(
        public readonly string $field,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function outOfRange(string $field, string $what, float $value, float $least, float $most): self
    {
        return new self($field, sprintf('%s must lie between %s and %s; %s does not.', ucfirst($what), $least, $most, $value));
    }

    public static function pointCount(string $what, int $count, int $least, int $most): self
    {
        return new self('points', sprintf('%s has %d to %d points, not %d.', ucfirst($what), $least, $most, $count));
    }

    public static function samePoint(string $what): self
    {
        return new self('points', sprintf('%s has no size: its points all lie in one place.', ucfirst($what)));
    }

    public static function crossesItself(string $what): self
    {
        return new self('points', sprintf('The outline of %s crosses itself; put its corners in order.', $what));
    }

    public static function upsideDown(string $what): self
    {
        return new self('sill_m', sprintf('The lower edge of %s must lie below its upper edge.', $what));
    }

    public static function notAPoint(string $text): self
    {
        return new self('points', sprintf('"%s" is not a place: write metres east and metres north with a space between, and a semicolon before the next.', $text));
    }

    public static function notAPair(int $line, string $text): self
    {
        return new self('profile', sprintf('Line %d: "%s" is not an azimuth and an altitude.', $line, $text));
    }

    public static function nameTwice(string $name): self
    {
        return new self('name', sprintf('Two things are called "%s"; give each a name of its own.', $name));
    }

    public static function azimuthTwice(float $azimuthDeg): self
    {
        return new self('profile', sprintf('The horizon has two altitudes at azimuth %s°.', $azimuthDeg));
    }

    public static function tooMany(string $what, int $most): self
    {
        return new self($what, sprintf('There are more than %d %s.', $most, $what === 'profile' ? 'points in the horizon' : $what));
    }
}
