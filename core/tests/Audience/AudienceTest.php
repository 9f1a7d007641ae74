<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Audience;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\AudienceException;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\GroupName;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sources: the sum of shared glasses and who may look how: common practice, no source. */
final class AudienceTest extends TestCase
{
    /** Ten people to a pair for 20 s looks, 10 s to hand over, one look in 5 min. */
    public function testTenPeopleShareAPair(): void
    {
        $sum = GlassesSum::of(180, 20, 10, 5, 10);
        self::assertSame([10, 18, 2, 20, 198], [$sum->peoplePerPair(), $sum->pairs(), $sum->spares(), $sum->needed(), $sum->onePairEach()]);
        self::assertSame(19, GlassesSum::of(181, 20, 10, 5, 0)->needed());
        self::assertSame([11, 0], [$sum->missingWith(9), $sum->missingWith(33)]);
        self::assertSame(0, GlassesSum::of(0, 20, 10, 5, 10)->needed());
    }

    public function testWhatHappensWithFewerPairs(): void
    {
        $sum = GlassesSum::of(180, 20, 10, 5, 10);
        // Twenty to a pair: a round of 20 × 30 s, or looks of 5 s every 5 min.
        self::assertSame([10.0, 5.0, 90], [$sum->everyMinWith(9), $sum->lookSWith(9), $sum->waitingWith(9)]);
        self::assertSame([5.0, 20.0, 0], [$sum->everyMinWith(18), $sum->lookSWith(18), $sum->waitingWith(18)]);
        self::assertSame([null, null, 180], [$sum->everyMinWith(0), $sum->lookSWith(0), $sum->waitingWith(0)]);
        self::assertNull($sum->lookSWith(4), '45 to a pair leave less than it takes to hand over');
    }

    /** Whoever follows the sum gives each person a look in time, and one pair less does not. */
    public function testTheSumIsTheLeastNumber(): void
    {
        foreach ([1, 7, 24, 180, 999] as $people) {
            foreach ([[20, 10, 5], [10, 5, 3], [30, 15, 10], [15, 12, 4.5]] as [$look, $hand, $every]) {
                $sum = GlassesSum::of($people, $look, $hand, $every, 0);
                self::assertLessThanOrEqual($every + 1e-9, $sum->everyMinWith($sum->pairs()));
                self::assertTrue($sum->pairs() === 1 || $sum->everyMinWith($sum->pairs() - 1) > $every);
            }
        }
    }

    /** @return array<string, array{int, float, float, float, float, string}> */
    public static function impossible(): array
    {
        return [
            'a round shorter than a look' => [10, 60, 30, 1, 10, 'every_min'],
            'no time to look' => [10, 1, 10, 5, 10, 'look_s'],
            'people below none' => [-1, 20, 10, 5, 10, 'people'],
            'spares without end' => [10, 20, 10, 5, 101, 'spares_percent'],
            'no number' => [10, NAN, 10, 5, 10, 'look_s'],
        ];
    }

    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefused(int $people, float $look, float $hand, float $every, float $spares, string $field): void
    {
        try {
            GlassesSum::of($people, $look, $hand, $every, $spares);
            self::fail();
        } catch (AudienceException $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** Every band under every policy, the unknown one among them: the youngest and those who peek never, a child only watched, families with both conditions. */
    public function testWhoMayLookThroughGlasses(): void
    {
        foreach ([null, ...Policy::cases()] as $policy) {
            foreach (AgeBand::cases() as $band) {
                foreach ([true, false] as $peeks) {
                    $permission = (new Group(20, $band, 0, 0, 0, $peeks))->throughGlasses(Standard::book(), $policy)->permission;
                    $expected = match (true) {
                        $peeks, $band === AgeBand::YoungChild, $policy === Policy::IndirectOnly, $policy === Policy::Banner => Permission::No,
                        $band === AgeBand::Child, $band === AgeBand::AllAges, $policy === null => Permission::If,
                        default => Permission::Yes,
                    };
                    self::assertSame($expected, $permission, $band->value . ' ' . ($policy->value ?? 'unknown') . ($peeks ? ' peeks' : ''));
                }
            }
        }
    }

    /** @return array<string, array{string, bool}> */
    public static function names(): array
    {
        return [
            'a class' => ['Class 5B', false],
            'a class of a school' => ['Colegio San Telmo, 3º A', false],
            'a queue' => ['Family queue', false],
            'families and a club' => ['Families and Astronomy Club', false],
            'a morning' => ['Year 2, morning', false],
            'first names' => ['Ana, Luis, Eva', true],
            'first names, and one' => ['Ana, Luis and Eva', true],
            'full names' => ['Ana Ruiz; Luis Vega', true],
            'full names with particles' => ['María de la Cruz, José Pérez', true],
            'a line each' => ["Ana\nLuis\nEva", true],
            'initials' => ['Ana R., Luis V., Eva M.', true],
            'none' => ['', false],
        ];
    }

    #[DataProvider('names')]
    public function testAListOfPeopleIsToldFromAGroup(string $text, bool $isAList): void
    {
        self::assertSame($isAList, GroupName::isAListOfPeople($text));
    }
}
