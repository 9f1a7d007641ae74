<?php

declare(strict_types=1);

namespace Tests\Feature\Training;

use App\Drawings\Training\LensDrawing;
use KeenShadow\Core\Training\Lenses\DrawnPair;
use KeenShadow\Core\Training\Lenses\LensFault;
use KeenShadow\Core\Training\Lenses\Tray;
use Tests\TestCase;

/** Drawn faults turned back into millimetres: as large as they are said to be, and on the lens where they are said to be. */
final class DrawnLensesTest extends TestCase
{
    public function testFaultsAreDrawnInTrueSize(): void
    {
        $seen = [];
        for ($seed = 1; $seed <= 40; ++$seed) {
            foreach (Tray::of($seed)->pairs as $pair) {
                $drawing = LensDrawing::of($pair);
                $middle = ($pair->isRight ? 1 : -1) * 33.0;
                self::assertSame($middle, $drawing->lensX);
                $at = [$middle + 20 * $pair->x, -15 * $pair->y];
                match ($pair->fault) {
                    LensFault::Hole => $this->assertDisc($drawing->marks[0]['d'], $at, $pair->sizeMm / 2),
                    LensFault::Scratch => $this->assertLine($drawing->marks[0]['d'], $at, 4 * $pair->sizeMm, $pair->turnDeg),
                    LensFault::Crease => $this->assertLine($drawing->marks[0]['d'], $at, 8 * $pair->sizeMm, $pair->turnDeg),
                    LensFault::Dirt => $this->assertDisc($drawing->marks[0]['d'], $at, $pair->sizeMm),
                    LensFault::SecondPoint => self::assertCount(2, $drawing->marks),
                    LensFault::TornFrame => self::assertTrue($drawing->isTorn),
                    LensFault::SeeThrough => self::assertTrue($drawing->isBright),
                    LensFault::FilmLifting => self::assertCount(1, $drawing->marks),
                    null => self::assertEquals([[], false, false], [$drawing->marks, $drawing->isTorn, $drawing->isBright]),
                };
                // On its lens, not beside it.
                self::assertLessThanOrEqual(DrawnPair::LENS_WIDTH_MM / 2, abs($at[0] - $middle));
                self::assertLessThanOrEqual(DrawnPair::LENS_HEIGHT_MM / 2, abs($at[1]));
                $seen[$pair->fault->value ?? 'none'] = true;
            }
        }
        self::assertCount(9, $seen);
    }

    /** @param array{float, float} $middle */
    private function assertDisc(string $path, array $middle, float $radius): void
    {
        self::assertSame(1, preg_match('/^M(\S+) (\S+) a(\S+) /', $path, $found));
        [$x, $y, $r] = array_map(floatval(...), array_slice($found, 1));
        self::assertEqualsWithDelta([$middle[0] - $radius, $middle[1], $radius], [$x, $y, $r], 0.01);
    }

    /** @param array{float, float} $middle */
    private function assertLine(string $path, array $middle, float $lengthMm, float $turnDeg): void
    {
        self::assertSame(1, preg_match('/^M(\S+) (\S+) L(\S+) (\S+)$/', $path, $found));
        [$x1, $y1, $x2, $y2] = array_map(floatval(...), array_slice($found, 1));
        self::assertEqualsWithDelta($middle, [($x1 + $x2) / 2, ($y1 + $y2) / 2], 0.01);
        self::assertEqualsWithDelta($lengthMm, hypot($x2 - $x1, $y2 - $y1), 0.02);
        self::assertEqualsWithDelta(sin(deg2rad(2 * $turnDeg)), sin(2 * atan2($y2 - $y1, $x2 - $x1)), 0.05);
    }
}
