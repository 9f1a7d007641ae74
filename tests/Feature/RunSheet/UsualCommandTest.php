<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The command as it is typed; it needs no database. */
final class UsualCommandTest extends TestCase
{
    private const SANTANDER = ['lat' => 43.46, 'lon' => -3.81, 'timezone' => 'Europe/Madrid', 'eclipse' => '2026-08-12'];

    /** `swetest -b12.8.2026 -ut18:27:20 -p0 -geopos-3.81,43.46,0 -fPik`: 102.026° from the south, 8.950° high with refraction. */
    public function testTheSunStandsWhereTheReferenceHasIt(): void
    {
        $rows = array_column($this->asked(self::SANTANDER), null, 'key');

        self::assertEqualsWithDelta(282.026, $rows['look-round']['sun_azimuth_deg'], 0.05);
        self::assertEqualsWithDelta(8.950, $rows['look-round']['sun_altitude_deg'], 0.05);
        self::assertSame(1, $rows['look-round']['covered']);
        self::assertSame('Look at the white sheet on the ground. Do not look up yet.', $rows['shadow-bands']['call']);
        self::assertLessThan($rows['look-round']['at'], $rows['shadow-bands']['until']);
        self::assertEquals(0, $rows['try-glasses']['covered']);
    }

    /** Beside the path, at its edge, and where a ring is seen, others are called. */
    public function testEachPlaceHasWhatItSees(): void
    {
        self::assertSame(['shadow-bands', 'look-round'], $this->skyKeys(self::SANTANDER));
        self::assertSame(['maximum'], $this->skyKeys(['lat' => 37.39, 'lon' => -5.99] + self::SANTANDER));
        self::assertSame(['maximum'], $this->skyKeys(['lat' => 36.72, 'lon' => -6.0, 'eclipse' => '2027-08-02'] + self::SANTANDER));
        self::assertSame(['ring', 'ring-ends'], $this->skyKeys(['lat' => 37.39, 'lon' => -5.99, 'eclipse' => '2028-01-26', 'kind' => 'lessons'] + self::SANTANDER));
    }

    /**
     * @param array<string, mixed> $request
     *
     * @return list<mixed>
     */
    private function skyKeys(array $request): array
    {
        return array_values(array_filter(array_column($this->asked($request), 'key'), static fn(mixed $key): bool => in_array($key, ['look-round', 'shadow-bands', 'maximum', 'ring', 'ring-ends'], true)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'no JSON' => ['here', 'one JSON object'];
        yield 'nothing' => ['{}', 'lat'];
        yield 'a word for a number' => [json_encode(['lat' => 'north'] + self::SANTANDER, JSON_THROW_ON_ERROR), 'lat: write a number'];
        yield 'beyond the pole' => [json_encode(['lat' => 91] + self::SANTANDER, JSON_THROW_ON_ERROR), 'latitude'];
        yield 'no zone' => [json_encode(['timezone' => 'Nowhere'] + self::SANTANDER, JSON_THROW_ON_ERROR), 'timezone'];
        yield 'no eclipse' => [json_encode(['eclipse' => '2026-08-13'] + self::SANTANDER, JSON_THROW_ON_ERROR), '2026-08-13'];
        yield 'no such kind' => [json_encode(['kind' => 'picnic'] + self::SANTANDER, JSON_THROW_ON_ERROR), 'kind'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsRefused(string $request, string $words): void
    {
        $process = self::process($request);

        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString($words, $process->getErrorOutput());
    }

    /**
     * @param array<string, mixed> $request
     *
     * @return list<array<string, mixed>>
     */
    private function asked(array $request): array
    {
        $process = self::process(json_encode($request, JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$process->getExitCode(), $process->getErrorOutput()]);
        /** @var list<array<string, mixed>> $rows */
        $rows = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);

        return $rows;
    }

    private static function process(string $input): Process
    {
        $process = new Process([PHP_BINARY, base_path('artisan'), 'runsheet:usual', '-'], input: $input);
        $process->run();

        return $process;
    }
}
