<?php

declare(strict_types=1);

namespace Tests\Feature\Photo;

use App\Domain\Photo\EventCameras;
use App\Models\Photo\FilterCheck;
use App\Models\Photo\FilterTest;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use App\Models\Role;
use App\Text\TypedExposure;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\Rules\Level;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Kit of an organisation and its people; filters held against the Sun, and test shots through them. */
final class KitTest extends TestCase
{
    use RefreshDatabase;
    use WithCameras;
    use WithEvent;

    private const CAMERA = ['kind' => 'camera', 'name' => 'Body', 'is_phone' => '0', 'sensor_w' => '22,3', 'sensor_h' => '14.9', 'pixel_um' => '4.3', 'iso_least' => '100', 'iso_most' => '6400', 'frames_per_s' => '5', 'buffer_frames' => '12', 'write_s' => '0.4', 'focal_mm' => '', 'f_number' => ''];

    /** @param array<string, string> $form */
    #[TestWith([self::CAMERA, 'sensor_w', '22.3'])]
    #[TestWith([['name' => 'Phone', 'is_phone' => '1', 'focal_mm' => '4.4', 'f_number' => '1.8'] + self::CAMERA, 'f_number', '1.8'])]
    #[TestWith([['kind' => 'optics', 'name' => 'Tube', 'build' => 'refractor', 'focal_mm' => '600', 'f_number' => '7.5', 'aperture_mm' => ''], 'focal_mm', '600'])]
    #[TestWith([['kind' => 'filter', 'name' => 'Film', 'make' => 'photo_front', 'seat' => 'front', 'fixing' => 'taped', 'opening_mm' => '50'], 'opening_mm', '50'])]
    #[TestWith([['kind' => 'mount', 'name' => 'Tripod', 'tracks' => '0'], 'name', 'Tripod'])]
    public function testKitIsWrittenDownAndChanged(array $form, string $field, string $value): void
    {
        $this->get(route('photo.kit.create', [$this->event, $form['kind']]))->assertOk();
        $this->post(route('photo.kit.store', $this->event), $form + self::newForm())->assertSessionHasNoErrors();
        $item = KitItem::query()->sole();
        self::assertNull($item->owner_id);
        $this->get(route('photo.kit', $this->event))->assertOk()->assertSee($form['name']);
        $this->get(route('photo.kit.edit', [$this->event, $item]))->assertOk()->assertSee("name=\"{$field}\" value=\"{$value}\"", false);
        $this->put(route('photo.kit.update', [$this->event, $item]), ['name' => 'Mine', 'mine' => '1'] + array_diff_key($form, ['kind' => 1]) + self::formOf($item))->assertSessionHasNoErrors();
        self::assertSame(['Mine', $this->user->id], [$item->refresh()->name, $item->owner_id]);
    }

