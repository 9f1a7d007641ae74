<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Eyewear;

use DateTimeImmutable;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Make;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\Paperwork;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\SupplierStanding;
use KeenShadow\Core\Eyewear\TestReport;
use KeenShadow\Core\Eyewear\Wear;
use KeenShadow\Core\Eyewear\Wearer;
use KeenShadow\Core\Rules\Level;
use PHPUnit\Framework\TestCase;

/** The whole table papers × findings × occasion: what decides is the worst of them, written down here a second time (ISO 12312-2:2015 from memory; common practice). */
final class WholeTableTest extends TestCase
{
    private const USE_ON = '2027-08-02';

    public function testTheWorstOfPapersFindingsAndOccasionDecides(): void
    {
        $papers = $pieces = 0;
        $faults = [[], ...array_map(static fn(PairFault $f): array => [$f], PairFault::cases())];
        foreach (self::papers() as [$paperwork, $expected]) {
            $lot = $paperwork->verdict(new DateTimeImmutable(self::USE_ON));
            self::assertSame($expected, $lot->level, json_encode($paperwork, JSON_THROW_ON_ERROR));
            ++$papers;
        }
        foreach (Level::cases() as $lot) {
            foreach ($faults as $found) {
                foreach ([true, false] as $isForNow) {
                    $worst = self::worst([$lot, $found === [] && !$isForNow ? Level::Hold : Level::Yes, ...array_map(self::levelOf(...), $found)]);
                    self::assertSame($worst, PairCondition::verdict($found, $lot, $isForNow)->level);
                    ++$pieces;
                }
            }
        }
        self::assertSame([3 * 3 * 5 * 3 * 3 * 3 * 6 * 5, 3 * 14 * 2], [$papers, $pieces]);
    }

    /** @return iterable<array{Paperwork, Level}> every answer about glasses with every other */
    private static function papers(): iterable
    {
        $ways = [
            array_map(static fn(Stated $s): array => [$s, [Stated::Yes->value => Level::Yes, Stated::No->value => Level::No, Stated::Unsure->value => Level::Hold][$s->value]], Stated::cases()),
            array_map(self::needed(...), Stated::cases()),
            [[PrintedStandard::Iso12312, Level::Yes], [PrintedStandard::LogoOnly, Level::Hold], [PrintedStandard::Another, Level::No], [PrintedStandard::None, Level::No], [null, Level::Yes]],
            array_map(self::needed(...), Stated::cases()),
            array_map(self::needed(...), Stated::cases()),
            [[null, Level::Yes], [new DateTimeImmutable(self::USE_ON), Level::Yes], [new DateTimeImmutable('2027-08-01'), Level::No]],
            [
                [[Origin::Maker, null], Level::Yes], [[Origin::WebShop, null], Level::Hold], [[Origin::Unknown, null], Level::Hold], [[Origin::Supplier, SupplierStanding::Checked], Level::Yes],
                [[Origin::Supplier, SupplierStanding::NotChecked], Level::Hold], [[Origin::Supplier, SupplierStanding::Refused], Level::No],
            ],
            [[TestReport::ProductAndBatch, Level::Yes], [TestReport::ProductOnly, Level::Hold], [TestReport::SomethingElse, Level::Hold], [TestReport::None, Level::Hold], [null, Level::Yes]],
        ];
        foreach (self::product($ways) as $chosen) {
            /** @var array{array{Stated, Level}, array{Stated, Level}, array{PrintedStandard|null, Level}, array{Stated, Level}, array{Stated, Level}, array{DateTimeImmutable|null, Level}, array{array{Origin, SupplierStanding|null}, Level}, array{TestReport|null, Level}} $chosen */
            [$maker, $address, $standard, $instructions, $warnings, $expiry, $origin, $report] = array_column($chosen, 0);
            yield [
                new Paperwork(
                    make: new Make(Kind::CardGlasses),
                    makerName: $maker,
                    makerAddress: $address,
                    standard: $standard,
                    instructions: $instructions,
                    warnings: $warnings,
                    expiresOn: $expiry,
                    origin: $origin[0],
                    supplier: $origin[1],
                    report: $report,
                ),
                self::worst(array_column($chosen, 1)),
            ];
        }
    }

    /** Common practice, no source: spectacles, faces of children and of grown people. */
    public function testWhomABuildSuits(): void
    {
        foreach ([
            [Stated::Yes, Wearer::Anyone, [true, true, 9], Level::Yes, []],
            [Stated::No, Wearer::Anyone, [true, true, 0], Level::Yes, []],
            [Stated::No, Wearer::Anyone, [true, false, 3], Level::Hold, ['over-spectacles']],
            [Stated::Unsure, Wearer::Anyone, [false, true, 1], Level::Hold, ['over-spectacles']],
            [Stated::Yes, Wearer::Adult, [true, false, 0], Level::Hold, ['kept-on']],
            [Stated::Yes, Wearer::Adult, [false, true, 0], Level::Yes, []],
            [Stated::Yes, Wearer::Child, [true, true, 0], Level::Hold, ['kept-on']],
            [Stated::Yes, Wearer::Child, [true, false, 0], Level::Yes, []],
            [null, null, [true, false, 2], Level::Hold, ['over-spectacles', 'kept-on']],
            [Stated::Yes, Wearer::Unsure, [false, true, 0], Level::Hold, ['kept-on']],
        ] as $i => [$over, $by, $who, $level, $rules]) {
            $verdict = (new Wear($over, $by))->suits(...$who);
            self::assertSame($level, $verdict->level, "case {$i}");
            self::assertSame($rules, $level === Level::Yes ? [] : array_map(static fn($f): string => $f->rule, $verdict->findings), "case {$i}");
        }
    }

    /** @return array{Stated, Level} what the standard asks for; without it the lot waits */
    private static function needed(Stated $answer): array
    {
        return [$answer, $answer === Stated::Yes ? Level::Yes : Level::Hold];
    }

    private static function levelOf(PairFault $fault): Level
    {
        return in_array($fault, [PairFault::Dirt, PairFault::DoesNotStayOn, PairFault::NotOnTheFront, PairFault::NotFixed, PairFault::FinderOpen], true) ? Level::Hold : Level::No;
    }

    /** @param list<Level> $levels */
    private static function worst(array $levels): Level
    {
        return match (true) {
            in_array(Level::No, $levels, true) => Level::No,
            in_array(Level::Hold, $levels, true) => Level::Hold,
            default => Level::Yes,
        };
    }

    /**
     * @param list<list<mixed>> $ways
     *
     * @return iterable<list<mixed>>
     */
    private static function product(array $ways): iterable
    {
        if ($ways === []) {
            yield [];

            return;
        }
        foreach ($ways[0] as $way) {
            foreach (self::product(array_slice($ways, 1)) as $rest) {
                yield [$way, ...$rest];
            }
        }
    }
}
