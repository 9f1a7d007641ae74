<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

final class CircumstancesCommandTest extends CommandTestCase
{
    /** Source: swetest's places, ERFA's frames (core/tests/Sky/reference/make_reference.py), same constants and ΔT. */
    public function testAnswersRowByRowWithoutADatabase(): void
    {
        $run = $this->runWith(
            "name,date,lat,lon,height_m,delta_t_s\n"
            . "Luxor,2027-08-02,25.70,32.64,90,68.8\n"
            . "\"Cadiz, bay\",2026-08-12,36.53,-6.29,10,68.8\n"
            . "nowhere,2027-08-02,-80,100,0,\n",
            ['--k1=0.272517', '--k2=0.272288', '--solar-radius-km=696000'],
        );

        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        [$luxor, $cadiz, $nowhere] = $this->records($run);
        self::assertSame(
            ['name', 'date', 'lat', 'lon', 'height_m', 'delta_t_s', 'type', 'c1', 'c2', 'max', 'c3', 'c4', 'c1_up', 'c2_up', 'c3_up', 'c4_up', 'magnitude', 'obscuration', 'altitude_deg', 'azimuth_deg', 'duration_s',
                'c1_from_north_deg', 'c1_from_zenith_deg', 'c2_from_north_deg', 'c2_from_zenith_deg', 'c3_from_north_deg', 'c3_from_zenith_deg', 'c4_from_north_deg', 'c4_from_zenith_deg', 'seen_as', 'filters', 'filters_off', 'filters_on'],
            array_keys($luxor),
        );
        self::assertSame(['Luxor', 'total', 68.8, true, 1], [$luxor['name'], $luxor['type'], $luxor['delta_t_s'], $luxor['c2_up'], $luxor['obscuration']]);
        self::assertMatchesRegularExpression('/^2027-08-02T\d\d:\d\d:\d\d\.\d{3}Z$/', self::text($luxor, 'c2'));
        self::assertEqualsWithDelta(380.6, $luxor['duration_s'], 1.0);
        self::assertSame(['Cadiz, bay', 'partial', null, false], [$cadiz['name'], $cadiz['type'], $cadiz['c2'], $cadiz['c4_up']]);
        self::assertEqualsWithDelta(0.9385, $cadiz['magnitude'], 0.0002);
        self::assertSame(['none', null, null, 0], [$nowhere['type'], $nowhere['max'], $nowhere['duration_s'], $nowhere['obscuration']]);
    }

    /** Source of the angles: plain vectors (core/tests/Sky); of the rest: the rule about filters (core/tests/Rules). */
    public function testAnglesAndFilters(): void
    {
        $run = $this->runWith("name,date,lat,lon,height_m,delta_t_s
Cadiz,2027-08-02,36.53,-6.29,10,69.2
Tunis,2026-08-12,37.27,9.87,0,69.2
");
        [$cadiz, $tunis] = $this->records($run);
        $oneK = $this->records($this->runWith("date,lat,lon,height_m,delta_t_s
2027-08-02,36.53,-6.29,10,69.2
", ['--k2=0.2725076']))[0];

        self::assertEqualsWithDelta(287, $cadiz['c1_from_north_deg'], 0.5);
        self::assertEqualsWithDelta(344, $cadiz['c1_from_zenith_deg'], 0.5);
        self::assertSame(['total', 'may_come_off'], [$cadiz['seen_as'], $cadiz['filters']]);
        self::assertGreaterThan(self::text($cadiz, 'c2'), self::text($cadiz, 'filters_off'));
        self::assertLessThan(self::text($cadiz, 'c3'), self::text($cadiz, 'filters_on'));
        self::assertSame(['total', 'partial', 'stay_on', null, null, false], [$tunis['type'], $tunis['seen_as'], $tunis['filters'], $tunis['filters_off'], $tunis['filters_on'], $tunis['c2_up']]);
        self::assertLessThan(self::text($cadiz, 'c2'), self::text($oneK, 'c2'), 'a larger Moon begins earlier');
        self::assertSame($cadiz['filters_off'], $oneK['filters_off'], 'but no filter comes off for it');
    }

    public function testABadRowIsNamedAndTheOthersAreStillComputed(): void
    {
        $run = $this->runWith("\u{FEFF}date,lat,lon,height_m\n2027-08-02,95,0,0\n2027-08-03,40,0,0\n2027-08-02,40,0\n2027-08-02,36,-6,zero\n\n2027-08-02,36.5,-6.3,0\n");

        self::assertSame(1, $run->getExitCode());
        $records = $this->records($run);
        self::assertCount(5, $records);
        foreach (['latitude', 'no solar eclipse', '3 cells', 'column height_m'] as $i => $message) {
            self::assertStringContainsString($message, self::text($records[$i], 'error'));
            self::assertSame($i + 2, $records[$i]['line']);
        }
        self::assertSame('total', $records[4]['type']);
    }

    /** @return iterable<string, array{string, list<string>, string}> */
    public static function refusals(): iterable
    {
        yield 'no header' => ['', [], 'empty'];
        yield 'wrong columns' => ["lat,lon\n1,2\n", [], 'date,lat,lon,height_m'];
        yield 'strange column' => ["date,lat,lon,height_m,colour\n", [], 'colour'];
        yield 'moon of cheese' => ["date,lat,lon,height_m\n", ['--k1=3'], 'K1'];
        yield 'no number' => ["date,lat,lon,height_m\n", ['--solar-radius-km=big'], 'big'];
    }

    /** @param list<string> $options */
    #[DataProvider('refusals')]
    public function testRefusesWhatCannotBeMeant(string $csv, array $options, string $message): void
    {
        $run = $this->runWith($csv, $options);

        self::assertSame(2, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringContainsString($message, $run->getErrorOutput());
    }

    /** @param list<string> $options */
    private function runWith(string $csv, array $options = []): Process
    {
        return $this->artisan(['sky:circumstances', '-', ...$options], $csv);
    }
}
