<?php

declare(strict_types=1);

// Simulates what stands on a screen, 256 × 256 points, and sets the holes of the longest scribble, as shares of what they may take.

require __DIR__ . '/../vendor/autoload.php';

use KeenShadow\Core\Viewers\HoleShape;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\Pinhole;
use KeenShadow\Core\Viewers\Pattern\HolePattern;
use KeenShadow\Core\Viewers\Pattern\Outline;
use KeenShadow\Core\Viewers\Picture\BittenSun;
use KeenShadow\Core\Viewers\Picture\SimulatedImage;
use KeenShadow\Core\Viewers\Turn;

const AN_IMAGE_MAY_TAKE_S = 0.15;
const A_PATTERN_MAY_TAKE_S = 1.0;
const TIMES = 10;

$sun = BittenSun::covered(0.8, Turn::UpsideDown);
foreach (['a soft one' => [900, 1.2, HoleShape::Round], 'a sharp one' => [30000, 8, HoleShape::Round], 'a star' => [2000, 8, HoleShape::Star], 'a tiny Sun' => [300, 299, HoleShape::Round]] as $name => [$distance, $hole, $shape]) {
    $image = Pinhole::of($distance, $hole, Light::of(), $shape)->image();
    $begin = hrtime(true);
    for ($i = 0; $i < TIMES; ++$i) {
        SimulatedImage::of($image, $shape, $sun, 0.0);
    }
    printf("An image, %s: %.2f of %g s\n", $name, (hrtime(true) - $begin) / 1e9 / TIMES / AN_IMAGE_MAY_TAKE_S, AN_IMAGE_MAY_TAKE_S);
}
$scribble = array_map(static fn(int $i): array => [(float) ($i % 2), $i % 7 / 7], range(0, Outline::MOST_POINTS - 1));
$begin = hrtime(true);
HolePattern::along(Outline::of([$scribble]), 500, Pinhole::of(2000, 4, Light::of())->image());
printf("A scribble of %d points: %.2f of %g s\n", count($scribble), (hrtime(true) - $begin) / 1e9 / A_PATTERN_MAY_TAKE_S, A_PATTERN_MAY_TAKE_S);
