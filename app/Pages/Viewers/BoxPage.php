<?php

declare(strict_types=1);

namespace App\Pages\Viewers;

use App\Drawings\ScreenImage;
use App\Pages\Sky\LocalEclipse;
use App\Pages\Words;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Sky\View;
use KeenShadow\Core\Viewers\HoleSchool;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\ScreenSide;
use KeenShadow\Core\Viewers\ViewerException;

/** What a box of given length and hole shows at an event's place: its numbers, its verdict and its picture. */
final readonly class BoxPage
{
    /** @param list<BestHole> $bestHoles */
    private function __construct(
        public Pinhole $pinhole,
        public Verdict $verdict,
        public ScreenImage $image,
        public array $bestHoles,
        public string $moment,
        public string $sunDiameter,
        public float $luxUneclipsed,
        public float $luxAtMoment,
        public string $obscuration,
    ) {}

    /** @throws ViewerException when a length is out of range */
    public static function of(float $distanceMm, float $holeMm, ScreenSide $side, LocalEclipse $here): self
    {
        $view = self::bestSeen($here);
        $sunDiameterDeg = 2 * $view->sunSemidiameterDeg();
        $pinhole = Pinhole::of($distanceMm, $holeMm, $sunDiameterDeg);
        $lux = $pinhole->imageLux(Sunlight::directLux(Horizon::apparentAltitudeDeg($view->altitudeDeg())));

        return new self(
            $pinhole,
            $pinhole->verdict(),
            ScreenImage::of($pinhole, $view, $side),
            array_map(static fn(HoleSchool $school): BestHole => BestHole::of($school, $pinhole, $sunDiameterDeg), HoleSchool::cases()),
            $here->local(Words::rounded($view->time()))->format('H:i:s T'),
            number_format($sunDiameterDeg * 60, 2) . '′',
            $lux,
            $lux * (1 - $view->obscuration()),
            Words::percent($view->obscuration()),
        );
    }

    /** The maximum, or the sunrise or sunset nearest to it when the Sun is down then. */
    private static function bestSeen(LocalEclipse $here): View
    {
        $cut = $here->cutBy();

        return $here->circumstances->deepest->isSunUp() || $cut === null ? $here->circumstances->deepest : $here->at($cut->time);
    }
}
