<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use KeenShadow\Core\Photo\Burst;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Photo\Kit\KitRecord;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\Kit\OpticsBuild;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Programme\Outfit;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;
use KeenShadow\Core\Photo\Settings;
use KeenShadow\Core\Photo\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Kit and programmes as records, and how long a camera takes over its frames. */
final class KitTest extends TestCase
{
    private const CAMERA = ['is_phone' => false, 'sensor_mm' => [36.0, 24.0], 'pixel_um' => 6.0, 'iso' => [100.0, 6400.0], 'frames_per_s' => 5.0, 'buffer_frames' => 12, 'write_s' => 0.5];
    private const WISH = ['name' => 'Beads', 'from' => 'beads', 'to' => null, 'step_stops' => 1.0, 'frames' => 5, 'when' => 'first', 'pause_s' => 0.0];
    private const PROGRAMME = [
        'f_number' => 8.0, 'iso' => 200.0, 'iso_filtered' => 100.0, 'hand_s' => 4.0, 'interval_s' => 300.0, 'cloud_stops' => 0.5, 'corona_radii' => 2.0, 'roll_deg' => -30.0, 'drift_px' => 2.0, 'clear_s' => 40.0,
        'finder' => 'removed', 'watched_by' => 'Omar', 'place' => 'Square', 'wanted' => [self::WISH],
    ];

    /** @return iterable<string, array{KitKind, array<string, mixed>}> */
    public static function kit(): iterable
    {
        yield 'a camera' => [KitKind::Camera, self::CAMERA];
        yield 'a phone' => [KitKind::Camera, ['is_phone' => true] + self::CAMERA + ['focal_mm' => 4.4, 'f_number' => 1.8]];
        yield 'a telescope' => [KitKind::Optics, ['build' => 'refractor', 'focal_mm' => 600.0, 'f_number' => 7.5, 'aperture_mm' => 80.0]];
        yield 'a lens' => [KitKind::Optics, ['build' => 'lens', 'focal_mm' => 300.0, 'f_number' => 5.6, 'aperture_mm' => null]];
        yield 'a filter' => [KitKind::Filter, ['make' => 'photo_front', 'seat' => 'front', 'fixing' => 'screwed', 'opening_mm' => 50.0]];
        yield 'a mount' => [KitKind::Mount, ['tracks' => true]];
    }

    /** @param array<string, mixed> $record */
    #[DataProvider('kit')]
    public function testWhatIsWrittenIsReadAgain(KitKind $kind, array $record): void
    {
        self::assertSame($record, KitRecord::write(KitRecord::read($kind, $record)));
    }

    public function testAProgrammeIsReadAgain(): void
    {
        self::assertSame(self::PROGRAMME, ProgrammeRecord::write(ProgrammeRecord::read(self::PROGRAMME)));
    }

    /** @param array<string, mixed> $wrong */
    #[TestWith([KitKind::Camera, ['iso' => [800, 100]], 'iso', 'reversed'])]
    #[TestWith([KitKind::Camera, ['iso' => 100], 'iso', 'not_two'])]
    #[TestWith([KitKind::Camera, ['iso' => [100, 'much']], 'iso[1]', 'not_a_number'])]
    #[TestWith([KitKind::Camera, ['sensor_mm' => [36]], 'sensor_mm', 'not_width_and_height'])]
    #[TestWith([KitKind::Camera, ['sensor_mm' => [36, 0]], 'sensor_mm[1]', 'out_of_range'])]
    #[TestWith([KitKind::Camera, ['buffer_frames' => 1.5], 'buffer_frames', 'not_whole'])]
    #[TestWith([KitKind::Camera, ['write_s' => -1], 'write_s', 'out_of_range'])]
    #[TestWith([KitKind::Camera, ['is_phone' => 'no'], 'is_phone', 'not_yes_or_no'])]
    #[TestWith([KitKind::Camera, ['is_phone' => true], 'focal_mm', 'missing'])]
    #[TestWith([KitKind::Filter, ['make' => 'balloon', 'seat' => 'front', 'fixing' => 'taped'], 'make', 'not_one_of'])]
    #[TestWith([KitKind::Filter, ['make' => 'visual_front', 'seat' => 7, 'fixing' => 'taped'], 'seat', 'not_one_of'])]
    #[TestWith([KitKind::Filter, [], 'make', 'missing'])]
    public function testKitThatMakesNoSenseIsRefused(KitKind $kind, array $wrong, string $field, string $reason): void
    {
        $this->expectRefusal($field, $reason, static fn() => KitRecord::read($kind, $wrong + ($kind === KitKind::Camera ? self::CAMERA : [])));
    }

