<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Drawings\Eyewear\ShadeScale;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A light meter, shade numbers and samples, as a page that stores nothing. */
final class MeasureTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    /** By hand: 1 ± 0.09 behind and 0 ± 0.05 in the dark, so 0.86 to 1.14 lx, over 104 000.1 to 95 999.9 lx. */
    public function testReadingsAreJudgedWithTheirDoubt(): void
    {
        $this->get(route('eyewear.measure', $this->event))->assertOk()->assertSee('= 0.00100 %; with the meter\'s uncertainty from 0.000827 % to 0.00119 %.')->assertSee('Within the limits, the uncertainty added');
        $this->get(route('eyewear.index', $this->event))->assertSee(route('eyewear.measure', $this->event));
        $fake = $this->get(route('eyewear.measure', [$this->event, 'part' => 'meter', 'behind_lx' => '120', 'resolution_lx' => '1']), ['X-Requested-With' => 'XMLHttpRequest']);
        $fake->assertOk()->assertSee('Outside the limits')->assertSee('Set the lot aside.')->assertDontSee('<html', false);
        $this->get(route('eyewear.measure', [$this->event, 'behind_lx' => '1', 'resolution_lx' => '1']))->assertSee('Undecided')->assertSee('it cannot show a good filter good');
        $this->get(route('eyewear.measure', [$this->event, 'open_lx' => '0,0']))->assertSessionHasErrors('open_lx');
        $this->get(route('eyewear.measure', [$this->event, 'dark_lx' => '50', 'behind_lx' => '1']))->assertSessionHasErrors('behind_lx');
    }

    /** Shade 14 is OD 39/7 (EN 169). */
    public function testShadesIntoEachOther(): void
    {
        $this->get(route('eyewear.measure', [$this->event, 'known' => 'number', 'value' => '14']))->assertSee("0.000268 % of the light = 1 in 373\u{202F}000 = optical density 5.571 = shade 14.00")->assertSee('Within the luminous band')->assertSee('Welding glass is of shade 14 or darker; where no shade is stamped on it, it is refused.');
        $this->get(route('eyewear.measure', [$this->event, 'known' => 'density', 'value' => '3,8']))->assertSee('optical density 3.800 = shade 9.87')->assertSee('Outside the luminous band');
        $this->get(route('eyewear.measure', [$this->event, 'known' => 'percent', 'value' => '0']))->assertSessionHasErrors('value');
        $this->get(route('eyewear.measure', [$this->event, 'known' => 'number', 'value' => '99']))->assertSessionHasErrors('value');
    }

    public function testWhatASampleTells(): void
    {
        $this->get(route('eyewear.measure', $this->event))->assertSee('With 95 % confidence at most 21 of 400 are bad (5.3 %).')->assertSee('To say that at most 4 are bad, 180 must be tested and none may fail.');
        $this->get(route('eyewear.measure', [$this->event, 'tested' => '401']))->assertSessionHasErrors('tested');
        $this->get(route('eyewear.measure', [$this->event, 'failed' => '51']))->assertSessionHasErrors('failed');
    }

    /** Between tube and secondary mirror (200 − 50)/2 mm are free. */
    public function testAMaskForATelescope(): void
    {
        $this->get(route('eyewear.measure', $this->event))->assertSee('An opening of 75.0 mm, its middle 62.5 mm from the axis')->assertSee('width="200mm"', false);
        $this->get(route('eyewear.measure', [$this->event, 'part' => 'mask', 'aperture_mm' => '80', 'obstruction_mm' => '0', 'vanes' => '0']), ['X-Requested-With' => 'XMLHttpRequest'])->assertOk()->assertSee('the filter takes the whole 80 mm')->assertDontSee('<html', false);
        $this->get(route('eyewear.measure', [$this->event, 'aperture_mm' => '100', 'obstruction_mm' => '95']))->assertSessionHasErrors('obstruction_mm');
        $this->get(route('eyewear.measure', [$this->event, 'vanes' => '2.5']))->assertSessionHasErrors('vanes');
    }

    public function testAFaceShieldAtTrueSize(): void
    {
        $this->get(route('eyewear.measure', $this->event))->assertSee('Two openings of 35.0 × 32.0 mm, 29.0 mm of card between them')->assertSeeInOrder(['width="250mm"', 'x="-49.5"', 'width="35"', 'x="14.5"'], false);
        $this->get(route('eyewear.measure', [$this->event, 'part' => 'shield', 'lens_width_mm' => '49', 'lens_height_mm' => '41']), ['X-Requested-With' => 'XMLHttpRequest'])->assertOk()->assertSee('43.0 × 35.0 mm, 21.0 mm')->assertDontSee('<html', false);
        $this->get(route('eyewear.measure', [$this->event, 'lens_width_mm' => '70']))->assertSessionHasErrors(['lens_width_mm' => 'The width of a lens in millimetres must lie between 15 and 62; 70 does not.']);
    }

    /** From OD 3 on the left to OD 8 on the right, a fifth of the width each. */
    public function testTheScale(): void
    {
        $scale = ShadeScale::of([1e-5, 1e-6, 0.5]);
        self::assertSame(['at' => 40.0, 'from' => 0.0, 'to' => 60.0], $scale->mark);
        self::assertEqualsWithDelta(['from' => 29.9, 'width' => 40.0], $scale->allowed, 0.01);
        self::assertEqualsWithDelta(['name' => 12, 'from' => 30.0, 'width' => 8.57], $scale->shades[3], 0.02);
        self::assertSame([[20.0, '0.01'], [40.0, '0.001'], [60.0, '0.0001'], [80.0, '0.00001']], array_map(static fn($tick): array => [$tick->at, $tick->label], $scale->percents));
        self::assertSame(100.0, ShadeScale::of([0.0, 0.0, 0.0])->mark['at'] ?? null);
        self::assertNull(ShadeScale::of(null)->mark);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'words' => [['dark_lx' => 'night'], 'dark_lx'],
            'too bright' => [['open_lx' => '1e9'], 'open_lx'],
            'a list' => [['value' => ['1']], 'value'],
            'another part' => [['part' => '../x'], 'part'],
            'no pair' => [['pairs' => '0'], 'pairs'],
            'half a pair' => [['tested' => '1.5'], 'tested'],
            'too sure' => [['confidence_percent' => '100'], 'confidence_percent'],
            'known by another word' => [['known' => 'sunglasses'], 'known'],
        ];
    }

    /** @param array<string, mixed> $query */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsField(array $query, string $field): void
    {
        $this->get(route('eyewear.measure', [$this->event, ...$query]))->assertRedirect(route('eyewear.measure', $this->event))->assertSessionHasErrors($field);
    }
}
