<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Logbook;

use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\LogbookException;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Logbook\Temperature\Drop;
use KeenShadow\Core\Logbook\Temperature\Objection;
use KeenShadow\Core\Logbook\Temperature\Worth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The drop of temperature in made-up logs of which it is known. The bounds are what is asked of it: a drop within 0.3 K and a lag
 * within 2 min where it is called good, and honest where it is not. Common practice: the minimum five to twenty minutes after the maximum.
 */
final class DropTest extends TestCase
{
    /** @return iterable<string, array{MadeUpLog, float}> */
    public static function goodLogs(): iterable
    {
        $seed = 0;
        foreach (['bell', 'wave', 'light', 'inertia'] as $form) {
            foreach ([2.5, 4.0, 6.0] as $dropK) {
                foreach ([6.0, 14.0] as $lagMin) {
                    yield "{$form}, {$dropK} K, {$lagMin} min" => [(new MadeUpLog($form, $dropK, $lagMin, ++$seed))->noisy(0.05), $dropK];
                }
            }
        }
        yield 'drift of a logger' => [(new MadeUpLog('light', 4.0, 8.0, 1))->drifting(0.6), 4.0];
        yield 'gap on the flank' => [(new MadeUpLog('light', 4.0, 8.0, 2))->without(40, 60), 4.0];
        yield 'ten a minute' => [(new MadeUpLog('bell', 3.0, 10.0, 3))->every(0.1)->noisy(0.2), 3.0];
        yield 'every five minutes' => [(new MadeUpLog('wave', 5.0, 12.0, 4))->every(5)->noisy(0.03), 5.0];
        yield 'tenths of a degree' => [(new MadeUpLog('inertia', 4.0, 8.0, 5))->every(1, 0.1)->noisy(0.05), 4.0];
        yield 'an hour before and after' => [(new MadeUpLog('light', 4.0, 8.0, 6))->lasting(-135, 155)->noisy(0.05), 4.0];
        yield 'five days of it' => [(new MadeUpLog('bell', 4.0, 8.0, 7))->lasting(-4000, 4000)->noisy(0.05), 4.0];
    }

    #[DataProvider('goodLogs')]
    public function testAGoodLogTellsDropAndLag(MadeUpLog $log, float $dropK): void
    {
        $drop = Drop::of($log->series(), MadeUpLog::times());
        self::assertSame([Worth::Good, []], [$drop->worth(), $drop->objections]);
        self::assertEqualsWithDelta($dropK, $drop->dropK, Drop::GOOD_K);
        self::assertEqualsWithDelta(60 * $log->lagOfMinimum(), $drop->lagS, Drop::GOOD_S);
        self::assertSame(MadeUpLog::MAXIMUM_S + (float) $drop->lagS, $drop->minimumAtS);
        self::assertGreaterThan(0.0, $drop->uncertaintyK);
        self::assertEquals($drop, Drop::fromArray($drop->toArray()));
    }

    /** @return iterable<string, array{MadeUpLog, Worth, Objection}> */
    public static function logsThatAreNotGood(): iterable
    {
        $log = static fn(int $seed = 1): MadeUpLog => (new MadeUpLog('light', 4.0, 8.0, $seed))->noisy(0.05);
        yield 'ten minutes before' => [$log()->lasting(-85, 185), Worth::Poor, Objection::TooLittleBefore];
        yield 'nothing before' => [$log()->lasting(-60, 185), Worth::Poor, Objection::TooLittleBefore];
        yield 'ends with the eclipse' => [$log()->lasting(-165, 75), Worth::Poor, Objection::TooLittleAfter];
        yield 'ends ten minutes after' => [$log()->lasting(-165, 105), Worth::Poor, Objection::TooLittleAfter];
        yield 'the eclipse alone' => [$log()->lasting(-75, 75), Worth::None, Objection::NoBaseline];
        yield 'another day' => [$log()->lasting(1300, 1500), Worth::None, Objection::NoBaseline];
        yield 'a gap at the minimum' => [$log()->without(-2, 18), Worth::Poor, Objection::Gap];
        yield 'a cloud at the minimum' => [$log()->clouded(12, 12, 1.5), Worth::Poor, Objection::Disturbed];
        yield 'a cloud on the flank' => [$log()->clouded(-35, 15, 1.5), Worth::Poor, Objection::Disturbed];
        yield 'a cloud before' => [$log()->clouded(-110, 15, 1.5), Worth::Poor, Objection::DropUncertain];
        yield 'gusts' => [$log()->noisy(0.6, 0.9), Worth::Poor, Objection::DropUncertain];
        yield 'no eclipse at all' => [(new MadeUpLog('light', 0.0, 8.0, 3))->noisy(0.1), Worth::None, Objection::WithinUncertainty];
        yield 'one too small' => [(new MadeUpLog('light', 0.1, 8.0, 4))->noisy(0.3), Worth::None, Objection::WithinUncertainty];
        yield 'a minimum long after' => [(new MadeUpLog('bell', 4.0, 60.0, 5))->noisy(0.05)->lasting(-165, 215), Worth::Poor, Objection::StrangeLag];
        yield 'degrees only' => [$log()->every(1, 1.0), Worth::Poor, Objection::DropUncertain];
    }

