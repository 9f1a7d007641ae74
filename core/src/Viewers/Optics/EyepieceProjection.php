<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Optics;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;

/**
 * The Sun's image at an objective's focus, thrown larger on a screen by an eyepiece. Lengths in millimetres; thin lenses, the
 * screen in focus, nothing lost in glass.
 */
final readonly class EyepieceProjection
{
    /** Width of the field stop of simple eyepieces over their focal length: some 40° of apparent field (common practice, no source). */
    private const FIELD_STOP = 0.7;

    /**
     * @param float $distanceMm from eyepiece to screen
     * @param float $apertureMm free opening of the objective
     */
    private function __construct(
        public float $distanceMm,
        public float $objectiveFocalMm,
        public float $apertureMm,
        public float $eyepieceFocalMm,
        private Light $light,
    ) {}

    /** @throws ViewerException when a length is out of range, the screen nearer than the eyepiece's focus, or the opening wider than the objective's focus is far */
    public static function of(float $distanceMm, float $objectiveFocalMm, float $apertureMm, float $eyepieceFocalMm, Light $light): self
    {
        Size::Distance->checked($distanceMm);
        Size::ObjectiveFocal->checked($objectiveFocalMm);
        Size::EyepieceFocal->checked($eyepieceFocalMm);
        if (Size::Aperture->checked($apertureMm) >= $objectiveFocalMm) {
            throw ViewerException::widerThanLong('aperture_mm', $apertureMm, $objectiveFocalMm);
        }
        if ($distanceMm <= $eyepieceFocalMm) {
            throw ViewerException::insideTheFocus($distanceMm, $eyepieceFocalMm);
        }

        return new self($distanceMm, $objectiveFocalMm, $apertureMm, $eyepieceFocalMm, $light);
    }

    /** Focal length of objective, eyepiece and way together, f_obj·(P/f_ep − 1): the image is as large as this one alone would throw it. */
    public function effectiveFocalMm(): float
    {
        return $this->objectiveFocalMm * ($this->distanceMm / $this->eyepieceFocalMm - 1);
    }

    public function image(): ThrownImage
    {
        $imageMm = $this->light->imageMm($this->effectiveFocalMm());

        return new ThrownImage(
            throwMm: $this->effectiveFocalMm(),
            geometricBlurMm: 0.0,
            diffractionBlurMm: $this->light->airyMm($this->effectiveFocalMm(), $this->apertureMm),
            illuminanceLx: $this->light->sunLx * ($this->apertureMm / $imageMm) ** 2,
            openingMm2: M_PI / 4 * $this->apertureMm ** 2,
            light: $this->light,
        );
    }

    /** From eyepiece to a screen on which the image is so many times as bright as direct sunlight: with suns = (a/D)² and D as far as the effective focal length throws it. */
    public function distanceForSunsMm(float $suns): float
    {
        $imageMm = $this->apertureMm / sqrt($suns);

        return $this->eyepieceFocalMm * (1 + $imageMm / $this->light->imageMm($this->objectiveFocalMm));
    }

    /** Watts that go through the aperture. */
    public function powerW(): float
    {
        return Light::SUN_W_PER_M2 * M_PI / 4 * ($this->apertureMm / 1000) ** 2;
    }

    /** Watts on each square millimetre of the Sun's image at the objective's focus, where the eyepiece is. */
    public function irradianceWPerMm2(): float
    {
        return $this->powerW() / (M_PI / 4 * $this->focusImageMm() ** 2);
    }

    /** What stands in the focus feels. */
    public function heatAtFocus(): Heat
    {
        return Heat::of($this->irradianceWPerMm2());
    }

    /** What stands on the screen feels. */
    public function heatOnScreen(): Heat
    {
        return Heat::of(Light::SUN_W_PER_M2 * 1e-6 * $this->image()->suns());
    }

    /** The Sun's image at the objective's focus. */
    public function focusImageMm(): float
    {
        return $this->light->imageMm($this->objectiveFocalMm);
    }

    /** Whether the eyepiece takes the whole Sun in. */
    public function takesWholeSun(): bool
    {
        return $this->focusImageMm() <= self::FIELD_STOP * $this->eyepieceFocalMm;
    }

    /** How far across the sky a screen reaches. */
    public function fieldDeg(float $screenMm): float
    {
        return 2 * rad2deg(atan($screenMm / 2 / $this->effectiveFocalMm()));
    }

    /** Until the image's middle has gone from the middle of a screen to its edge, the instrument left alone. */
    public function secondsInField(float $screenMm): float
    {
        return $screenMm / 2 / ($this->effectiveFocalMm() * Light::RATE_RAD_PER_S);
    }
}