    /** @param array<string, mixed> $wrong */
    #[TestWith([['iso' => NAN], 'iso', 'out_of_range'])]
    #[TestWith([['hand_s' => 0], 'hand_s', 'out_of_range'])]
    #[TestWith([['finder' => 'gone'], 'finder', 'not_one_of'])]
    #[TestWith([['watched_by' => 7], 'watched_by', 'not_a_text'])]
    #[TestWith([['wanted' => 'all'], 'wanted', 'not_a_list_of_wishes'])]
    #[TestWith([['wanted' => [['from' => 'partial'] + self::WISH]], 'wanted.0.from', 'not_one_of'])]
    #[TestWith([['wanted' => [self::WISH, ['frames' => 0] + self::WISH]], 'wanted.1.frames', 'out_of_range'])]
    #[TestWith([['wanted' => [['frames' => 26] + self::WISH]], 'wanted.0.frames', 'too_many_exposures'])]
    #[TestWith([['wanted' => [['to' => 'corona_8', 'step_stops' => 0.5] + self::WISH]], 'wanted.0.frames', 'too_many_exposures'])]
    #[TestWith([['wanted' => [['step_stops' => 0] + self::WISH]], 'wanted.0.step_stops', 'out_of_range'])]
    public function testAProgrammeThatMakesNoSenseIsRefused(array $wrong, string $field, string $reason): void
    {
        $this->expectRefusal($field, $reason, static fn() => ProgrammeRecord::read($wrong + self::PROGRAMME));
    }

    /** A telescope has one f-number; a lens is not set wider than it is. */
    public function testACameraIsSetToWhatItHas(): void
    {
        $lens = Cameras::outfit(['optics' => Optics::of(OpticsBuild::Lens, 300, 9)]);
        $this->expectRefusal('f_number', 'beyond_the_kit', static fn() => $lens->check(Cameras::programme()));
        $this->expectRefusal('iso', 'beyond_the_kit', static fn() => Cameras::outfit()->check(Cameras::programme(isoFree: 12800.0)));
        Cameras::outfit()->check(ProgrammeRecord::read(self::PROGRAMME));
        self::assertSame(7.5, Cameras::outfit()->free(ProgrammeRecord::read(self::PROGRAMME))->fNumber);
        $this->expectRefusal('optics', 'missing', static fn() => Outfit::of(Cameras::camera(), null, null, null));
        self::assertSame(4.4, Outfit::of(Cameras::camera(isPhone: true), null, null, null)->optics->focalMm);
    }

    /**
     * By hand, 4 frames of 0.1 s and 0.5 s for the card: one after the other 4·0.6 s; with room for all, the card is the slowest, 0.1 + 4·0.5 s; with room for two the third
     * waits for the first. A slow shutter, two frames a second, waits by itself: the last begins at 1.5 s.
     */
    #[TestWith([1000.0, 1, 0.5, 2.4])]
    #[TestWith([1000.0, 4, 0.5, 2.1])]
    #[TestWith([1000.0, 2, 0.5, 2.1])]
    #[TestWith([2.0, 4, 0.05, 1.65])]
    #[TestWith([10.0, 4, 0.0, 0.4])]
    public function testABurstWaitsForTheSlowest(float $framesPerS, int $buffer, float $writeS, float $lastsS): void
    {
        $settings = Settings::of(8, 100);
        self::assertEqualsWithDelta($lastsS, Burst::of($framesPerS, $buffer)->lastsS([Shot::exposed(0.1, $settings, 4, $writeS)], $settings), 1e-9);
    }

    private function expectRefusal(string $field, string $reason, callable $asked): void
    {
        try {
            $asked();
            self::fail("{$field} was not refused");
        } catch (PhotoException $e) {
            self::assertSame([$field, $reason], [$e->field, $e->reason]);
        }
    }
}
