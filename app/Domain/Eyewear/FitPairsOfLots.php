<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Domain\Event\FitPairs;
use App\Domain\Sky\Eclipses;
use App\Models\Event;

/** Of lots of eclipse glasses whose papers are in order, the pairs that were found fit for the occasion that comes next and are not lost. */
final readonly class FitPairsOfLots implements FitPairs
{
    public function __construct(private Eclipses $eclipses) {}

    public function count(Event $event): int
    {
        return EventStock::of($event, Occasions::next($this->eclipses->at($event)))->pairsToCountOn();
    }
}