    #[DataProvider('logsThatAreNotGood')]
    public function testWhatALogDoesNotTellIsNotCalledGood(MadeUpLog $log, Worth $worth, Objection $objection): void
    {
        $drop = Drop::of($log->series(), MadeUpLog::times());
        self::assertSame($worth, $drop->worth(), (string) json_encode($drop->objections));
        self::assertContains($objection, $drop->objections);
        if ($worth === Worth::None) {
            self::assertNull($drop->minimumAtS);
        }
    }

    /** Clouds cool the air as the Moon does: where a light meter beside the thermometer saw them, the best of curves is poor; where it saw none, or there is none, it stays. */
    public function testLightBesideItTellsOfClouds(): void
    {
        $log = (new MadeUpLog('light', 4.0, 8.0, 1))->noisy(0.05)->series();
        $said = array_map(static fn(?bool $isClear): array => Drop::of($log, MadeUpLog::times(), $isClear)->objections, [true, null, false]);
        self::assertSame([[], [], [Objection::Clouded]], $said);
        self::assertSame(Worth::Poor, Objection::Clouded->worth());
    }

    /** Whatever happens, where it says good it is right: of many logs by chance, with all that may go wrong, nearly none is told wrong (that of a hundred five may is what 95 % means). */
    public function testGoodIsGood(): void
    {
        mt_srand(20260812);
        [$good, $wrong] = [0, 0];
        foreach (range(1, 70) as $seed) {
            $log = (new MadeUpLog(['bell', 'wave', 'light', 'inertia'][$seed % 4], $dropK = mt_rand(15, 60) / 10, mt_rand(4, 18), $seed))
                ->noisy(mt_rand(2, 20) / 100, [0.0, 0.0, 0.8][$seed % 3])->every([0.5, 1.0, 2.0][mt_rand(0, 2)], [0.0, 0.1][mt_rand(0, 1)])->lasting(-mt_rand(80, 190), mt_rand(90, 200))->drifting(mt_rand(-5, 5) / 10);
            match ($seed % 5) {
                0 => $log->clouded(mt_rand(-60, 60), mt_rand(8, 25), mt_rand(8, 25) / 10),
                1 => $log->without($from = mt_rand(-60, 60), $from + mt_rand(5, 25)),
                default => null,
            };
            $drop = Drop::of($log->series(), MadeUpLog::times());
            if ($drop->worth() === Worth::Good) {
                ++$good;
                $wrong += abs((float) $drop->dropK - $dropK) > Drop::GOOD_K || abs((float) $drop->lagS - 60 * $log->lagOfMinimum()) > Drop::GOOD_S ? 1 : 0;
            }
        }
        self::assertGreaterThan(15, $good);
        self::assertLessThanOrEqual(0.05 * $good, $wrong, "{$wrong} of {$good}");
    }

    /** A cloud of a quarter of an hour about the minimum cools as the Moon does: what little is taken for the eclipse's own is told (METHODS.md: 1 of 100). */
    public function testAlmostNoCloudAtTheMinimumIsTakenForTheMoon(): void
    {
        mt_srand(20270802);
        $taken = 0;
        foreach (range(1, 32) as $seed) {
            $log = (new MadeUpLog(['bell', 'wave', 'light', 'inertia'][$seed % 4], mt_rand(25, 60) / 10, mt_rand(4, 18), $seed))
                ->noisy(mt_rand(3, 10) / 100)->clouded(mt_rand(0, 24), mt_rand(9, 15), mt_rand(6, 20) / 10);
            $taken += Drop::of($log->series(), MadeUpLog::times())->worth() === Worth::Good ? 1 : 0;
        }
        self::assertLessThanOrEqual(1, $taken);
    }

    /** More of the log, or other zeros of scales and clocks, change nothing. */
    public function testOnlyDifferencesCount(): void
    {
        $series = (new MadeUpLog('inertia', 4.0, 10.0, 9))->series();
        $drop = Drop::of($series, MadeUpLog::times());
        $warmer = Drop::of($series->map(static fn(float $atS, float $k): float => $k + 10), MadeUpLog::times());
        self::assertEqualsWithDelta($drop->dropK, $warmer->dropK, 1e-6);
        self::assertEqualsWithDelta($drop->lagS, $warmer->lagS, 1.0);
        $later = Drop::of(Series::of(array_map(static fn(float $atS): float => $atS + 86400, $series->atS), $series->values), EclipseTimes::of(MadeUpLog::times()->c1S + 86400, MadeUpLog::times()->maximumS + 86400, MadeUpLog::times()->c4S + 86400));
        self::assertEqualsWithDelta($drop->dropK, $later->dropK, 1e-6);
        [$atS, $values] = [array_reverse($series->atS), array_reverse($series->values)];
        self::assertEquals($drop, Drop::of(Series::of($atS, $values), MadeUpLog::times()), 'rows in any order');
    }

    #[TestWith([0.0, 0.0, 60.0, 'contacts_out_of_order'])]
    #[TestWith([0.0, 60.0, 60.0, 'contacts_out_of_order'])]
    #[TestWith([90.0, 60.0, 120.0, 'contacts_out_of_order'])]
    #[TestWith([0.0, 60.0, 18001.0, 'too_long'])]
    public function testContactsThatMakeNoSenseAreRefused(float $c1S, float $maximumS, float $c4S, string $why): void
    {
        try {
            EclipseTimes::of($c1S, $maximumS, $c4S);
            self::fail('taken');
        } catch (LogbookException $e) {
            self::assertSame($why, $e->reason);
        }
    }
}
