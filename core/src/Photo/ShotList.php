<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

use KeenShadow\Core\Rules\FilterReason;
use KeenShadow\Core\Rules\Filters;

/**
 * What of a list of wishes is taken in totality, and when. The filter is off only while the one rule about filters lets it be: a hand takes
 * it off after that has begun and has it on before it ends. Whoever photographs is to see totality: no more than half of that while is spent at the camera.
 *
 * What does not fit is taken less often, from the last wish on; where once of each is too much, the last are left out: rather one
 * of each than many of one (own judgement).
 */
final readonly class ShotList
{
    private const DAY_S = 86400;

    /**
     * @param list<PlannedShot> $shots in order of time
     * @param list<Wish> $left out, in order of the wishes
     * @param float $spentS at the camera, with taking the filter off and putting it on
     * @param FilterReason $reason why the filter stays on, where it does
     * @param float|null $offUt when a hand goes for the filter, Julian date in UT; null where it stays on
     * @param float|null $onUt by which it is on again
     */
    private function __construct(
        public array $shots,
        public array $left,
        public float $spentS,
        public FilterReason $reason,
        public ?float $offUt = null,
        public ?float $onUt = null,
    ) {}

    /**
     * @param list<Wish> $wishes the dearest first
     * @param float $handS for taking the filter off, and as long for putting it on
     * @param float|null $clearS where clouds let the Sun through only so long before filters go on; null for a clear sky
     *
     * @throws PhotoException when a number is out of range
     */
    public static function of(Settings $settings, array $wishes, Filters $filters, float $handS, ?float $clearS = null): self
    {
        $hand = Measure::Hand->checked($handS) / self::DAY_S;
        if ($filters->offUt === null || $filters->onUt === null) {
            return new self([], $wishes, 0.0, $filters->reason);
        }
        $offUt = $clearS === null ? $filters->offUt : max($filters->offUt, $filters->onUt - max(0.0, $clearS) / self::DAY_S);
        $seenS = ($filters->onUt - $offUt) * self::DAY_S;
        [$kept, $left] = self::fitting($settings, $wishes, Plan::MOST_SHARE * $seenS - 2 * $handS);
        if ($kept === []) {
            return new self([], $left, 0.0, $filters->reason);
        }
        $shots = self::placed($settings, $kept, $offUt + $hand, $filters->onUt - $hand);
        usort($shots, static fn(PlannedShot $a, PlannedShot $b): int => $a->fromUt <=> $b->fromUt);

        return new self($shots, $left, self::sumS($settings, $kept) + 2 * $handS, $filters->reason, $offUt, $filters->onUt);
    }

    /** With nothing in it: the filter stays on. */
    public static function none(): self
    {
        return new self([], [], 0.0, FilterReason::Unknown);
    }

    /** Whether the filter sits before the lens; while a hand takes it off or puts it on it is said to be off. */
    public function isFilterOn(float $julianDateUt): bool
    {
        return $this->offUt === null || $this->onUt === null || $julianDateUt < $this->offUt || $julianDateUt >= $this->onUt;
    }

    /**
     * @param list<Wish> $wishes
     *
     * @return array{list<Wish>, list<Wish>} what fits, and what is left out
     */
    private static function fitting(Settings $settings, array $wishes, float $mostS): array
    {
        $left = [];
        while ($wishes !== [] && self::sumS($settings, array_map(static fn(Wish $wish): Wish => $wish->shortest(), $wishes)) > $mostS) {
            array_unshift($left, array_pop($wishes));
        }
        for ($i = count($wishes) - 1; $i >= 0; --$i) {
            while (self::sumS($settings, $wishes) > $mostS && ($fewer = $wishes[$i]->fewer()) !== null) {
                $wishes[$i] = $fewer;
            }
        }

        return [array_values($wishes), $left];
    }

    /**
     * @param list<Wish> $wishes that fit
     *
     * @return list<PlannedShot>
     */
    private static function placed(Settings $settings, array $wishes, float $fromUt, float $toUt): array
    {
        $shots = [];
        $at = static fn(When $when): array => array_filter($wishes, static fn(Wish $wish): bool => $wish->when === $when);
        foreach ([...$at(When::First), ...$at(When::Between)] as $wish) {
            $shots[] = $shot = new PlannedShot($wish, $fromUt, $fromUt + $wish->lastsS($settings) / self::DAY_S);
            $fromUt = $shot->toUt;
        }
        foreach (array_reverse($at(When::Last)) as $wish) {
            $shots[] = $shot = new PlannedShot($wish, $toUt - $wish->lastsS($settings) / self::DAY_S, $toUt);
            $toUt = $shot->fromUt;
        }

        return $shots;
    }

    /** @param array<Wish> $wishes */
    private static function sumS(Settings $settings, array $wishes): float
    {
        return array_sum(array_map(static fn(Wish $wish): float => $wish->lastsS($settings), $wishes));
    }
}
