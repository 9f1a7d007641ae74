<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\RuleBook;

/** Which methods for which group. The rule book decides what may be; what speaks for and against the rest is added up. */
final readonly class Advisor
{
    /** From so many people on it matters how many are served at once. */
    private const MANY = 40;
    private const HIGH_SUN_DEG = 60.0;
    private const LOW_SUN_DEG = 15.0;

    public function __construct(private RuleBook $book) {}

    /** @return list<Advice> what may be, the best first; then what the book refuses, with its reason */
    public function of(Group $group, Means $means): array
    {
        $all = array_map(fn(Method $method): Advice => $this->one($method, $group, $means), Method::cases());
        usort($all, static fn(Advice $a, Advice $b): int => [$a->isRefused(), -$a->score] <=> [$b->isRefused(), -$b->score]);

        return $all;
    }

    /**
     * What is left where clouds cover the Sun, or no glasses are to be had.
     *
     * @param list<Advice> $advice
     *
     * @return list<Advice>
     */
    public static function without(array $advice, Method ...$lost): array
    {
        return array_values(array_filter($advice, static fn(Advice $a): bool => !$a->isRefused() && !$a->has(Reason::NotInTime) && !in_array($a->method, $lost, true)));
    }

    private function one(Method $method, Group $group, Means $means): Advice
    {
        $answer = $method->answer($this->book, $group, $means->policy);
        $helpers = $method->helpersFor($this->book, $group, $means->policy);
        $isEach = $method->isWatchedEach($this->book, $group, $means->policy);
        $reasons = [...self::fitting($method, $group, $isEach), ...self::getting($method, $group, $means, $helpers), ...self::standing($method, $means)];

        return new Advice(
            $method,
            $answer,
            $reasons,
            array_sum(array_map(static fn(Reason $r): int => $r->weight(), $reasons)) + ($answer === null || $answer->permission === Permission::Yes ? 1 : 0),
            in_array(Reason::AtHand, $reasons, true) || $means->has($method) && $means->daysLeft < $method->daysToGet() ? null : $method->daysToGet(),
        );
    }

    /** @return list<Reason> whether it suits these people */
    private static function fitting(Method $method, Group $group, bool $isWatchedEach): array
    {
        $isIndirect = in_array($method, [Method::Box, Method::Card, Method::Mirror, Method::Projection], true);
        $isYoung = in_array($group->band, [AgeBand::YoungChild, AgeBand::Child], true);

        return self::those([
            [Reason::EverybodyCan, $isIndirect],
            [Reason::KeepsTheYoungBusy, $method->isForEach() && $isYoung],
            [Reason::EachChildWatched, $isWatchedEach],
            [Reason::ServesMany, $group->people >= self::MANY && $method->atOnce() >= 20],
            [Reason::OneAtATime, $group->people >= self::MANY && $method->atOnce() === 1 && !$method->isForEach()],
            [Reason::WholeDiscInDetail, $method === Method::Telescope || $method === Method::Projection],
            [Reason::ForThoseWhoDoNotSee, $method === Method::PhaseStrip && $group->lowVision > 0],
            [Reason::NotForTheEyes, $method === Method::PhaseStrip && $group->lowVision < $group->people],
        ]);
    }

    /** @return list<Reason> whether it can be had */
    private static function getting(Method $method, Group $group, Means $means, int $helpers): array
    {
        $isHere = $means->has($method);
        $pairs = GlassesSum::usual($group->people)->pairs();
        $isShort = $method === Method::Glasses && $means->glassesFit < $pairs;

        return self::those([
            [Reason::AtHand, $isHere && !$isShort],
            [Reason::TooFewPairs, $isShort],
            [Reason::BuiltInAnHour, $method === Method::Box || $method === Method::Card],
            [Reason::NotInTime, $means->daysLeft < $method->daysToGet() && !$isHere],
            [Reason::TooDear, $means->budget !== null && !$isHere && $method->cost($group->people) > $means->budget],
            [Reason::TooFewHelpers, $means->helpers < $helpers],
        ]);
    }

    /** @return list<Reason> whether the place suits it */
    private static function standing(Method $method, Means $means): array
    {
        return self::those([
            [Reason::NeedsASheet, in_array($method, [Method::Card, Method::Projection], true) && $means->isGroundPale !== true && !in_array(Kit::WhiteSheet, $means->kit, true)],
            [Reason::NeedsAShadedWall, $method === Method::Mirror && $means->hasShadedWall !== true],
            [Reason::HighSun, $method === Method::Mirror && $means->sunDeg !== null && $means->sunDeg > self::HIGH_SUN_DEG],
            [Reason::LowSun, $method === Method::Card && $means->sunDeg !== null && $means->sunDeg < self::LOW_SUN_DEG],
            [Reason::WorksLowSun, $method === Method::Mirror && $means->hasShadedWall === true && $means->sunDeg !== null && $means->sunDeg < self::LOW_SUN_DEG],
        ]);
    }

    /**
     * @param list<array{Reason, bool}> $reasons
     *
     * @return list<Reason> those that hold
     */
    private static function those(array $reasons): array
    {
        return array_map(static fn(array $r): Reason => $r[0], array_values(array_filter($reasons, static fn(array $r): bool => $r[1])));
    }
}