    /** @param array<string, string> $wrong */
    #[TestWith([['kind' => 'lamp'], 'kind'])]
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['sensor_h' => ''], 'sensor_h'])]
    #[TestWith([['sensor_w' => '', 'sensor_h' => ''], 'sensor_w'])]
    #[TestWith([['iso_most' => '50'], 'iso_most'])]
    #[TestWith([['pixel_um' => 'small'], 'pixel_um'])]
    #[TestWith([['is_phone' => '1'], 'focal_mm'])]
    #[TestWith([['write_s' => '9999'], 'write_s'])]
    public function testNonsenseIsRefusedAtItsField(array $wrong, string $field): void
    {
        $this->post(route('photo.kit.store', $this->event), $wrong + self::CAMERA + self::newForm())->assertSessionHasErrors($field);
        self::assertSame(0, KitItem::query()->count());
    }

    /** Organisers change all of it, checkers what is their own; a name stands once among those that are there. */
    public function testWhoMayChangeIt(): void
    {
        $checker = $this->member(Role::Checker, $this->user->organisation);
        $helper = $this->member(Role::Helper, $this->user->organisation);
        $theirs = self::kitOf($this->user, KitKind::Mount);
        $own = self::kitOf($this->user, KitKind::Mount);
        $own->update(['owner_id' => $checker->id]);
        $this->actingAs($checker);
        $this->get(route('photo.kit.edit', [$this->event, $own]))->assertOk();
        $this->get(route('photo.kit.edit', [$this->event, $theirs]))->assertForbidden();
        $this->actingAs($helper)->get(route('photo.kit.create', [$this->event, 'mount']))->assertForbidden();
        // An organiser who changes another's piece leaves it theirs.
        $this->actingAs($this->user)->put(route('photo.kit.update', [$this->event, $own]), ['name' => 'Tripod', 'tracks' => '0'] + self::formOf($own))->assertSessionHasNoErrors();
        self::assertSame($checker->id, $own->refresh()->owner_id);
        $this->post(route('photo.kit.store', $this->event), ['kind' => 'mount', 'name' => 'Tripod', 'tracks' => '0'] + self::newForm())->assertSessionHasErrors('name');
    }

    /** What was seen last counts, and only on the day it is asked for anew. */
    public function testAFilterIsHeldAgainstTheSun(): void
    {
        $plan = self::cameraOf($this->event, $this->user);
        $filter = $plan->filter ?? self::fail('no filter');
        $this->assertLevel(Level::Yes, $plan);
        $this->post(route('photo.filter.check', [$this->event, $filter]), self::newForm())->assertSessionHasErrors('none');
        $this->post(route('photo.filter.check', [$this->event, $filter]), ['none' => '1', 'flaws' => ['hole']] + self::newForm())->assertSessionHasErrors('none');
        $this->post(route('photo.filter.check', [$this->event, $filter]), ['flaws' => ['hole', 'spoon']] + self::newForm())->assertSessionHasErrors('flaws.1');
        $this->post(route('photo.filter.check', [$this->event, $filter]), $hole = ['flaws' => ['hole']] + self::newForm())->assertSessionHasNoErrors();
        $this->post(route('photo.filter.check', [$this->event, $filter]), $hole)->assertSessionHasNoErrors();
        self::assertSame(2, FilterCheck::query()->count());
        $this->assertLevel(Level::No, $plan);
        $this->get(route('photo.filter', [$this->event, $filter]))->assertOk()->assertSee('a hole or a bright point');
        $this->get(route('photo.show', [$this->event, $plan]))->assertOk()->assertSee('No picture is planned');
        $this->post(route('photo.filter.check', [$this->event, $filter]), ['none' => '1'] + self::newForm());
        $this->assertLevel(Level::Yes, $plan);
        // On the day it is to be done again, by the clock of the place.
        Date::setTestNow('2027-08-01 22:30:00');
        $this->assertLevel(Level::Hold, $plan);
        $this->get(route('photo.index', $this->event))->assertSee('1 filter to be checked');
        FilterCheck::makeOnce(Str::uuid()->toString(), ['filter_id' => $filter->id, 'flaws' => [], 'checked_by' => $this->user->id, 'checked_at' => now()]);
        $this->assertLevel(Level::Yes, $plan);
    }

    /**
     * By hand: f/7.5, ISO 100 and 1/2000 s well exposed is Q = log₂(56.25·20) = 10.136; at noon of 3 October the Sun stands 49.3° high at Cádiz and is dimmed
     * by 0.096 stops. A test shot that is taken back counts no more.
     */
    public function testATestShotCountsForEveryCameraWithTheFilter(): void
    {
        $plan = self::cameraOf($this->event, $this->user);
        $filter = $plan->filter ?? self::fail('no filter');
        $shot = ['taken_at' => '2026-10-03T14:13', 'exposure' => '1/2000', 'f_number' => '7,5', 'iso' => '100', 'percent' => '75', 'remark' => ''];
        foreach ([['exposure' => '1/0', 'field' => 'exposure'], ['percent' => '99', 'field' => 'percent'], ['iso' => 'x', 'field' => 'iso'], ['taken_at' => '2027-10-03T14:00', 'field' => 'taken_at'], ['taken_at' => '2026-10-03T23:00', 'field' => 'taken_at'], ['taken_at' => 'noon', 'field' => 'taken_at']] as $wrong) {
            $this->post(route('photo.filter.test', [$this->event, $filter]), $wrong + $shot + self::newForm())->assertSessionHasErrors($wrong['field']);
        }
        $this->post(route('photo.filter.test', [$this->event, $filter]), $shot + self::newForm())->assertSessionHasNoErrors();
        $cameras = app(EventCameras::class);
        self::assertEqualsWithDelta(10.136 + 0.096, $cameras->realQ($filter), 0.003);
        $this->get(route('photo.filter', [$this->event, $filter]))->assertOk()->assertSee('Q is 10.2 by the newest test shot')->assertSee('10.23')->assertSee('49°');
        // The table's 11 is 0.768 stops brighter.
        $q = static fn(): float => $cameras->of($plan->refresh())->partial[0]->exposure->q;
        $tested = $q();
        $test = FilterTest::query()->sole();
        $this->post(route('photo.filter.void', [$this->event, $filter, $test]), self::newForm())->assertSessionHasNoErrors();
        $this->post(route('photo.filter.void', [$this->event, $filter, $test]), self::newForm())->assertSessionHasNoErrors();
        self::assertSame(2, FilterTest::query()->count());
        self::assertEqualsWithDelta(0.768, $q() - $tested, 0.003);
    }

    #[TestWith(['1/250', 0.004])]
    #[TestWith(['1/250 s', 0.004])]
    #[TestWith(['0,5', 0.5])]
    #[TestWith(['2″', 2.0])]
    #[TestWith(['1/0', null])]
    #[TestWith(['1/2/3', null])]
    #[TestWith(['fast', null])]
    #[TestWith(['', null])]
    public function testExposuresAsPeopleTypeThem(string $typed, ?float $seconds): void
    {
        self::assertSame($seconds, TypedExposure::parse($typed));
    }

    private function assertLevel(Level $level, PhotoPlan $plan): void
    {
        self::assertSame($level, app(EventCameras::class)->of(PhotoPlan::query()->findOrFail($plan->id))->verdict()->level);
    }
}
