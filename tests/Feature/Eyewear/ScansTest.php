<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Drawings\Eyewear\SpectrumCurves;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotScan;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use KeenShadow\Core\Eyewear\Spectrum\Scan;
use KeenShadow\Core\Eyewear\Spectrum\ScanUnit;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Scans of a lot: stored as they were measured, judged as they are shown, over each other. */
final class ScansTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private Lot $lot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
    }

    public function testAScanIsAddedShownRemovedAndBroughtBack(): void
    {
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertOk()->assertSee('Add what a spectrophotometer measured');
        $this->add('Tag 3', 'right', self::table(1e-5))->assertRedirect(route('eyewear.scans', [$this->event, $this->lot]))->assertSessionHasNoErrors();
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertOk()->assertSeeInOrder(['Tag 3, right lens', 'OD 5.00, shade 12.7', 'met', '0.00100 %', 'met', 'at most 0.00100 %', 'met', 'met'])->assertDontSee('verdict-no', false);
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Papers in order')->assertSee('1 scan');

        // A right and a left lens are held against each other: 1.5 times as much is too much, and the lot is not handed out.
        $this->add('Tag 3', 'left', self::table(1.5e-5));
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertSee('Right and left: 1.50 times as much light through one as through the other, at most 1.2; not met.');
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSeeInOrder(['Do not hand out', 'A scan does not meet what ISO 12312-2 asks of a spectrum.']);
        $left = LotScan::query()->where('lens', 'left')->sole();
        $this->delete(route('eyewear.scans.destroy', [$this->event, $this->lot, $left]))->assertSessionHas('undo');
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Papers in order');
        $this->post(route('eyewear.scans.restore', [$this->event, $this->lot, $left]));
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Do not hand out');
        $other = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
        $this->delete(route('eyewear.scans.destroy', [$this->event, $other, $left]))->assertNotFound();
    }

    /** Right to the eye and open to infrared; where it hangs on the weighting the lot is on hold; a range that ends early says nothing against it. */
    #[TestWith([0.3, 780, 1400, 'Do not hand out'])]
    #[TestWith([0.3, 900, 1400, 'Hold'])]
    #[TestWith([0.001, 780, 1100, 'Papers in order'])]
    public function testWhatAScanSaysOfTheLot(float $infrared, int $fromNm, int $toNm, string $word): void
    {
        $this->add('A', 'right', "nm,transmittance\n" . implode("\n", array_map(static fn(int $nm): string => $nm . ',' . ($nm >= $fromNm ? $infrared : 1e-5), range(280, $toNm))))->assertSessionHasNoErrors();
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee($word);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function add(string $name, string $lens, string $text, string $as = 'scan.csv'): TestResponse
    {
        return $this->post(route('eyewear.scans.store', [$this->event, $this->lot]), self::newForm() + ['name' => $name, 'lens' => $lens, 'file' => UploadedFile::fake()->createWithContent($as, $text)]);
    }

    #[TestWith(["nm,transmittance\n500,dark\n", 'file'])]
    #[TestWith(["nm,transmittance\n0.5,0.1\n", 'file'])]
    #[TestWith(['', 'file'])]
    #[TestWith(['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'file'])]
    #[TestWith(["\x00\xff\xfe\x81", 'file'])]
    public function testABadFileIsRefusedAndDoesNoHarm(string $text, string $field): void
    {
        $this->add('A', 'right', $text, 'x.svg')->assertSessionHasErrors($field);
        $this->add('', 'middle', self::table(1e-5))->assertSessionHasErrors(['name', 'lens']);
        $this->post(route('eyewear.scans.store', [$this->event, $this->lot]), self::newForm() + ['name' => 'A', 'lens' => 'right', 'file' => UploadedFile::fake()->create('large.csv', 20480)])->assertSessionHasErrors('file');
        self::assertSame(0, LotScan::query()->count());
    }

    /** The same form twice is one scan; another one under its number is told and not dropped. */
    public function testTheSameScanSentTwice(): void
    {
        $form = self::newForm();
        $send = fn(string $text, array $with = []) => $this->post(route('eyewear.scans.store', [$this->event, $this->lot]), $with + $form + ['name' => 'A', 'lens' => 'right', 'file' => UploadedFile::fake()->createWithContent('a.csv', $text)]);
        $send(self::table(1e-5))->assertSessionHasNoErrors();
        $send(self::table(1e-5))->assertSessionHasNoErrors();
        $send(self::table(2e-5))->assertSessionHasErrors('version');
        self::assertSame(1, LotScan::query()->count());
    }

    public function testACheckerLooksAndDoesNotAdd(): void
    {
        $this->actingAs($this->member(Role::Checker, $this->user->organisation));
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertOk()->assertDontSee('Add this scan');
        $this->add('A', 'right', self::table(1e-5))->assertForbidden();
    }

    public function testALotHasOnlySoManyScans(): void
    {
        for ($i = 1; $i <= LotScan::MOST_OF_A_LOT; ++$i) {
            $this->add("A{$i}", 'right', self::table(1e-5, 100))->assertSessionHasNoErrors();
        }
        $this->add('One more', 'right', self::table(1e-5))->assertSessionHasErrors('file');
    }

    /** From 280 nm on the left to 1400 nm on the right, from all of the light at the top, eight decades down; a gap is none. */
    public function testTheCurves(): void
    {
        $curves = SpectrumCurves::of(['Flat' => Scan::of(ScanUnit::OpticalDensity, [[280.0, 5.0], [290.0, 5.0], [1000.0, 2.0]])]);
        self::assertSame('M0 62.5L0.18 62.5L0.36 62.5L0.54 62.5L0.71 62.5L0.89 62.5M64.29 25', $curves->curves[0]['path']);
        self::assertNull($curves->curves[0]['limit']);
        self::assertEqualsWithDelta([8.93, 35.71, 56.19, 25.0], array_values($curves->allowed), 0.01);
        self::assertEqualsWithDelta([44.64, 19.04], array_values($curves->infrared), 0.01);
        self::assertSame([8.93, [1.79, '300'], [0.0, '100 %'], [25.0, '1 %']], [$curves->ultraviolet['to'], [$curves->wavelengths[0]->at, $curves->wavelengths[0]->label], [$curves->percents[0]->at, $curves->percents[0]->label], [$curves->percents[1]->at, $curves->percents[1]->label]]);
        self::assertStringStartsWith('{"from":280,"step":5,"curves":[{"name":"Flat","at":[1.0e-5,1.0e-5,1.0e-5,null,', $curves->values);
    }

    private static function table(float $tau, int $step = 1): string
    {
        return "nm,transmittance\n" . implode("\n", array_map(static fn(int $nm): string => "{$nm},{$tau}", range(280, 1400, $step))) . "\n";
    }
}
