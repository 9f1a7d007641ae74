<?php

declare(strict_types=1);

namespace Tests\Feature\Drawings;

use App\Drawings\LabelSpace;
use App\Drawings\PlacedText;
use Tests\TestCase;

/** A drawing's labels: whatever is asked, none lies on another or on a mark, and a line is crossed only for want of room. */
final class LabelSpaceTest extends TestCase
{
    private const LETTER_M = 2.0;

    public function testNoLabelLiesOnAnotherOrOnAMark(): void
    {
        mt_srand(8);
        $room = new LabelSpace(self::LETTER_M);
        $taken = [];
        for ($i = 0; $i < 40; ++$i) {
            [$x, $y] = [mt_rand(0, 200), mt_rand(0, 200)];
            $room->mark($x, $y, 1.0);
            $taken[] = [$x - 1, $y - 1, $x + 1, $y + 1];
        }
        $placed = 0;
        for ($i = 0; $i < 200; ++$i) {
            [$x, $y] = [mt_rand(0, 200), mt_rand(0, 200)];
            $text = str_repeat('n', mt_rand(1, 15));
            $place = $room->find([new PlacedText($x + 2, $y, 'start', $text), new PlacedText($x - 2, $y, 'end', $text), new PlacedText($x, $y - 3, 'middle', $text)]);
            if ($place === null) {
                continue;
            }
            ++$placed;
            // No letter of the fonts that ship is narrower than half its height on average, none is higher than its line.
            $width = 0.5 * self::LETTER_M * strlen($text);
            $left = $place->x - match ($place->anchor) {
                'start' => 0,
                'end' => $width,
                default => $width / 2,
            };
            $box = [$left, $place->y - self::LETTER_M / 2, $left + $width, $place->y + self::LETTER_M / 2];
            foreach ($taken as $other) {
                self::assertFalse($box[0] < $other[2] && $other[0] < $box[2] && $box[1] < $other[3] && $other[1] < $box[3], "{$text} at {$x}, {$y}");
            }
            $taken[] = $box;
        }
        self::assertGreaterThan(30, $placed);
        self::assertLessThan(200, $placed, 'and some find no room');
    }

    public function testALineIsCrossedOnlyForWantOfRoom(): void
    {
        $places = [new PlacedText(0, 0, 'start', 'wall'), new PlacedText(0, 10, 'start', 'wall')];
        $room = new LabelSpace(self::LETTER_M);
        $room->line(-50, 0, 50, 0);
        self::assertSame($places[1], $room->find($places));
        self::assertSame($places[0], $room->find($places), 'the other is taken by now');
        self::assertNull($room->find($places));
    }
}
