<?php

declare(strict_types=1);

namespace Tests\Feature\Viewers;

use App\Models\StoredFile;
use App\Models\Viewers\Viewer;
use App\Models\Viewers\ViewerTrial;
use Illuminate\Http\UploadedFile;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Designs compared, chosen for the event, and tried out. */
final class ChosenViewersTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    public function testTwoToFourDesignsSideBySide(): void
    {
        $all = array_map(fn(Build $build): int => $this->viewer($build)->id, [Build::Box, Build::MailingTube, Build::Telescope, Build::Mirror, Build::Pattern]);
        $compare = fn(array $ids) => $this->get(route('viewers.compare', [$this->event, 'viewers' => $ids]));
        $compare(array_slice($all, 0, 4))->assertOk()
            ->assertSeeInOrder(['box', 'mailing_tube', 'mirror', 'telescope'])
            ->assertSeeInOrder(['2.8 mm', '8.3 mm', '183 mm', '90 mm'])
            ->assertSeeInOrder(['one for each', '2', '60', '20'])->assertSee('Yes, if');
        foreach ([[], [$all[0]], $all, ['x', 'y'], [$all[0], 999999]] as $wrong) {
            $this->from(route('viewers.index', $this->event))->get(route('viewers.compare', [$this->event, 'viewers' => $wrong]))->assertRedirect()->assertSessionHasErrors();
        }
    }

    /** A sharp picture is no permission: what the rule book refuses is refused in the list and side by side. */
    public function testWhatIsRefusedIsRefusedInEveryList(): void
    {
        $this->viewer(Build::Box);
        $this->event->viewers()->create(['name' => 'Cassegrain', 'design' => DesignRecord::read(['build' => 'telescope', 'instrument' => 'closed_mirror'], isWhole: false)]);
        $ids = Viewer::query()->pluck('id')->all();
        $refused = 'verdict-no" href="' . route('rules.book', $this->event) . '#closed-mirror-projection"';
        $this->get(route('viewers.index', $this->event))->assertOk()->assertSeeInOrder(['Cassegrain', $refused], false);
        $this->get(route('viewers.compare', [$this->event, 'viewers' => $ids]))->assertOk()->assertSee($refused, false);
    }

    /** What is wanted is in the list of what to make, and gives its method's station as many places as it has; nobody's number is lost by a mistake. */
    public function testWhatIsWantedIsNeededAndMakesAStation(): void
    {
        $this->event->update(['policy' => Policy::Mixed]);
        $mirror = $this->viewer(Build::Mirror);
        $tube = $this->viewer(Build::MailingTube);
        $this->put(route('viewers.wanted', [$this->event, $tube]), ['wanted' => '3', 'built' => '1'])->assertSessionHasNoErrors();
        $this->put(route('viewers.wanted', [$this->event, $mirror]), ['wanted' => '1', 'built' => '0'])->assertSessionHasNoErrors();
        foreach ([['wanted' => '-1', 'built' => '0'], ['wanted' => '1001', 'built' => '0'], ['wanted' => 'two', 'built' => '0'], ['wanted' => '2']] as $wrong) {
            $this->put(route('viewers.wanted', [$this->event, $tube]), $wrong)->assertSessionHasErrors();
        }
        $this->get(route('audience.list', $this->event))->assertOk()->assertSeeInOrder(['mailing_tube', 'each: a mailing tube, 75 mm wide', '3', '1', 'to build']);
        self::assertStringContainsString("mailing_tube: a mailing tube, 75 mm wide", (string) $this->get(route('audience.list.csv', $this->event))->getContent());
        $this->get(route('audience.stations', $this->event))->assertSee('no group goes to it yet');

        $group = $this->event->audienceGroups()->create(['name' => 'Club', 'people' => 30, 'band' => 'adult', 'eye_from_m' => 1.5, 'eye_to_m' => 1.8]);
        $this->put(route('audience.choose', [$this->event, $group]), ['version' => '1', 'method' => 'card', 'chosen' => '1'])->assertSessionHasNoErrors();
        // Three tubes, two people at each.
        $this->get(route('audience.stations.edit', [$this->event, 'card']))->assertOk()->assertSee('name="places" value="6"', false);
        $this->get(route('audience.stations', $this->event))->assertOk()->assertSee('3, 6 at once');
    }

    /** Written down once, held against the design of that day with the Sun of that day, and taken back by another entry. */
    public function testATryIsHeldAgainstTheDesign(): void
    {
        $tube = $this->viewer(Build::MailingTube);
        $page = route('viewers.trials', [$this->event, $tube]);
        $form = ['tried_on' => '2026-01-04', 'measured_mm' => '8,5 mm', 'uncertainty_mm' => '0.3', 'sharpness' => 'crisp', 'remark' => 'on the roof', 'photo' => UploadedFile::fake()->image('a.png', 20, 20)];
        $sent = $form + self::newForm();
        $this->post(route('viewers.trials.store', [$this->event, $tube]), $sent)->assertSessionHasNoErrors();
        $this->post(route('viewers.trials.store', [$this->event, $tube]), $sent)->assertSessionHasNoErrors();
        self::assertSame(1, ViewerTrial::query()->count());
        // In perihelion the Sun is 32′32″ wide (Astronomical Almanac, from memory): 8.52 mm at 900 mm.
        $this->get($page)->assertOk()->assertSeeInOrder(['on the roof', '8.50 ± 0.3 mm', '8.52 ± ', 'crisp', 'As designed']);
        $trial = ViewerTrial::query()->firstOrFail();
        $this->get(route('viewers.trials.photo', [$this->event, $tube, $trial]))->assertOk()->assertHeader('Content-Type', 'image/png')->assertHeader('Content-Security-Policy', "default-src 'none'; sandbox");

        // In aphelion it is 31′27″ wide: 11.0 mm is 1200 mm away, and the corrected design says so.
        $this->post(route('viewers.trials.store', [$this->event, $tube]), ['tried_on' => '2026-07-05', 'measured_mm' => '10.98', 'uncertainty_mm' => '0.2'] + self::newForm())->assertSessionHasNoErrors();
        $this->get($page)->assertSeeInOrder(['11.0 ± 0.2 mm', 'Not as designed', "about 1\u{202F}200 mm", 'The corrected design'])->assertSee('distance_mm=1200', false);

        // The design may change afterwards: what was tried was the one of then.
        $tube->update(['design' => DesignRecord::read(['build' => 'mailing_tube', 'distance_mm' => 500], isWhole: false)]);
        $this->get($page)->assertSee('8.52 ± ');
        $this->post(route('viewers.trials.void', [$this->event, $tube, $trial]), self::newForm())->assertSessionHasNoErrors();
        $this->post(route('viewers.trials.void', [$this->event, $tube, $trial]), self::newForm())->assertSessionHasNoErrors();
        $this->get($page)->assertDontSee('on the roof')->assertSee('Not as designed');
        self::assertSame(3, ViewerTrial::query()->count());
    }

    public function testAMistakeInATryIsNamedAtItsField(): void
    {
        $tube = $this->viewer(Build::MailingTube);
        $good = ['tried_on' => '2026-01-04', 'measured_mm' => '8.5'];
        foreach ([
            'measured_mm' => ['', '0', '-3', 'wide', '3 in 2 mm', '1e9'],
            'uncertainty_mm' => ['0', 'some'],
            'tried_distance_mm' => ['0', 'far'],
            'tried_hole_mm' => ['-1'],
            'tried_on' => ['', 'today', '2199-01-01', '1850-01-01'],
            'sharpness' => ['very'],
            'remark' => [str_repeat('x', 301)],
            'photo' => [UploadedFile::fake()->createWithContent('a.png', '<svg/>'), UploadedFile::fake()->createWithContent('a.pdf', '%PDF-1.4'), 'no file'],
        ] as $field => $values) {
            foreach ($values as $value) {
                $this->post(route('viewers.trials.store', [$this->event, $tube]), [$field => $value] + $good + self::newForm())->assertSessionHasErrors($field);
            }
        }
        self::assertSame([0, 0], [ViewerTrial::query()->count(), StoredFile::query()->count()]);
    }

    private function viewer(Build $build): Viewer
    {
        return $this->event->viewers()->create(['name' => $build->value, 'design' => DesignRecord::read(['build' => $build->value, 'text' => 'SOL'], isWhole: false)]);
    }
}
