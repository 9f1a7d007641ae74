<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\Pinhole;
use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\Pattern\Hole;
use KeenShadow\Core\Viewers\Pattern\HolePattern;
use KeenShadow\Core\Viewers\Pattern\Outline;
use KeenShadow\Core\Viewers\ViewerException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PatternTest extends TestCase
{
    /** No two images of a pattern touch; the card holds all holes; a word is counted by hand: I has 7 dots, + has 9. */
    public function testAPatternOfHoles(): void
    {
        $image = self::image();
        $pattern = HolePattern::spelling('i+i', $image);
        self::assertCount(23, $pattern->holes);
        self::assertEqualsWithDelta($image->diameterMm + $image->blurMm(), $pattern->spacingMm, 1e-9);
        foreach ([$pattern, HolePattern::spelling('ñandú sol!', $image)] as $each) {
            foreach ($each->holes as $i => $hole) {
                foreach (array_slice($each->holes, $i + 1) as $other) {
                    self::assertGreaterThan($image->diameterMm, self::apart($hole, $other));
                }
                self::assertTrue($hole->rightMm >= 20 && $hole->rightMm <= $each->widthMm - 20 && $hole->downMm >= 20 && $hole->downMm <= $each->heightMm - 20);
            }
        }
        // Nine columns of dots with 20 mm of card about them.
        self::assertEqualsWithDelta(40 + 8 * $pattern->spacingMm, $pattern->widthMm, 1e-9);
        self::assertEqualsWithDelta(40 + 6 * $pattern->spacingMm, $pattern->heightMm, 1e-9);
    }

    private static function apart(Hole $a, Hole $b): float
    {
        return hypot($a->rightMm - $b->rightMm, $a->downMm - $b->downMm);
    }

    /** A round of 300 mm: every hole on it, none nearer than it may be, and as many as chords of that length go round, 2π / (2·asin(s/2r)). */
    public function testHolesAlongAFigure(): void
    {
        $round = array_map(static fn(int $i): array => [50 + 50 * cos(deg2rad($i)), 50 + 50 * sin(deg2rad($i))], range(0, 359));
        $pattern = HolePattern::along(Outline::of([$round, [[50.0, 50.0]]]), 300, self::image());
        $spacing = $pattern->spacingMm;
        self::assertEqualsWithDelta(M_PI / asin($spacing / 300), count($pattern->holes) - 1, 2);
        foreach ($pattern->holes as $i => $hole) {
            $radius = hypot($hole->rightMm - 170, $hole->downMm - 170);
            self::assertEqualsWithDelta($i === count($pattern->holes) - 1 ? 0.0 : 150.0, $radius, 1.0, 'the dot in its middle comes last');
            foreach (array_slice($pattern->holes, $i + 1) as $other) {
                self::assertGreaterThanOrEqual($spacing, $hole->distanceMm($other));
            }
        }
        self::assertEqualsWithDelta(340.0, $pattern->widthMm, 0.5);
        self::assertEqualsWithDelta(340.0, $pattern->heightMm, 1.0);
    }

    /** Ten thousand points become few, and none of the first ones lies far from what is left; written and read it is the same. */
    public function testAnOutlineIsKeptInFewPoints(): void
    {
        $wave = array_map(static fn(int $i): array => [$i / 10, 50 * sin($i / 400)], range(0, 9999));
        $outline = Outline::of([$wave]);
        self::assertLessThanOrEqual(Outline::MOST_POINTS, count($outline->strokes[0]));
        self::assertEquals($outline, Outline::read($outline->written()));
        $top = min(array_column($wave, 1));
        foreach ($wave as $i => [$x, $y]) {
            if ($i % 37 === 0) {
                $off = INF;
                foreach (array_slice($outline->strokes[0], 1) as $k => $b) {
                    $a = $outline->strokes[0][$k];
                    $share = max(0.0, min(1.0, ($x / 999.9 - $a[0]) / max(1e-9, $b[0] - $a[0])));
                    $off = min($off, hypot($a[0] + $share * ($b[0] - $a[0]) - $x / 999.9, $a[1] + $share * ($b[1] - $a[1]) - ($y - $top) / 999.9));
                }
                self::assertLessThan(0.003, $off);
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'nothing' => ['', 'no_outline'];
        yield 'words' => ['a house', 'no_outline'];
        yield 'one point' => ['1,1', 'no_outline'];
        yield 'not a number' => ['NAN,1 2,2', 'no_outline'];
        yield 'too many strokes' => [implode(';', array_fill(0, 101, '0,0 1,1')), 'no_outline'];
    }

    #[DataProvider('nonsense')]
    public function testWhatIsNoFigureIsRefused(string $text, string $reason): void
    {
        try {
            Outline::read($text);
            self::fail('accepted');
        } catch (ViewerException $e) {
            self::assertSame([$reason, 'outline'], [$e->reason, $e->field]);
        }
    }

    public function testMoreHolesThanAnybodyDrills(): void
    {
        $this->expectException(ViewerException::class);
        $zigzag = array_map(static fn(int $i): array => [(float) $i, (float) ($i % 2 * 60)], range(0, 60));
        HolePattern::along(Outline::of([$zigzag]), 3000, Pinhole::of(300, 0.6, Light::of())->image());
    }

    /** Of 4 mm holes at 2 m. */
    private static function image(): ThrownImage
    {
        return Pinhole::of(2000, 4, Light::of())->image();
    }
}
