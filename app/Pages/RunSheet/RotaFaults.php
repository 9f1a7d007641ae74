<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\EventRota;
use App\Text\Clock;
use App\Text\RotaWords;
use KeenShadow\Core\RunSheet\Rota\Fault;
use KeenShadow\Core\RunSheet\Rota\FaultKind;

/** What is wrong with turns and duties, in words, in order of time. */
final class RotaFaults
{
    /**
     * @param bool $isOfCrew those about helpers, or those about groups
     *
     * @return list<string>
     */
    public static function words(EventRota $rota, Clock $clock, bool $isOfCrew): array
    {
        $names = $rota->names();
        $wanted = array_column($rota->problem()->stations ?? [], 'crew', 'id');
        $faults = array_filter($rota->faults(), static fn(Fault $f): bool => self::isOfCrew($f) === $isOfCrew);

        return array_map(static fn(Fault $f): string => RotaWords::fault($f, $names, $wanted[$f->station] ?? 0, $rota->here, $clock), array_values($faults));
    }

    public static function isOfCrew(Fault $fault): bool
    {
        return match ($fault->kind) {
            FaultKind::Alone, FaultKind::Unstaffed, FaultKind::Untrained, FaultKind::HelperAway, FaultKind::HelperTwice, FaultKind::NoRest => true,
            FaultKind::Gone => $fault->helper !== '',
            default => false,
        };
    }
}
