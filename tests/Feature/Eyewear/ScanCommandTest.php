<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Sky\CommandTestCase;

/** `php artisan eyewear:scan`: files as spectrophotometers write them, one JSON object, exit status, with no database. Levels are worked by hand. */
final class ScanCommandTest extends CommandTestCase
{
    public function testAScanIsJudged(): void
    {
        [$status, $json] = $this->scan(self::table('nm,transmittance', '%d,1e-5'));
        self::assertSame(0, $status);
        self::assertSame(['tau_v', 'uva_mean', 'uva_max', 'uvb_mean', 'uvb_max', 'ir_mean', 'ir_max', 'optical_density', 'shade', 'right_left_ratio', 'clauses', 'verdict'], array_keys($json));
        self::assertEqualsWithDelta([1e-5, 1e-5, 1e-5, 1e-5, 1e-5, 1e-5, 1e-5, 5.0, 12.6667, null], array_values(array_slice($json, 0, 10)), 0.0001);
        self::assertSame(['luminous' => 'met', 'uva' => 'met', 'uvb' => 'met', 'ir' => 'met', 'right_left' => 'not_tested'], $json['clauses']);
        self::assertSame('met', $json['verdict']);
    }

    public function testTwoLensesAreJudgedByTheWorse(): void
    {
        [$status, $json] = $this->scan(self::table('nm,transmittance', '%d,1e-5'), self::table('nm,transmittance', '%d,1.5e-5'));
        self::assertSame([1, 'not_met'], [$status, $json['verdict']]);
        self::assertSame(['luminous' => 'met', 'uva' => 'met', 'uvb' => 'met', 'ir' => 'met', 'right_left' => 'not_met'], $json['clauses']);
        self::assertEqualsWithDelta([1.5, 1e-5], [$json['right_left_ratio'], $json['tau_v']], 1e-9);
        self::assertSame(3, $this->scan(self::table('nm,transmittance', '%d,1e-5', 300))[0]);
    }

    /** @return array<string, array{string}> one and the same scan, OD 5 */
    public static function files(): array
    {
        $falling = explode("\n", trim(self::table('nm,transmittance_percent', '%d,0.001')));

        return [
            'per cent' => [self::table('nm,transmittance_percent', '%d,0.001')],
            'optical density' => [self::table('nm,optical_density', '%d,5')],
            'semicolons, decimal commas, BOM, CRLF' => ["\u{FEFF}" . str_replace("\n", "\r\n", self::table('nm;transmittance_percent', '%d,0;0,001'))],
            'tabs' => [self::table("nm\ttransmittance", "%d\t1,0E-05")],
            'falling wavelengths' => [$falling[0] . "\n" . implode("\n", array_reverse(array_slice($falling, 1)))],
            'capitals and a column more' => [self::table('NM,Remark,Transmittance', '%d,lamp 2,0.00001')],
            'blank lines' => [str_replace("\n3", "\n\n3", self::table('nm,transmittance', '%d,0.00001'))],
        ];
    }

    #[DataProvider('files')]
    public function testFilesAsInstrumentsWriteThem(string $text): void
    {
        [$status, $json] = $this->scan($text);
        self::assertSame(0, $status);
        self::assertEqualsWithDelta(1e-5, $json['tau_v'], 1e-12);
    }

    /** @return array<string, array{string, string}> */
    public static function unreadable(): array
    {
        return [
            'empty' => ['', 'The file is empty'],
            'only a header' => ["nm,transmittance\n", 'no readings'],
            'no wavelengths' => ["lambda,transmittance\n400,0.1\n", 'Line 1'],
            'no unit' => ["nm,T\n400,0.1\n", 'one column of readings'],
            'two units' => ["nm,transmittance,optical_density\n400,0.1,1\n", 'one column of readings'],
            'words' => ["nm,transmittance\n400,dark\n", 'Line 2, column transmittance: "dark" is not a number.'],
            'a blank cell' => ["nm,transmittance\n400,\n", 'Line 2, column transmittance: empty.'],
            'micrometres' => ["nm,transmittance\n0.4,0.1\n", 'Line 2, column nm: 0.4'],
            'more than all' => ["nm,transmittance\n400,0.1\n401,12\n", 'Line 3, column transmittance: more than all the light, 12'],
            'two that disagree' => ["nm,optical_density\n400,5\n400,4\n", 'Line 3, column nm: 400 stands in line 2 already'],
            'infinite' => ["nm,transmittance\n400,INF\n", 'Line 2, column transmittance'],
            'binary' => ["\x00\x01\x02\x81\xff\xfe", 'Line 1'],
            'UTF-16' => ["\xFF\xFEn\x00m\x00", 'UTF-16'],
            'a cell more' => ["nm,transmittance\n400,0.1,7\n", 'Line 2'],
        ];
    }

    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadSaysWhere(string $text, string $words): void
    {
        $process = $this->artisan(['eyewear:scan', '-'], $text);
        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringContainsString($words, $process->getErrorOutput());
    }

    private static function table(string $header, string $row, int $from = 280): string
    {
        return $header . "\n" . implode("\n", array_map(static fn(int $nm): string => sprintf($row, $nm), range($from, 1400))) . "\n";
    }

    /** @return array{int|null, array<string, mixed>} */
    private function scan(string $text, ?string $left = null): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'scan');
        file_put_contents($path, (string) $left);
        $process = $this->artisan(['eyewear:scan', '-', ...($left === null ? [] : ["--left={$path}"])], $text);
        unlink($path);

        return [$process->getExitCode(), $this->records($process)[0]];
    }
}
