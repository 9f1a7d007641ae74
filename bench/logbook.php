<?php

declare(strict_types=1);

use App\Domain\Logbook\Reading;
use App\Imports\Logbook\LoggerFile;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Temperature\Drop;

// A logger's table of a million readings, read and measured: a day of eleven readings a second, half of them not in their order.
require __DIR__ . '/../vendor/autoload.php';
(require __DIR__ . '/../bootstrap/app.php')->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

const READINGS = 1_000_000;
const MAY_TAKE_S = 20;
const MAY_TAKE_MB = 256;

$path = (string) tempnam(sys_get_temp_dir(), 'log');
$file = fopen($path, 'w') ?: throw new RuntimeException('No file can be written.');
$maximum = 1817196413;
fwrite($file, "time,temperature_c\n");
for ($i = 0; $i < READINGS; ++$i) {
    $second = $maximum - 43200 + 86400 * ($i ^ 1) / READINGS;
    fwrite($file, sprintf("%s.%03dZ,%.2f\n", gmdate('Y-m-d\TH:i:s', (int) $second), 1000 * fmod($second, 1), 22 - 4 * exp(-0.5 * (($second - $maximum - 600) / 1600) ** 2) + 0.02 * ($i % 7)));
}
fclose($file);
$begin = microtime(true);
$series = LoggerFile::read($path, new Reading(new DateTimeZone('UTC'), null, 0))[Quantity::Temperature->value];
$drop = Drop::of($series, EclipseTimes::of($maximum - 3967, $maximum, $maximum + 4364));
$took = microtime(true) - $begin;
unlink($path);
printf("a million readings of a logger, read and measured (%.1f K): %.2f of the %d s and %.2f of the %d MB they may take\n", (float) $drop->dropK, $took / MAY_TAKE_S, MAY_TAKE_S, memory_get_peak_usage(true) / 1e6 / MAY_TAKE_MB, MAY_TAKE_MB);
