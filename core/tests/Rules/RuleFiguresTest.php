<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\ImageQuality;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Viewers\Design\Judgement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The figures in the sentences of the rules, by the definitions of optical density and shade number. All from memory. */
final class RuleFiguresTest extends TestCase
{
    /** ISO 12312-2:2015, luminous transmittance in percent, least and most. */
    private const ISO_12312_2 = [0.000032, 0.0032];
    /** ISO 12312-1, category 4, the darkest sunglasses: least transmittance in percent. */
    private const DARKEST_SUNGLASSES = 3.0;

    /** @return array<string, array{string, string, float, float}> rule, words in it, the figure that they mean, by what factor it may be off */
    public static function figures(): array
    {
        return [
            'the darkest sunglasses' => ['sunglasses', 'a thousand times as much', self::DARKEST_SUNGLASSES / self::ISO_12312_2[1] / 1000, 1.1],
            'filter film for photographs' => ['photographic-front-filters', 'sixteen times as much', 10 ** (5 - 3.8) / 16, 1.02],
            'a front filter' => ['front-filter', '100 000 times less', 10 ** 5 / 100000, 1.0],
            'eclipse glasses' => ['eclipse-glasses', 'a few millionths', sqrt(self::ISO_12312_2[0] * self::ISO_12312_2[1]) * 1e4 / 3, 1.1],
            'shade 14, least' => ['welding-glass', '0.00016 to', 100 * 10 ** (-3 / 7 * 13.5) / 0.00016, 1.03],
            'shade 14, most' => ['welding-glass', '0.00044 %', 100 * 10 ** (-3 / 7 * 12.5) / 0.00044, 1.02],
        ];
    }

    #[DataProvider('figures')]
    public function testFiguresInTheSentences(string $id, string $words, float $ratio, float $factor): void
    {
        $rules = array_column(Standard::book()->rules, null, 'id');
        self::assertStringContainsString($words, $rules[$id]->reason);
        self::assertLessThanOrEqual($factor + 1e-9, max($ratio, 1 / $ratio));
    }

    /** What the book says of measuring is what is measured by. */
    public function testFiguresOfMeasures(): void
    {
        self::assertStringContainsString('at least ' . ImageQuality::FEWEST_DETAILS . ' blurs', Measure::DetailsAcross->statement());
        self::assertStringContainsString('under ' . Judgement::SMALLEST_IMAGE_MM . ' mm', Measure::ImageLargeEnough->statement());
        $words = ['three times' => Judgement::MOST_SUNS, 'a tenth' => Judgement::LEAST_CONTRAST, 'a fiftieth' => Judgement::NO_CONTRAST];
        self::assertEqualsWithDelta(['three times' => 3.0, 'a tenth' => 1 / 10, 'a fiftieth' => 1 / 50], $words, 1e-12);
        self::assertStringContainsString('three times as bright', Measure::ImageNotDazzling->statement());
        self::assertStringContainsString('adds a tenth to the stray light on the screen, and not at all where it adds less than a fiftieth', Measure::ImageInStrayLight->statement());
    }

    /** A plate of shade 14 is inside what is allowed for the eye, and so are 12 and 13, as the book says of them. */
    public function testShadesAreInsideTheBand(): void
    {
        foreach ([12, 13, 14] as $shade) {
            $percent = 100 * 10 ** (-3 / 7 * ($shade - 1));
            self::assertGreaterThan(self::ISO_12312_2[0], $percent);
            self::assertLessThan(self::ISO_12312_2[1], $percent);
        }
        self::assertGreaterThan(self::ISO_12312_2[1], 100 * 10 ** (-3 / 7 * 10), 'shade 11 is not');
    }
}
