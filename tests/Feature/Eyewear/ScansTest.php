<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Drawings\Eyewear\SpectrumCurves;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotScan;
use App\Models\Eyewear\MeterReading;
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
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertOk()->assertSeeInOrder(['Tag 3, right lens', 'OD 5.00, shade 12.7', 'Luminous', 'met', 'from 0.0000320 % to 0.00320 %', '0.00100 %', '3.20 times inside', 'UV-A', 'met', 'at most 0.00100 %', 'from 0.00100 % to 0.00100 %, mean 0.00100 %, weighted with the Sun 0.00100 %', '1.00 times inside', 'Infrared', 'at most 3.00 %'])->assertDontSee('verdict-no', false);
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Papers in order')->assertSee('1 scan');

        // A right and a left lens are held against each other: 1.5 times as much is too much, and the lot is not handed out.
        $this->add('Tag 3', 'left', self::table(1.5e-5));
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertSee('Tag 3, right and left: 1.50 times as much light through one as through the other, at most 1.2; not met.');
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSeeInOrder(['Do not hand out', 'The right and the left lens of a pair differ by more than 20 %.']);
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

    /** Several scans of one lens are of several places of it; lenses of two pairs are not held against each other. */
    public function testPlacesOfALensAreHeldAgainstEachOther(): void
    {
        $this->add('Tag 3', 'right', self::table(1e-5));
        $this->add('Tag 4', 'left', self::table(2e-5));
        $this->add('Tag 3', 'right', self::table(1.09e-5));
        $shown = $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertSee('Tag 3, right lens, place by place: 1.09 times as much light through the lightest as through the darkest, at most 1.1; met.')->assertDontSee('right and left:');
        self::assertSame(3, substr_count((string) $shown->getContent(), '>Infrared</th>'));
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Papers in order');
        $this->add('Tag 3', 'right', self::table(1.2e-5));
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSeeInOrder(['Do not hand out', 'A lens is uneven: from place to place it differs by more than 10 %.']);
    }

    /** Common practice: 90 of 100 000 lx behind it is a fake; 1 lx of a meter that shows tenths is within; nothing at all decides nothing. */
    public function testAMeterCanShowAFakeAndNoGoodOneGood(): void
    {
        $read = fn(string $behind, string $what = 'Tag 3', string $open = '100000') => $this->post(route('eyewear.readings.store', [$this->event, $this->lot]), ['what' => $what, 'dark_lx' => '0', 'open_lx' => $open, 'behind_lx' => $behind, 'resolution_lx' => '0,1', 'accuracy_percent' => '4'] + self::newForm());
        $read('1')->assertSessionHasNoErrors();
        $read('0')->assertSessionHasNoErrors();
        $this->get(route('eyewear.scans', [$this->event, $this->lot]))->assertSeeInOrder(['Light meter', 'Tag 3', 'met', '0.00100 %', 'undecided']);
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Papers in order');
        $read('90', 'Fake')->assertSessionHasNoErrors();
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSeeInOrder(['Do not hand out', 'A light meter finds it outside the limits']);
        $fake = MeterReading::query()->where('name', 'Fake')->sole();
        $this->delete(route('eyewear.readings.destroy', [$this->event, $this->lot, $fake]))->assertSessionHas('undo');
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Papers in order');
        $this->post(route('eyewear.readings.restore', [$this->event, $this->lot, $fake]));
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSee('Do not hand out');
        $read('1', '')->assertSessionHasErrors('what');
        $read('x')->assertSessionHasErrors('behind_lx');
        $read('0', 'Night', '0')->assertSessionHasErrors('open_lx');
        self::assertSame(3, MeterReading::query()->count());
    }

    /** Curves of several lots over each other, as many as are chosen; none of another organisation. */
    public function testSeveralLotsOverEachOther(): void
    {
        $this->add('Tag 1', 'right', self::table(1e-5, 20));
        $other = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'label' => 'Other']);
        $foreign = Lot::factory()->create(['label' => 'Foreign']);
        $page = route('eyewear.spectra', $this->event);
        $this->get($page)->assertOk()->assertSee($this->lot->label)->assertDontSee('Other')->assertDontSee('<path class="spectrum-curve', false);
        $first = $this->lot;
        $this->lot = $other;
        $this->add('Tag 2', 'left', self::table(2e-5, 20));
        $this->get($page . '?' . http_build_query(['lots' => [$first->id, $other->id, $foreign->id, 'x']]))->assertOk()->assertSeeInOrder(["{$first->label}: Tag 1, right lens", 'Other: Tag 2, left lens'])->assertDontSee('Foreign');
        $this->get($page . '?lots=7')->assertOk();
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
