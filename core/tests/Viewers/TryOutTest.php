<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Viewers;

use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\TryOut\Measured;
use KeenShadow\Core\Viewers\TryOut\Sharpness;
use KeenShadow\Core\Viewers\TryOut\TryOut;
use KeenShadow\Core\Viewers\ViewerException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Viewers that are not what their design says, found again from what one would measure of them. */
final class TryOutTest extends TestCase
{
    private const TUBE = ['build' => 'mailing_tube', 'distance_mm' => 900, 'hole_mm' => 1.2];
    private const PROJECTION = ['build' => 'telescope', 'objective_focal_mm' => 700, 'eyepiece_focal_mm' => 20, 'distance_mm' => 300];

    /** @return iterable<string, array{array<string, mixed>, Measured, array<string, float>}> design, what was measured, what is found to be otherwise */
    public static function tries(): iterable
    {
        // The Sun 32′ wide: 0.0093085 of the distance, worked by hand.
        yield 'as designed' => [self::TUBE, Measured::of(8.4, 0.5, null, null, Sharpness::Crisp), []];
        yield 'within the doubt of a ruler' => [self::TUBE, Measured::of(9.2, 0.5, null, null, Sharpness::Soft), []];
        yield 'a tube of 1.2 m' => [self::TUBE, Measured::of(11.17, 0.3, null, null, null), ['distance_mm' => 1200]];
        yield 'a tube of 600 mm' => [self::TUBE, Measured::of(5.585, 0.3, null, null, null), ['distance_mm' => 600]];
        yield 'measured again: 850 mm' => [self::TUBE, Measured::of(8.0, 0.5, 850.0, null, null), ['distance_mm' => 850]];
        yield 'measured again and right' => [self::TUBE, Measured::of(8.4, 0.5, 905.0, 1.15, null), []];
        yield 'a hole of 3 mm by the calliper' => [self::TUBE, Measured::of(8.4, 0.5, null, 3.0, null), ['hole_mm' => 3.0]];
        yield 'a telescope with its screen farther off' => [self::PROJECTION, Measured::of(130.32, 1.0, null, null, null), ['distance_mm' => 420]];
    }

    /**
     * @param array<string, mixed> $record
     * @param array<string, float> $otherwise
     */
    #[DataProvider('tries')]
    public function testWhatIsOtherwiseIsFound(array $record, Measured $measured, array $otherwise): void
    {
        $design = DesignRecord::read($record, isWhole: false);
        $tried = TryOut::of($design, Light::of(), $measured);

        self::assertSame($otherwise === [] ? Level::Yes : Level::Hold, $tried->verdict->level);
        self::assertSame($otherwise === [], $tried->corrected === null);
        foreach ($otherwise as $size => $mm) {
            self::assertEqualsWithDelta($mm, $tried->corrected?->mm(Size::from($size)), 0.005 * $mm);
        }
    }

    /** A hole far wider than designed looks like a blob: what is told of it makes a blob, too; a right one is left alone. */
    public function testASoftEdgeTellsAWideHole(): void
    {
        $design = DesignRecord::read(self::TUBE, isWhole: false);
        foreach ([Sharpness::Soft, Sharpness::Blob, Sharpness::OwnShape] as $seen) {
            $tried = TryOut::of($design, Light::of(), Measured::of(8.4, 0.5, null, null, $seen));
            $details = ($tried->corrected ?? $design)->image(Light::of())->detailsAcross();
            self::assertTrue($seen->allows($details), "{$seen->value} {$details}");
            self::assertSame($seen === Sharpness::Soft, $tried->corrected === null);
        }
    }

    /** Whatever is built instead of what was designed is found, by what it would show. */
    public function testTheCorrectedDesignShowsWhatWasMeasured(): void
    {
        foreach ([self::TUBE, self::PROJECTION, ['build' => 'mirror'], ['build' => 'reading_lens'], ['build' => 'box']] as $record) {
            $design = DesignRecord::read($record, isWhole: false);
            foreach ([0.5, 0.7, 1.4, 3.0] as $factor) {
                $built = $design->with(Size::Distance, $factor * (float) $design->mm(Size::Distance))->image(Light::of())->diameterMm;
                $tried = TryOut::of($design, Light::of(), Measured::of($built, 0.02 * $built, null, null, null));
                if ($tried->corrected !== null) {
                    self::assertEqualsWithDelta($built, $tried->corrected->image(Light::of())->diameterMm, 0.006 * $built);
                } else {
                    self::assertLessThanOrEqual(2 * $tried->uncertaintyMm, abs($built - $tried->predictedMm));
                }
            }
        }
    }

    public function testNonsenseIsRefused(): void
    {
        foreach ([[0.0, 0.5, 'measured_mm'], [-3.0, 0.5, 'measured_mm'], [8.0, 0.0, 'uncertainty_mm'], [NAN, 0.5, 'measured_mm'], [1e9, 0.5, 'measured_mm']] as [$image, $uncertainty, $field]) {
            try {
                Measured::of($image, $uncertainty, null, null, null);
                self::fail('accepted');
            } catch (ViewerException $e) {
                self::assertSame($field, $e->field);
            }
        }
    }
}
