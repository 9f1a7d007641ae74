<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Group;
use KeenShadow\Core\RunSheet\Rotation\Helper;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Stretch;

/** What an event knows of its groups, stations and helpers, as a problem that the solver takes and the check goes by. */
final class RotaProblem
{
    /**
     * @param list<Party> $parties
     * @param list<Spot> $spots
     * @param list<Helping> $helpers of these, those who are asked to come
     * @param int|null $fit pairs of glasses that can be counted on
     */
    public static function of(Wishes $wishes, RotaDay $day, array $parties, array $spots, array $helpers, ?int $fit): Problem
    {
        $spots = array_values(array_filter($spots, static fn(Spot $s): bool => self::at($s->method, $parties) !== []));
        // Who watches children one by one is taken from nowhere else: each station has its share of those who are named.
        $share = $wishes->crew === [] || $spots === [] ? null : intdiv(count($wishes->crew), count($spots));
        $walks = [];
        foreach ($spots as $from) {
            foreach ($spots as $to) {
                $walks[$from->method][$to->method] = $from->walkMin($to);
            }
        }

        return new Problem(
            stepMin: $wishes->stepMin,
            within: $day->within,
            peak: $day->peak,
            stations: array_map(static fn(Spot $s): Station => self::station($s, $wishes, self::at($s->method, $parties), $share), $spots),
            groups: array_map(static fn(Party $p): Group => self::group($p, $wishes, $day), $parties),
            crew: array_values(array_filter(array_map(static fn(Helping $h): ?Helper => self::helper($h, $wishes, $day), $helpers), static fn(?Helper $h): bool => $h !== null)),
            walkMin: $walks,
            fit: $fit,
        );
    }

    /**
     * @param list<Party> $parties
     *
     * @return list<Party> those that may come to the station of a method
     */
    private static function at(string $method, array $parties): array
    {
        return array_values(array_filter($parties, static fn(Party $p): bool => in_array($method, $p->methods, true)));
    }

    /**
     * @param list<Party> $parties that may come to it
     * @param int|null $share helpers whom it may have
     */
    private static function station(Spot $spot, Wishes $wishes, array $parties, ?int $share): Station
    {
        $asTheyLike = array_filter($parties, static fn(Party $p): bool => self::turns($p, $wishes) === 0);
        $as = $spot->wish($wishes->stations[$spot->method] ?? new StationWish(), array_values(array_diff_key($parties, $asTheyLike)), $wishes->stepMin, $share);

        return new Station(
            id: $spot->method,
            method: $spot->method,
            capacity: $as->capacity ?? 0,
            minutes: max($wishes->stepMin, intdiv($as->minutes ?? 0, $wishes->stepMin) * $wishes->stepMin),
            crew: $as->crew ?? 0,
            training: array_map(static fn(Training $t): string => $t->value, Training::for($spot->method)),
            // Who comes as they like finds somebody there at any time.
            isNeverAlone: $spot->isNeverAlone || $asTheyLike !== [],
        );
    }

    private static function turns(Party $party, Wishes $wishes): int
    {
        return $wishes->groups[$party->id]->turns ?? $party->usualTurns();
    }

    private static function group(Party $party, Wishes $wishes, RotaDay $day): Group
    {
        $wish = $wishes->groups[$party->id] ?? new GroupWish();
        $bells = array_filter($wishes->bells, static fn(Bell $b): bool => $wish->bells === null ? !$b->isBreak : in_array($b->name, $wish->bells, true));
        // Without any bells it can come as long as the event is open.
        $stretches = $wishes->bells === [] ? [$day->open] : array_map(static fn(Bell $b): Stretch => new Stretch($day->near($b->fromMin), $day->near($b->fromMin) + $b->toMin - $b->fromMin), array_values($bells));

        return new Group($party->id, $party->people, $party->methods, array_merge(...array_map(static fn(Stretch $s): array => $day->turnsIn($s->fromMin, $s->toMin, $wishes->stepMin), $stretches)), self::turns($party, $wishes));
    }

    private static function helper(Helping $helper, Wishes $wishes, RotaDay $day): ?Helper
    {
        $wish = $wishes->crew[$helper->id] ?? null;
        if ($wish === null) {
            return null;
        }
        $step = $wishes->stepMin;
        $from = $wish->fromMin === null ? $day->open->fromMin : (int) ceil($day->near($wish->fromMin) / $step) * $step;
        $to = min(
            $wish->toMin === null ? $day->open->toMin : (int) floor($day->near($wish->toMin) / $step) * $step,
            $wish->goneMin === null ? PHP_INT_MAX : (int) floor($wish->goneMin / $step) * $step,
        );

        $free = array_reduce(
            $helper->taken,
            static fn(array $free, Stretch $taken): array => Stretch::without($free, (int) floor($taken->fromMin / $step) * $step, (int) ceil($taken->toMin / $step) * $step),
            $from < $to ? [new Stretch($from, $to)] : [],
        );

        return new Helper($helper->id, array_map(static fn(Training $t): string => $t->value, $helper->training), $free, $wishes->longestMin, $wishes->restMin);
    }
}
