<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\TryOut;

use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\ViewerException;
use KeenShadow\Core\Viewers\ViewersSubject;

/**
 * A viewer as it was measured against its design: whether the image is as large and as sharp as it should be, and if not, which
 * length is not what the design says.
 */
final readonly class TryOut
{
    /** How well a length is known that nobody has measured again: 1 % (own judgement). */
    private const LENGTH_SHARE = 0.01;
    /** An opening that was measured again is known to this share. */
    private const HOLE_SHARE = 0.1;
    /** Beyond so many times its uncertainty a difference is one. */
    private const BEYOND = 2.0;

    /**
     * @param float $predictedMm width of the image by the design
     * @param float $uncertaintyMm of the difference between measured and predicted
     * @param Design|null $corrected what was built, as far as the measurements tell; null where it is as designed
     */
    private function __construct(
        public float $predictedMm,
        public float $uncertaintyMm,
        public Verdict $verdict,
        public ?Design $corrected,
    ) {}

    /**
     * @param Light $light of the day on which it was tried
     *
     * @throws ViewerException when the design cannot be built
     */
    public static function of(Design $design, Light $light, Measured $measured): self
    {
        $image = $design->image($light);
        // A soft edge is seen somewhere in its blur.
        $uncertainty = sqrt($measured->uncertaintyMm ** 2 + (self::LENGTH_SHARE * $image->diameterMm) ** 2 + ($image->blurMm() / 4) ** 2);
        $distance = self::distance($design, $light, $measured, $uncertainty);
        $built = $distance === null ? $design : $design->with(Size::Distance, $distance);
        $opening = self::opening($built, $light, $measured);
        $built = $opening === null ? $built : $built->with($built->opening(), $opening);
        $findings = [
            ...$distance === null ? [] : [Finding::measured(Measure::TriedDistance, Level::Hold, 'The image is not as large as the design has it: the way to the screen is about :mm mm.', 'Measure it again, or take the corrected design.', ['mm' => $distance])],
            ...$opening === null ? [] : [Finding::measured(Measure::TriedOpening, Level::Hold, 'It is not as sharp as the design has it: the hole is about :mm mm.', 'Make a new hole, or take the corrected design.', ['mm' => $opening])],
        ];

        return new self(
            $image->diameterMm,
            $uncertainty,
            Verdict::of(ViewersSubject::Trial, $findings, Finding::measured(Measure::TriedDistance, Level::Yes, 'Image and design agree within the uncertainty.', 'It will do so on the day.')),
            $built === $design ? null : $built,
        );
    }

    /** The distance that the measurements tell; null where that of the design is right within the uncertainty. */
    private static function distance(Design $design, Light $light, Measured $measured, float $uncertainty): ?float
    {
        $said = (float) $design->mm(Size::Distance);
        if ($measured->distanceMm !== null && abs($measured->distanceMm - $said) > self::BEYOND * self::LENGTH_SHARE * $said) {
            return $measured->distanceMm;
        }
        $predicted = $design->image($light)->diameterMm;
        if ($measured->distanceMm !== null || abs($measured->imageMm - $predicted) <= self::BEYOND * $uncertainty) {
            return null;
        }
        [$least, $most] = Size::Distance->range();
        $least = max($least, 1.001 * ($design->mm(Size::EyepieceFocal) ?? 0.0), 1.001 * ($design->mm(Size::Hole) ?? 0.0));
        $isLess = static fn(float $mm): bool => $design->with(Size::Distance, $mm)->image($light)->diameterMm <= $measured->imageMm;

        return $isLess($least) && !$isLess($most) ? self::rounded(Bisection::edge($isLess, $least, $most, 0.01)) : null;
    }

    /** The width of the opening that the measurements tell; null where that of the design is right, or an eyepiece is what makes it sharp. */
    private static function opening(Design $design, Light $light, Measured $measured): ?float
    {
        $said = (float) $design->mm($design->opening());
        if ($measured->holeMm !== null) {
            return abs($measured->holeMm - $said) > self::BEYOND * self::HOLE_SHARE * $said ? $measured->holeMm : null;
        }
        $image = $design->image($light);
        if (!$design->kind()->isHole() || $measured->sharpness === null || $measured->sharpness->allows($image->detailsAcross())) {
            return null;
        }
        // Softer than it should be is a hole that is wider; sharper than it can be is nothing that a hole does.
        [, $most] = $measured->sharpness->details();
        $blur = $image->diameterMm / max(0.5, min($most, $image->detailsAcross()) - 0.5);

        return $image->detailsAcross() > $most ? self::rounded(sqrt(max(0.0, $blur ** 2 - $light->airyMm($image->throwMm, $blur) ** 2))) : null;
    }

    private static function rounded(float $mm): float
    {
        return (float) sprintf('%.3g', $mm);
    }
}
