<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Domain\Event\FitPairs;
use App\Domain\Sky\Eclipses;
use App\Models\Event;
use KeenShadow\Core\Rules\Level;

/** Of lots of eclipse glasses whose papers are in order, the pairs that were found fit for the occasion that comes next. */
final readonly class FitPairsOfLots implements FitPairs
{
    public function __construct(private Eclipses $eclipses) {}

    public function count(Event $event): int
    {
        $inOrder = array_filter(LotState::allFor($event, Occasions::next($this->eclipses->at($event))), static fn(LotState $lot): bool => $lot->verdict->level === Level::Yes && $lot->lot->kind->isEclipseGlasses());

        return array_sum(array_map(static fn(LotState $lot): int => $lot->count(Level::Yes), $inOrder));
    }
}
