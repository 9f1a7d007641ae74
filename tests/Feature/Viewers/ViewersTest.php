<?php

declare(strict_types=1);

namespace Tests\Feature\Viewers;

use App\Domain\Sky\Eclipses;
use App\Models\Viewers\Viewer;
use Illuminate\Http\UploadedFile;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class ViewersTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const BOX = ['build' => 'box', 'name' => 'Cereal box', 'distance_mm' => '300', 'hole_mm' => '0,6', 'screen_side' => 'front'];

    public function testABoxIsDesignedKeptChangedAndRemoved(): void
    {
        $this->get(route('viewers.create', [$this->event, 'build' => 'box', 'distance_mm' => '300', 'hole_mm' => '0.6']))->assertOk()->assertSee('Shows the Sun')->assertSee('1.41·√(λL)');
        $this->post(route('viewers.store', $this->event), self::BOX + self::newForm());
        $viewer = Viewer::query()->firstOrFail();
        self::assertSame(0.6, $viewer->design->mm(Size::Hole));

        $this->put(route('viewers.update', [$this->event, $viewer]), ['hole_mm' => '6 mm'] + self::BOX + self::formOf($viewer))->assertRedirect();
        $this->get(route('viewers.show', [$this->event, $viewer]))->assertSee('Shows no Sun');
        $this->get(route('viewers.index', $this->event))->assertSeeInOrder(['Cereal box', '300', 'Shows no Sun']);
        $this->delete(route('viewers.destroy', [$this->event, $viewer]))->assertRedirect(route('viewers.index', $this->event));
        self::assertSame(0, Viewer::query()->count());
    }

    /** Every kind of the list has its bench, its form is kept as it was filled in, and what the page offers to begin with works. */
    public function testEveryBuildHasItsBench(): void
    {
        $start = $this->get(route('viewers.index', $this->event))->assertOk();
        foreach (Build::cases() as $build) {
            $design = DesignRecord::read(['build' => $build->value, 'text' => 'SOL'], isWhole: false);
            $record = array_map(strval(...), array_filter(DesignRecord::of($design), static fn(string $key): bool => $key !== 'kind', ARRAY_FILTER_USE_KEY));
            $start->assertSee("build={$build->value}", false);
            $this->get(route('viewers.create', [$this->event, 'build' => $build->value] + $record))->assertOk()->assertSee('From the side, to scale');
            $this->post(route('viewers.store', $this->event), ['name' => $build->value] + $record + self::newForm())->assertSessionHasNoErrors();
            $viewer = Viewer::query()->where('name', $build->value)->firstOrFail();
            self::assertEquals($design, $viewer->design);
            // The same once more changes nothing, whatever order the database keeps it in.
            $this->put(route('viewers.update', [$this->event, $viewer]), ['name' => $build->value] + $record + self::formOf($viewer))->assertSessionHasNoErrors();
            self::assertSame($viewer->version, $viewer->refresh()->version);
            $this->get(route('viewers.show', [$this->event, $viewer]))->assertOk();
        }
    }

    public function testThePreviewFollowsTheSizesAndStoresNothing(): void
    {
        // Source: D = L·2·tan(s/2); the Sun is 31.52′ wide that day (Astronomical Almanac range, from memory).
        $this->get(route('viewers.preview', [$this->event, 'build' => 'mailing_tube', 'distance_mm' => '0.9 m', 'hole_mm' => 1.2, 'screen_side' => 'behind']))
            ->assertOk()->assertSee('8.3 mm')->assertDontSee('<html', false);
        self::assertSame(0, Viewer::query()->count());
    }

    /** The bench asks for previews and pictures all the while; one that is asked beside the form takes nothing of it away. */
    public function testAPreviewBesideARefusedFormLeavesWhatWasTypedAndSaid(): void
    {
        $this->from(route('viewers.create', [$this->event, 'build' => 'box']))->post(route('viewers.store', $this->event), ['hole_mm' => '3 ft 2 in'] + self::BOX + self::newForm());
        $asked = route('viewers.preview', [$this->event, 'build' => 'box', 'distance_mm' => '300', 'hole_mm' => '0.6']);
        foreach ([1, 2] as $time) {
            $this->get($asked, ['X-Requested-With' => 'XMLHttpRequest'])->assertOk();
            $this->get(route('viewers.image', [$this->event, 'build' => 'box', 'distance_mm' => '300', 'hole_mm' => '1', 'at' => '1']), ['Sec-Fetch-Dest' => 'image'])->assertOk();
        }
        $this->get(route('viewers.create', [$this->event, 'build' => 'box']))->assertSee('one number with one unit')->assertSee('value="Cereal box"', false);
    }

    /** In another part of the world nothing of the eclipse is seen, or the Sun stands at the horizon all day: the bench works, and says so. */
    public function testWhereTheSunIsDownAllTheWhile(): void
    {
        foreach ([[-36.5, 173.7, 'the Sun is down here all the while'], [90.0, 0.0, 'From the side'], [-90.0, 180.0, 'From the side']] as [$lat, $lon, $words]) {
            $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => $lat, 'lon' => $lon, 'timezone' => 'UTC']);
            foreach (['box', 'telescope', 'mirror'] as $build) {
                $this->get(route('viewers.create', [$this->event, 'build' => $build]))->assertOk()->assertSee($words)->assertDontSee('drowns');
            }
            $this->get(route('viewers.image', [$this->event, 'build' => 'box', 'distance_mm' => '300', 'hole_mm' => '1', 'at' => '1']))->assertOk();
        }
    }

    public function testWhatCanBeBuiltFromWhatIsAtHand(): void
    {
        $ask = fn(array $query) => $this->get(route('viewers.index', [$this->event] + $query));
        $ask(['length' => '900 mm', 'things' => ['long_tube']])->assertOk()->assertSee('distance_mm=900', false)->assertSee('Long mailing tube')->assertDontSee('Two cards');
        $ask(['things' => ['sieve']])->assertSee('Colander')->assertDontSee('Flat mirror on a wall');
        $ask(['people' => '30'])->assertSee('Flat mirror on a wall')->assertSee('Two cards')->assertDontSee('Cup with a lens');
        $ask(['minutes' => '60'])->assertSee('Snack tube')->assertDontSee('Long mailing tube');
        $ask(['minutes' => '1', 'things' => ['box']])->assertSee('Nothing can be built so.');
        foreach ([['length' => '3 ft 2 in'], ['length' => '-5'], ['people' => '0'], ['minutes' => 'x'], ['things' => ['spoon']]] as $mistake) {
            $this->get(route('viewers.index', [$this->event] + $mistake))->assertRedirect(route('viewers.index', $this->event))->assertSessionHasErrors();
            $this->get(route('viewers.index', $this->event))->assertOk()->assertSee(is_array($typed = array_values($mistake)[0]) ? 'Choose from the list.' : "value=\"{$typed}\"", false);
        }
    }

    /** A design leaves as JSON and comes in again, here under a free name; the same form twice makes one. What is no design stores nothing. */
    public function testADesignLeavesComesInAndIsCopied(): void
    {
        $this->post(route('viewers.store', $this->event), self::BOX + self::newForm());
        $viewer = Viewer::query()->firstOrFail();
        $json = (string) $this->get(route('viewers.file', [$this->event, $viewer]))->assertOk()->assertHeader('Content-Type', 'application/json; charset=utf-8')->getContent();
        $form = self::newForm();
        $send = fn(string $content, array $form) => $this->post(route('viewers.file.store', $this->event), ['design' => UploadedFile::fake()->createWithContent('box.json', $content)] + $form);
        $send($json, $form)->assertSessionHasNoErrors();
        $send($json, $form)->assertSessionHasNoErrors();
        $this->post(route('viewers.copy', [$this->event, $viewer]), self::newForm())->assertSessionHasNoErrors();
        self::assertSame(['Cereal box', 'Cereal box 2', 'Cereal box 3'], Viewer::query()->orderBy('name')->pluck('name')->all());
        foreach (Viewer::query()->get() as $made) {
            self::assertEquals($viewer->design, $made->design);
        }
        foreach (['', '[]', '{"kind":"pinhole"', '{"kind":"pinhole","distance_mm":0,"hole_mm":1}', '{"kind":"pinhole","lid":1}', '{"finder":"painted","build":"telescope"}', str_repeat('[', 300000)] as $nonsense) {
            $send($nonsense, self::newForm())->assertSessionHasErrors('design');
        }
        self::assertSame(3, Viewer::query()->count());
        // A name that leaves no room for a number gives way to it.
        $viewer->update(['name' => $long = str_repeat('ñ', Viewer::LONGEST_NAME)]);
        $this->post(route('viewers.copy', [$this->event, $viewer]), self::newForm())->assertSessionHasNoErrors();
        self::assertSame([$long, str_repeat('ñ', Viewer::LONGEST_NAME - 2) . ' 2'], Viewer::query()->where('name', 'like', 'ñ%')->orderBy('id')->pluck('name')->all());
    }

    /** A drawing comes in as SVG, is kept with the design, and takes the place of the word; hostile ones are refused where they are chosen. */
    public function testAPatternIsDrawn(): void
    {
        $send = fn(string $svg) => $this->postJson(route('viewers.outline', $this->event), ['svg' => UploadedFile::fake()->createWithContent('a.svg', $svg)]);
        $outline = $send('<svg xmlns="http://www.w3.org/2000/svg"><circle cx="9" cy="9" r="5"/></svg>')->assertOk()->json('outline');
        self::assertIsString($outline);
        $this->post(route('viewers.store', $this->event), ['build' => 'pattern', 'name' => 'Ring', 'distance_mm' => '2000', 'hole_mm' => '4', 'figure_mm' => '40 cm', 'outline' => $outline] + self::newForm())->assertSessionHasNoErrors();
        $viewer = Viewer::query()->firstOrFail();
        // A round of 400 mm with 22.67 mm from hole to hole has room for π/asin(22.67/400) of them.
        $this->get(route('viewers.show', [$this->event, $viewer]))->assertOk()->assertSee($outline)->assertSeeInOrder(['Holes', '55']);
        foreach (['<svg><script/></svg>', '<svg><image href="https://example.org/a.png"/></svg>', str_repeat('<path d="M0 0L1 1"/>', 600000), 'no'] as $hostile) {
            $send($hostile)->assertStatus(422)->assertJsonValidationErrors('svg');
        }
        $this->post(route('viewers.store', $this->event), ['build' => 'pattern', 'name' => 'Word', 'distance_mm' => '2000', 'hole_mm' => '4', 'text' => ''] + self::newForm())->assertSessionHasErrors('text');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no hole' => [['hole_mm' => '0'], 'hole_mm'];
        yield 'blank' => [['hole_mm' => ''], 'hole_mm'];
        yield 'a window' => [['hole_mm' => '500'], 'hole_mm'];
        yield 'no box' => [['distance_mm' => '-5'], 'distance_mm'];
        yield 'words' => [['distance_mm' => 'long'], 'distance_mm'];
        yield 'two units' => [['distance_mm' => '1 ft 2 in'], 'distance_mm'];
        yield 'no side' => [['screen_side' => 'above'], 'screen_side'];
        yield 'nothing built' => [['build' => 'castle'], 'build'];
        yield 'no name' => [['name' => ''], 'name'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('mistakes')]
    public function testAMistakeIsNamedAtItsFieldAndNothingIsLost(array $change, string $field): void
    {
        $form = route('viewers.create', [$this->event, 'build' => 'box', 'distance_mm' => '310', 'hole_mm' => '0.6']);
        $this->from($form)->post(route('viewers.store', $this->event), $change + self::BOX + self::newForm())->assertRedirect($form)->assertSessionHasErrors($field);
        self::assertSame(0, Viewer::query()->count());
        $this->get($form)->assertOk()->assertSee($field === 'build' ? 'Choose what you build' : "{$field}-fault", false)->assertSee($field === 'name' ? '300' : 'Cereal box');
        $preview = array_diff_key($change + self::BOX, ['name' => '']);
        if ($field !== 'name') {
            $this->getJson(route('viewers.preview', [$this->event] + $preview))->assertUnprocessable();
        }
    }

    /** The picture at a moment, read back: a PNG whose bright part lies away from the Moon, and that goes dark with the Sun down. */
    public function testThePictureIsOfThatMoment(): void
    {
        $here = app(Eclipses::class)->at($this->event);
        $at = (int) $here->begins()->modify('+20 minutes')->format('U');
        $design = ['build' => 'mailing_tube', 'distance_mm' => '900', 'hole_mm' => '1.2'];
        // The Moon comes from the upper right, 344° from the zenith at C1 (plain vectors, core/tests/Sky): upside down that is
        // the lower right, turned by 180° the lower left.
        foreach (['front' => [1, 1], 'behind' => [-1, 1]] as $side => [$x, $y]) {
            $picture = $this->picture(['screen_side' => $side, 'at' => $at] + $design);
            self::assertSame([256, 256], [imagesx($picture), imagesy($picture)]);
            self::assertLessThan(self::grey($picture, -$x, -$y), self::grey($picture, $x, $y), $side);
        }
        $night = $this->picture(['at' => 0] + $design);
        self::assertGreaterThan(100, self::grey($night, 0, 0), 'a moment long before is the begin of the day, the Sun whole');
        $this->getJson(route('viewers.image', [$this->event] + $design))->assertUnprocessable();
        $this->getJson(route('viewers.image', [$this->event, 'at' => 'noon'] + $design))->assertUnprocessable();
    }

    /** @param array<string, mixed> $query */
    private function picture(array $query): \GdImage
    {
        $response = $this->get(route('viewers.image', [$this->event] + $query))->assertOk()->assertHeader('Content-Type', 'image/png');
        $picture = imagecreatefromstring((string) $response->getContent());
        self::assertNotFalse($picture);

        return $picture;
    }

    /** Mean grey of a spot in a quarter of the picture, near the Sun's upper or lower edge. */
    private static function grey(\GdImage $picture, int $x, int $y): float
    {
        $sum = 0;
        for ($i = -6; $i < 6; ++$i) {
            for ($j = -6; $j < 6; ++$j) {
                $sum += imagecolorsforindex($picture, (int) imagecolorat($picture, 128 + 20 * $x + $i, 128 + 62 * $y + $j))['red'];
            }
        }

        return $sum / 144;
    }
}
