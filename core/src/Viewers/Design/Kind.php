<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Size;

/** What throws the image. */
enum Kind: string
{
    case Pinhole = 'pinhole';
    case Mirror = 'mirror';
    case Lens = 'lens';
    case Eyepiece = 'eyepiece';
    case Pattern = 'pattern';

    /** @return list<Size> the lengths that it must have, in the order in which they are chosen */
    public function sizes(): array
    {
        return match ($this) {
            self::Pinhole, self::Mirror, self::Pattern => [Size::Distance, Size::Hole],
            self::Lens => [Size::Distance, Size::Hole, Size::Focal],
            self::Eyepiece => [Size::Distance, Size::ObjectiveFocal, Size::Aperture, Size::EyepieceFocal],
        };
    }

    /** Whether the image is a hole's, and there is a best hole for a distance. */
    public function isHole(): bool
    {
        return $this === self::Pinhole || $this === self::Mirror || $this === self::Pattern;
    }

    /** @return list<string> the instruments of the rule book that it may be made with; none where there is no choice */
    public function instruments(): array
    {
        return match ($this) {
            self::Mirror => ['flat_mirror', 'curved_mirror'],
            self::Eyepiece => ['refractor', 'binocular', 'newtonian', 'closed_mirror'],
            self::Pinhole, self::Lens, self::Pattern => [],
        };
    }

    /** What is built where nobody says more. */
    public function usualBuild(): Build
    {
        return match ($this) {
            self::Pinhole => Build::TwoCards,
            self::Mirror => Build::Mirror,
            self::Lens => Build::ReadingLens,
            self::Eyepiece => Build::Telescope,
            self::Pattern => Build::Pattern,
        };
    }
}
