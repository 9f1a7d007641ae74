<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Domain\Sky\TownInPath;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\LengthWords;
use App\Text\Numbers;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;

/** A town inside the path: when it begins there in the town's own time, how long it lasts, how far it is. */
final readonly class PathTown
{
    private function __construct(
        public string $name,
        public float $lat,
        public float $lon,
        public string $begins,
        public string $duration,
        public string $altitude,
        public string $km,
    ) {}

    public static function of(TownInPath $town, LocalEclipse $from): self
    {
        $c = $from->eclipse->circumstances(Observer::at($town->lat, $town->lon));
        $begin = $c->contact(ContactName::C2);

        return new self(
            name: $town->name,
            lat: $town->lat,
            lon: $town->lon,
            begins: $begin === null ? '' : Clock::of($town->zone(), $c->maximum->time())->secondAndZone($begin->time()) . ($begin->view->isSunUp() ? '' : ', ' . __('Sun down')),
            duration: LengthWords::of($c),
            altitude: Angles::degrees($c->maximum->altitudeDeg(), 0),
            km: Numbers::about(Globe::distanceKm($from->observer->latDeg, $from->observer->lonDeg, $town->lat, $town->lon)),
        );
    }
}
