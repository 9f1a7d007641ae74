<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** What is observed in an eclipse and written down against its time. */
enum ObservationKind: string
{
    /** In °C, read by hand. */
    case Temperature = 'temperature';
    /** In lx, read by hand. */
    case Light = 'light';
    /** In degrees of the Beaufort scale. */
    case Wind = 'wind';
    /** In eighths of the sky. */
    case Cloud = 'cloud';
    case Animals = 'animals';
    case ShadowBands = 'shadow_bands';
    /** A bead that ultraviolet light colours has faded: its number. */
    case Bead = 'bead';
    /** How many are there. */
    case Visitors = 'visitors';
    case Remark = 'remark';
    /** A call that came late: by how many seconds, and which. */
    case LateCall = 'late_call';
    /** A picture was taken: of what, and by whom it is kept. */
    case Picture = 'picture';

    /** Whether it is a number; all else is words. */
    public function isMeasured(): bool
    {
        return in_array($this, [self::Temperature, self::Light, self::Wind, self::Cloud, self::Bead, self::Visitors, self::LateCall], true);
    }

    public function needsWords(): bool
    {
        return !$this->isMeasured() || $this === self::LateCall;
    }

    /** Of a number; outside of these it is a slip of the pen. */
    public function least(): float
    {
        return match ($this) {
            self::Temperature => -60.0,
            self::Bead => 1.0,
            default => 0.0,
        };
    }

    public function most(): float
    {
        return match ($this) {
            self::Temperature => 60.0,
            self::Light => 250000.0,
            self::Wind => 12.0,
            self::Cloud => 8.0,
            self::Bead => 9999.0,
            self::Visitors => 1000000.0,
            default => 3600.0,
        };
    }

    /** Whether halves of it make no sense. */
    public function isCounted(): bool
    {
        return in_array($this, [self::Wind, self::Cloud, self::Bead, self::Visitors], true);
    }

    /** Minutes from one reading to the next (common practice: five to ten); null for what is written down when it happens. */
    public function everyMinutes(): ?int
    {
        return match ($this) {
            self::Temperature, self::Light => 5,
            self::Wind, self::Cloud => 10,
            self::Visitors => 15,
            default => null,
        };
    }
}
