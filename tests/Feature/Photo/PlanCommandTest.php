<?php

declare(strict_types=1);

namespace Tests\Feature\Photo;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The command as it is typed: a plan in, one JSON object out; it needs no database. What the figures are core's PlanTest asks. */
final class PlanCommandTest extends TestCase
{
    private const PLAN = '{"focal_mm":500,"f_number":10,"iso":100,"pixel_um":4.3,"sensor_mm":[23.5,15.6],"filter_od":4,"sun_diameter_arcmin":31.5,"totality_s":60,"shots":[{"q":3,"frames":5,"write_s":1.5}]}';

    public function testAPlanIsComputedUnrounded(): void
    {
        $process = self::planned(self::PLAN);
        self::assertSame([0, ''], [$process->getExitCode(), $process->getErrorOutput()]);
        /** @var array<string, mixed> $record */
        $record = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['image_mm', 'image_px', 'drift_px_per_s', 'field_deg', 'exposure_s', 'shots_s', 'share_of_totality', 'warnings'], array_keys($record));
        self::assertIsArray($record['exposure_s']);
        self::assertSame(['partial', 'beads', 'chromosphere', 'prominences', 'corona_0_1', 'corona_0_2', 'corona_0_5', 'corona_1', 'corona_2', 'corona_4', 'corona_8'], array_keys($record['exposure_s']));
        // By hand: 1 s by 2^11; five of 0.125 and 1.5 s.
        self::assertEqualsWithDelta(1 / 2048, $record['exposure_s']['partial'], 1e-15);
        self::assertEquals([8.125, 8.125 / 60, []], [$record['shots_s'], $record['share_of_totality'], $record['warnings']]);
    }

    public function testTooMuchIsAWarningAndNoFault(): void
    {
        $plan = static fn(float $totalityS): string => str_replace('"totality_s":60', "\"totality_s\":{$totalityS}", self::PLAN);
        foreach (['12' => 'more than half', '0' => 'the filter stays on'] as $totalityS => $words) {
            $process = self::planned($plan((float) $totalityS));
            self::assertSame(0, $process->getExitCode());
            self::assertStringContainsString($words, $process->getErrorOutput());
            /** @var array{share_of_totality: float|null, warnings: list<string>} $record */
            $record = json_decode($process->getOutput(), true);
            self::assertStringContainsString($words, $record['warnings'][0]);
            self::assertSame($totalityS === 0, $record['share_of_totality'] === null);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'no JSON' => ['a camera', 'one JSON object'];
        yield 'a list' => ['[]', 'one JSON object'];
        yield 'nothing' => ['{}', 'sensor_mm: this is missing'];
        yield 'an f-number of nothing' => [str_replace('"f_number":10', '"f_number":0', self::PLAN), 'f_number: from 0.5 to 1000; 0 is not.'];
        yield 'a filter for nothing' => [str_replace('"filter_od":4', '"filter_od":3', self::PLAN), 'an optical density of 4, 5'];
        yield 'half a frame' => [str_replace('"frames":5', '"frames":0.5', self::PLAN), 'shots[0].frames: write a whole number'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidOnStandardError(string $plan, string $words): void
    {
        $process = self::planned($plan);
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString($words, $process->getErrorOutput());
    }

    /** What was sent is said as it was, and no tag or control character in it is obeyed. */
    public function testOtherKeysArePassedOver(): void
    {
        $process = self::planned(str_replace('{"focal_mm"', '{"<error>\u001b[2Jname":1,"focal_mm"', self::PLAN));
        self::assertSame(0, $process->getExitCode());
        self::assertSame('"<error> [2Jname" is no key of a plan and was passed over.', trim($process->getErrorOutput()));
    }

    private static function planned(string $plan): Process
    {
        // A port that nothing listens at: whoever asks the database fails.
        $process = new Process([PHP_BINARY, base_path('artisan'), 'photo:plan', '-'], env: ['DB_PORT' => '1'], input: $plan);
        $process->run();

        return $process;
    }
}
