<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Measure;

use KeenShadow\Core\Eyewear\EyewearException;
use KeenShadow\Core\Eyewear\Spectrum\Clause;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/**
 * Three readings of a light meter: in the dark, in open sunlight, behind the filter. τ = (behind − dark)/(open − dark).
 *
 * Each reading may be off by half of the last digit and by so much per cent of itself; what both can do together bounds τ. It
 * is decided with a guard band: within the limits even with the doubt added, or outside even with it taken off. A meter sees no
 * ultraviolet and no infrared, and a cheap one cannot show a good filter good: 100 000 lx leave 0.03 to 3 lx behind it.
 */
final readonly class LightMeter
{
    public const LUX = [0.0, 200000.0];
    public const RESOLUTION_LX = [0.0001, 100.0];
    public const ACCURACY_PERCENT = [0.0, 50.0];

    /**
     * @param float $leastTransmittance with all doubt on one side
     * @param float $mostTransmittance with all of it on the other
     */
    private function __construct(
        public float $transmittance,
        public float $leastTransmittance,
        public float $mostTransmittance,
    ) {}

    /** @throws EyewearException */
    public static function of(float $darkLx, float $openLx, float $behindLx, float $resolutionLx, float $accuracyPercent): self
    {
        foreach (['dark_lx' => [$darkLx, self::LUX], 'open_lx' => [$openLx, self::LUX], 'behind_lx' => [$behindLx, self::LUX], 'resolution_lx' => [$resolutionLx, self::RESOLUTION_LX], 'accuracy_percent' => [$accuracyPercent, self::ACCURACY_PERCENT]] as $field => [$value, [$least, $most]]) {
            if (!($value >= $least && $value <= $most)) {
                throw EyewearException::outOfRange($field, $value, $least, $most);
            }
        }
        $doubt = static fn(float $lx): float => $resolutionLx / 2 + $lx * $accuracyPercent / 100;
        $leastOpen = $openLx - $doubt($openLx) - $darkLx - $doubt($darkLx);
        if ($leastOpen <= 0) {
            throw EyewearException::noLight($openLx);
        }
        $behind = $behindLx - $darkLx;
        $off = $doubt($behindLx) + $doubt($darkLx);

        if ($behind + $off < 0) {
            throw EyewearException::darkerThanDark($behindLx, $darkLx);
        }

        return new self(
            max(0.0, $behind) / ($openLx - $darkLx),
            max(0.0, $behind - $off) / ($openLx + $doubt($openLx) - $darkLx + $doubt($darkLx)),
            ($behind + $off) / $leastOpen,
        );
    }

    /** What it says of the lot; null unless it is outside the limits: a meter shows no filter good. */
    public function finding(): ?Finding
    {
        return $this->outcome() === Outcome::NotMet
            ? new Finding(Level::No, 'A light meter finds it outside the limits of ISO 12312-2, its uncertainty taken off.', 'Do not use them for the Sun; cut through the lenses.', Source::Iso12312, rule: 'papers-in-order')
            : null;
    }

    /** Of the luminous transmittance alone. */
    public function outcome(): Outcome
    {
        return Clause::ofLuminous($this->leastTransmittance, $this->mostTransmittance);
    }
}
