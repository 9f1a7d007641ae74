<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Text\Numbers;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\PinholeCriterion;
use KeenShadow\Core\Viewers\ScreenSide;
use KeenShadow\Core\Viewers\ViewerException;

/** What a box of given length and hole shows at an event's place: its numbers, its verdict and its pictures. */
final readonly class BoxPage
{
    /**
     * @param list<BoxMoment> $moments what stands on the screen at a few moments
     * @param list<BestHole> $bestHoles
     * @param string $sunDiameter apparent, in arcminutes
     * @param float $lux in the middle of the image of the whole Sun, clear sky
     */
    private function __construct(
        public Pinhole $pinhole,
        public Verdict $verdict,
        public array $moments,
        public array $bestHoles,
        public string $sunDiameter,
        public float $lux,
    ) {}

    /** @throws ViewerException when a length is out of range */
    public static function of(float $distanceMm, float $holeMm, ScreenSide $side, LocalEclipse $here): self
    {
        $view = $here->bestVisible();
        $sunDiameterDeg = 2 * $view->sunSemidiameterDeg();
        $pinhole = Pinhole::of($distanceMm, $holeMm, $sunDiameterDeg);

        return new self(
            $pinhole,
            $pinhole->verdict(),
            BoxMoment::allOf($pinhole, $side, $here),
            array_map(static fn(PinholeCriterion $criterion): BestHole => BestHole::of($criterion, $pinhole, $sunDiameterDeg), PinholeCriterion::cases()),
            Numbers::decimal($sunDiameterDeg * 60, 2) . '′',
            $pinhole->imageLux(Sunlight::directLux(Horizon::apparentAltitudeDeg($view->altitudeDeg()))),
        );
    }
}
