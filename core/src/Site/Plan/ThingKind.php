<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

/** What can stand on a site plan. */
enum ThingKind: string
{
    private const MOST_POINTS = 200;

    case Building = 'building';
    case Wall = 'wall';
    case Tree = 'tree';
    case Doorway = 'doorway';
    case Window = 'window';
    case PaleConcrete = 'pale_concrete';
    case Asphalt = 'asphalt';
    case Grass = 'grass';
    case Sand = 'sand';
    /** People who watch; "viewers" is how stored plans and files have it. */
    case Audience = 'viewers';
    case Telescope = 'telescope';
    case Queue = 'queue';
    case Shade = 'shade';
    case Mirror = 'mirror';
    case Screen = 'screen';

    public function shape(): Shape
    {
        return match ($this) {
            self::Building, self::PaleConcrete, self::Asphalt, self::Grass, self::Sand => Shape::Area,
            self::Wall, self::Doorway, self::Window => Shape::Line,
            self::Tree => Shape::Round,
            self::Audience, self::Telescope, self::Queue, self::Shade, self::Mirror, self::Screen => Shape::Point,
        };
    }

    /** Fewest points that make one. */
    public function leastPoints(): int
    {
        return match ($this->shape()) {
            Shape::Area => 3,
            Shape::Line => 2,
            Shape::Round, Shape::Point => 1,
        };
    }

    public function mostPoints(): int
    {
        return match (true) {
            $this->isOpening() => 2,
            $this->leastPoints() === 1 => 1,
            default => self::MOST_POINTS,
        };
    }

    public function isObstacle(): bool
    {
        return in_array($this, [self::Building, self::Wall, self::Tree], true);
    }

    public function isOpening(): bool
    {
        return $this === self::Doorway || $this === self::Window;
    }

    public function isGround(): bool
    {
        return in_array($this, [self::PaleConcrete, self::Asphalt, self::Grass, self::Sand], true);
    }

    /** A place where somebody or something is to be. */
    public function isPlace(): bool
    {
        return $this->shape() === Shape::Point;
    }

    /** Whether an image of the Sun shows on this ground as it is (common practice, no source). */
    public function takesAnImage(): bool
    {
        return $this === self::PaleConcrete;
    }

    /** Whether the Sun is not wanted there. */
    public function wantsShade(): bool
    {
        return $this === self::Shade || $this === self::Screen;
    }

    /** Radius in metres to begin with; nothing but a tree has one. */
    public function usualRadiusM(): ?float
    {
        return $this === self::Tree ? 3.0 : null;
    }

    /** Height in metres to begin with: the usual storey, tree, door, eye. */
    public function usualHeightM(): float
    {
        return match ($this) {
            self::Building, self::Tree => 6.0,
            self::Wall, self::Doorway => 2.1,
            self::Window => 2.0,
            self::PaleConcrete, self::Asphalt, self::Grass, self::Sand => 0.0,
            self::Audience, self::Queue, self::Shade => 1.5,
            self::Telescope, self::Screen => 1.2,
            self::Mirror => 0.8,
        };
    }

    public function usualSillM(): float
    {
        return $this === self::Window ? 0.9 : 0.0;
    }
}
