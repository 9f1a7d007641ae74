<?php

declare(strict_types=1);

// Judges one scan of 1 nm steps, read and held against every clause, as a share of what it may take.

require __DIR__ . '/../vendor/autoload.php';

use KeenShadow\Core\Eyewear\Spectrum\Assessment;
use KeenShadow\Core\Eyewear\Spectrum\Scan;
use KeenShadow\Core\Eyewear\Spectrum\ScanUnit;

const A_SCAN_MAY_TAKE_S = 0.05;
const TIMES = 20;

$readings = array_map(static fn(int $nm): array => [(float) $nm, 1e-5 * (1 + sin($nm / 50) / 2)], range(250, 1500));
$begin = hrtime(true);
for ($i = 0; $i < TIMES; ++$i) {
    Assessment::of(Scan::of(ScanUnit::Transmittance, $readings));
}
printf("A scan of %d readings: %.3f of %g s\n", count($readings), (hrtime(true) - $begin) / 1e9 / TIMES / A_SCAN_MAY_TAKE_S, A_SCAN_MAY_TAKE_S);
