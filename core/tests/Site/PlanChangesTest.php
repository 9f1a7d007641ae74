<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\PlanChanges;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worked by hand. */
final class PlanChangesTest extends TestCase
{
    /** @return array<string, array{SitePlan, list<list<string>>}> the later plan; names added, changed, removed */
    public static function later(): array
    {
        $class = self::at('Class', 0, 0);
        $tree = self::tree(6.0, 2.0);

        return [
            'the same' => [self::plan([$class, $tree]), [[], [], []]],
            'in another order' => [self::plan([$tree, $class]), [[], [], []]],
            'off by less than the form shows' => [self::plan([self::at('Class', 0.004, -0.004), self::tree(6.004, 2.0)]), [[], [], []]],
            'moved by a centimetre' => [self::plan([self::at('Class', 0.01, 0), $tree]), [[], ['Class'], []]],
            'another height' => [self::plan([$class, self::tree(6.01, 2.0)]), [[], ['Palm'], []]],
            'another crown' => [self::plan([$class, self::tree(6.0, 3.0)]), [[], ['Palm'], []]],
            'another kind' => [self::plan([Thing::of(ThingKind::Telescope, 'Class', [new PlanPoint(0, 0)], 1.2), $tree]), [[], ['Class'], []]],
            'drawn' => [self::plan([$class, $tree, self::wall(2)]), [['Wall'], [], []]],
            'renamed' => [self::plan([self::at('Class 5B', 0, 0), $tree]), [['Class 5B'], [], ['Class']]],
            'nothing left' => [self::plan([]), [[], [], ['Class', 'Palm']]],
        ];
    }

    /** @param list<list<string>> $names */
    #[DataProvider('later')]
    public function testWhatIsDifferentIsNamed(SitePlan $later, array $names): void
    {
        $began = self::plan([self::at('Class', 0, 0), self::tree(6.0, 2.0)]);
        $changes = PlanChanges::between($began, $later);
        self::assertSame($names, array_map(static fn(array $things): array => array_column($things, 'name'), [$changes->added, $changes->changed, $changes->removed]));
        self::assertSame($names === [[], [], []], $changes->isNone());
        // The way back is the other way round.
        $back = PlanChanges::between($later, $began);
        self::assertSame([$names[2], $names[0]], [array_column($back->added, 'name'), array_column($back->removed, 'name')]);
    }

    public function testAnotherCornerHorizonOrAccuracyIsAChange(): void
    {
        self::assertSame(['Wall'], array_column(PlanChanges::between(self::plan([self::wall(2)]), self::plan([self::wall(3)]))->changed, 'name'));
        $blank = SitePlan::blank();
        self::assertTrue(PlanChanges::between($blank, SitePlan::of([], HorizonProfile::of([[0.0, 2.0]]), $blank->accuracyM))->isHorizonChanged);
        self::assertTrue(PlanChanges::between($blank, SitePlan::of([], HorizonProfile::level(), 2.0))->isAccuracyChanged);
        self::assertTrue(PlanChanges::between($blank, $blank)->isNone());
    }

    /** @param list<Thing> $things */
    private static function plan(array $things): SitePlan
    {
        return SitePlan::of($things, HorizonProfile::level(), 0.5);
    }

    private static function at(string $name, float $eastM, float $northM): Thing
    {
        return Thing::of(ThingKind::Audience, $name, [new PlanPoint($eastM, $northM)], 1.2);
    }

    private static function tree(float $heightM, float $radiusM): Thing
    {
        return Thing::of(ThingKind::Tree, 'Palm', [new PlanPoint(5, 5)], $heightM, $radiusM);
    }

    private static function wall(int $points): Thing
    {
        return Thing::of(ThingKind::Wall, 'Wall', array_map(static fn(int $i): PlanPoint => new PlanPoint(3 * $i, 9), range(1, $points)), 2.0);
    }
}
