<?php

declare(strict_types=1);

namespace Tests\Feature\Viewers;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The command as it is typed: designs in, one JSON object out; it needs no database. */
final class DesignCommandTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, float>}> */
    public static function designs(): iterable
    {
        // Worked by hand; 32′ is 0.0093085 of the distance, 15°/h 0.0043633 of it a minute.
        yield 'CP: 900 mm' => [['kind' => 'pinhole', 'distance_mm' => 900, 'hole_mm' => 1.2], ['image_diameter_mm' => 8.3777, 'geometric_blur_mm' => 1.2, 'diffraction_blur_mm' => 1.0065, 'blur_mm' => 1.5662, 'details_across' => 5.349, 'smallest_bite' => 0.18695, 'illuminance_lx' => 2051.7, 'spot_speed_mm_per_min' => 3.927]];
        yield 'CP: 36 in' => [['kind' => 'pinhole', 'distance_mm' => '36 in', 'hole_mm' => '1 mm'], ['image_diameter_mm' => 8.5117, 'diffraction_blur_mm' => 1.2271]];
        yield 'another Sun, in red' => [['kind' => 'pinhole', 'distance_mm' => '1 m', 'hole_mm' => 1, 'sun_diameter_arcmin' => 31.5, 'sun_illuminance_lx' => 50000, 'wavelength_nm' => 650], ['image_diameter_mm' => 9.163, 'diffraction_blur_mm' => 1.586, 'illuminance_lx' => 595.5]];
        yield 'a mirror' => [['kind' => 'mirror', 'distance_mm' => '20 m', 'hole_mm' => 20], ['image_diameter_mm' => 186.17, 'illuminance_lx' => 1154.1, 'spot_speed_mm_per_min' => 87.266]];
        yield 'CP: a dioptre' => [['kind' => 'lens', 'distance_mm' => '1 m', 'hole_mm' => 10, 'focal_mm' => '1 m'], ['image_diameter_mm' => 9.3085, 'geometric_blur_mm' => 0.0, 'focus_mm' => 1000]];
        yield 'an eyepiece' => [
            ['kind' => 'eyepiece', 'distance_mm' => 300, 'objective_focal_mm' => 700, 'aperture_mm' => 60, 'eyepiece_focal_mm' => 20, 'screen_mm' => 200],
            ['image_diameter_mm' => 91.223, 'illuminance_lx' => 43260, 'power_w' => 2.8274, 'irradiance_w_per_mm2' => 0.08479, 'seconds_in_field' => 140.3],
        ];
        yield 'a pattern' => [['kind' => 'pattern', 'distance_mm' => 2000, 'hole_mm' => 4, 'text' => 'I+I'], ['holes' => 23, 'least_spacing_mm' => 22.673]];
    }

    /**
     * @param array<string, mixed> $design
     * @param array<string, float> $figures
     */
    #[DataProvider('designs')]
    public function testFiguresWorkedByHand(array $design, array $figures): void
    {
        [$status, $record] = self::designed($design);
        self::assertSame(0, $status);
        foreach ($figures as $name => $value) {
            self::assertIsNumeric($record[$name] ?? null, $name);
            self::assertEqualsWithDelta($value, $record[$name], 0.001 * $value, $name);
        }
        self::assertContains($record['verdict'], ['yes', 'if']);
        self::assertIsArray($record['rules']);
        self::assertNotSame([], $record['rules']);
        if (isset($record['best_hole_mm'])) {
            self::assertIsArray($record['best_hole_mm']);
            self::assertSame(['sharpest', 'equal', 'brighter'], array_keys($record['best_hole_mm']));
        }
    }

    public function testTheRuleBookRefusesAndTheFiguresAreGivenAllTheSame(): void
    {
        $projection = ['kind' => 'eyepiece', 'distance_mm' => 300, 'objective_focal_mm' => 1000, 'aperture_mm' => 60, 'eyepiece_focal_mm' => 20];
        foreach ([['instrument' => 'closed_mirror'], ['instrument' => 'refractor', 'eyepiece' => 'cemented'], ['instrument' => 'refractor', 'eyepiece' => 'uncemented', 'aperture_mm' => 100]] as $wrong) {
            [$status, $record] = self::designed($wrong + $projection);
            self::assertSame([0, 'no'], [$status, $record['verdict']]);
            self::assertEqualsWithDelta(130.32, $record['image_diameter_mm'], 0.01);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'a hole as wide as the distance' => ['{"kind":"pinhole","distance_mm":300,"hole_mm":300}', 'must be less than the 300 mm behind it'];
        yield 'no hole' => ['{"kind":"pinhole","distance_mm":300,"hole_mm":0}', 'must lie between'];
        yield 'less than nothing' => ['{"kind":"pinhole","distance_mm":-300,"hole_mm":1}', 'must lie between'];
        yield 'two units' => ['{"kind":"pinhole","distance_mm":"3 ft 2 in","hole_mm":1}', 'one number with one unit'];
        yield 'inside the focus' => ['{"kind":"eyepiece","distance_mm":15,"objective_focal_mm":700,"aperture_mm":60,"eyepiece_focal_mm":20}', 'inside its focal length'];
        yield 'no kind' => ['{"distance_mm":300,"hole_mm":1}', 'kind'];
        yield 'no object' => ['[1,2]', 'one JSON object'];
        yield 'no JSON' => ['hole', 'one JSON object'];
        yield 'no Sun' => ['{"kind":"pinhole","distance_mm":300,"hole_mm":1,"sun_diameter_arcmin":0}', 'the Sun'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsSaidOnStandardError(string $design, string $words): void
    {
        $process = self::process(['-'], $design);
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString($words, $process->getErrorOutput());
    }

    /** The picture that is written: the crescent of four fifths covered, the Moon up and to the right in the sky, so below and to the right on a card. */
    public function testThePictureIsWritten(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'image');
        [$status] = self::designed(['kind' => 'pinhole', 'distance_mm' => 900, 'hole_mm' => 1.2, 'surroundings' => 'lined_tube'], "--image={$path}", '--obscuration=0.8');
        self::assertSame(0, $status);
        $picture = imagecreatefrompng($path);
        unlink($path);
        self::assertNotFalse($picture);
        $grey = static fn(int $x, int $y): int => imagecolorsforindex($picture, (int) imagecolorat($picture, $x, $y))['red'];
        self::assertSame([256, 256], [imagesx($picture), imagesy($picture)]);
        self::assertGreaterThan(2 * $grey(165, 165), $grey(85, 85));
        foreach (['--obscuration=2', '--obscuration=all', '--image=/nowhere/a.png'] as $option) {
            self::assertSame(2, self::process(['-', "--image={$path}", $option], '{"kind":"pinhole","distance_mm":900,"hole_mm":1}')->getExitCode(), $option);
        }
        self::assertSame(2, self::process(['/nowhere/design.json'], '')->getExitCode());
    }

    /**
     * @param array<string, mixed> $design
     *
     * @return array{int|null, array<string, mixed>}
     */
    private static function designed(array $design, string ...$options): array
    {
        $process = self::process(['-', ...array_values($options)], json_encode($design, JSON_THROW_ON_ERROR));
        /** @var array<string, mixed>|null $record */
        $record = json_decode($process->getOutput(), true);

        return [$process->getExitCode(), $record ?? []];
    }

    /** @param list<string> $arguments */
    private static function process(array $arguments, string $input): Process
    {
        // A port that nothing listens at: whoever asks the database fails.
        $process = new Process([PHP_BINARY, base_path('artisan'), 'viewers:design', ...$arguments], env: ['DB_PORT' => '1'], input: $input);
        $process->run();

        return $process;
    }
}
