<?php

declare(strict_types=1);

namespace Tests\Feature\Viewers;

use App\Domain\Sky\Eclipses;
use App\Drawings\Viewers\ScreenImage;
use App\Models\Viewers\Viewer;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\ScreenSide;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class ViewersTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const BOX = ['name' => 'Cereal box', 'distance_mm' => '300', 'hole_mm' => '0,6', 'screen_side' => 'front'];

    public function testABoxIsDesignedKeptChangedAndRemoved(): void
    {
        $this->get(route('viewers.create', $this->event))->assertOk()->assertSee('Shows the Sun')->assertSee('1.41·√(λL)');
        $this->post(route('viewers.store', $this->event), self::BOX + self::newForm());
        $viewer = Viewer::query()->firstOrFail();
        self::assertSame(0.6, $viewer->hole_mm);

        $this->put(route('viewers.update', [$this->event, $viewer]), ['hole_mm' => '6'] + self::BOX + self::formOf($viewer))->assertRedirect();
        $this->get(route('viewers.show', [$this->event, $viewer]))->assertSee('Shows no Sun');
        $this->get(route('viewers.index', $this->event))->assertSeeInOrder(['Cereal box', '300', 'Shows no Sun']);
        $this->delete(route('viewers.destroy', [$this->event, $viewer]))->assertRedirect(route('viewers.index', $this->event));
        self::assertSame(0, Viewer::query()->count());
    }

    public function testThePreviewFollowsTheSizesAndStoresNothing(): void
    {
        // Source: D = L·2·tan(s/2); the Sun is 31.52′ wide that day (Astronomical Almanac range, from memory).
        $this->get(route('viewers.preview', [$this->event, 'distance_mm' => 900, 'hole_mm' => 1.2, 'screen_side' => 'behind']))
            ->assertOk()->assertSee('8.3 mm')->assertDontSee('<html', false);
        self::assertSame(0, Viewer::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no hole' => [['hole_mm' => '0'], 'hole_mm'];
        yield 'a window' => [['hole_mm' => '500'], 'hole_mm'];
        yield 'no box' => [['distance_mm' => '-5'], 'distance_mm'];
        yield 'words' => [['distance_mm' => 'long'], 'distance_mm'];
        yield 'no side' => [['screen_side' => 'above'], 'screen_side'];
        yield 'no name' => [['name' => ''], 'name'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('mistakes')]
    public function testAMistakeIsNamedAtItsFieldAndNothingIsLost(array $change, string $field): void
    {
        $form = route('viewers.create', $this->event);
        $this->from($form)->post(route('viewers.store', $this->event), $change + self::BOX + self::newForm())->assertRedirect($form)->assertSessionHasErrors($field);
        self::assertSame(0, Viewer::query()->count());
        $this->get($form)->assertOk()->assertSee("{$field}-fault", false)->assertSee($field === 'name' ? '300' : 'Cereal box');
        $preview = array_diff_key($change + self::BOX, ['name' => '']);
        if ($field !== 'name') {
            $this->getJson(route('viewers.preview', [$this->event] + $preview))->assertUnprocessable();
        }
    }

    /**
     * The picture against geometry: with the Sun at one's back the image is upside down, and seen from behind a
     * translucent screen it is turned by 180°. Both keep the Moon's distance from the Sun's centre.
     */
    public function testTheImageIsTurnedAsAHoleTurnsIt(): void
    {
        $here = app(Eclipses::class)->at($this->event);
        $view = $here->at($here->begins()->modify('+20 minutes'));
        $pinhole = Pinhole::of(900, 1.2, 2 * $view->sunSemidiameterDeg());
        $front = ScreenImage::of($pinhole, $view, ScreenSide::Front);
        $behind = ScreenImage::of($pinhole, $view, ScreenSide::Behind);

        // The Moon comes from the upper right, 344° from the zenith at C1 (plain vectors, core/tests/Sky); upside down that
        // is the lower right, and SVG's y runs downwards.
        self::assertGreaterThan(0, $front->moonXMm);
        self::assertGreaterThan(0, $front->moonYMm);
        self::assertSame(-$front->moonXMm, $behind->moonXMm);
        self::assertSame($front->moonYMm, $behind->moonYMm);
        self::assertEqualsWithDelta($view->separation() * $front->sunRadiusMm, hypot($front->moonXMm, $front->moonYMm), 0.001);
    }
}
