<?php

declare(strict_types=1);

namespace Tests\Feature\Event;

use App\Domain\RunSheet\EventSheet;
use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Jobs\Event\MakeForPlaces;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Event;
use App\Models\Role;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceBundle;
use App\Models\Sky\PlaceList;
use App\Models\Training\QueueCard;
use App\Models\User;
use App\Text\CueWords;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\UsualCue;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;
use ZipArchive;

/** Run sheets and kits of many places: each has its own times, and is there once however often it is taken up. */
final class BundleTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    private PlaceList $list;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['title' => 'Morning', 'eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        EventSheet::of($this->event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->with(
            Cue::of(Str::uuid7()->toString(), CueKind::Call, 'First bite', Anchor::C1),
            UsualCue::named('look-round')->cue(Str::uuid7()->toString(), ...CueWords::usual(UsualCue::named('look-round'))),
        ), $this->organiser);
        $this->list = $this->event->placeLists()->create(['uuid' => Str::uuid()->toString(), 'name' => 'District', 'size' => 3]);
        ListedPlace::query()->insert(array_map(fn(array $p, int $i): array => ['place_list_id' => $this->list->id, 'position' => $i, 'name' => $p[0], 'lat' => $p[1], 'lon' => $p[2], 'height_m' => 0], $places = [['Salt Pan School', 36.53, -6.29], ['Hill School', 40.42, -3.7], ['../Schule ß', 25.69, 32.64]], array_keys($places)));
        $this->actingAs($this->organiser);
    }

    /** Contacts of the same cue as the Sky page has them at each place: Cádiz 09:40:46 with totality, Madrid without, Luxor in Egypt's summer time. */
    public function testEachPlaceHasItsOwnTimes(): void
    {
        $this->compute();
        $form = ['uuid' => Str::uuid()->toString(), 'list' => $this->list->id, 'kind' => 'sheets', 'wall' => 'a4'];
        foreach ([1, 2] as $sent) {
            $this->post(route('bundles.store', $this->event), $form)->assertSessionHasNoErrors();
        }
        $bundle = PlaceBundle::query()->sole();
        self::assertSame(3, $bundle->made());
        $this->get(route('runsheet.places', $this->event))->assertOk()->assertSee('3 sheets.')->assertDontSee('has changed since');

        $zip = $this->zip($bundle);
        self::assertSame(['times.csv', '1-place-salt-pan-school/run-sheet.pdf', '1-place-salt-pan-school/run-sheet.ics', '2-place-hill-school/run-sheet.pdf', '2-place-hill-school/run-sheet.ics', '3-place-schule-ss/run-sheet.pdf', '3-place-schule-ss/run-sheet.ics'], array_keys($zip));
        foreach ([['1-place-salt-pan-school', '09:40:46', 'Filters may come off from'], ['2-place-hill-school', '09:4', 'Filters never come off at this place'], ['3-place-schule-ss', 'First bite', 'Filters may come off from']] as [$folder, $time, $caution]) {
            $text = self::text($zip["{$folder}/run-sheet.pdf"]);
            self::assertStringContainsString($time, $text, $folder);
            self::assertStringContainsString($caution, $text, $folder);
        }
        self::assertStringContainsString('TZID=Africa/Cairo', $zip['3-place-schule-ss/run-sheet.ics']);
        preg_match_all('/^UID:.*$/m', implode($zip), $uids);
        self::assertCount(12, array_unique($uids[0]), 'no two places have the same entry: three first bites, a look round and filters off, warning, on at two of them, and a maximum at the third');
        foreach (['1-place-salt-pan-school' => [1, 0], '2-place-hill-school' => [0, 1], '3-place-schule-ss' => [1, 0]] as $folder => $calls) {
            self::assertSame($calls, [substr_count($zip["{$folder}/run-sheet.ics"], 'SUMMARY:Look round'), substr_count($zip["{$folder}/run-sheet.ics"], 'SUMMARY:Maximum')], $folder);
        }

        $this->event->refresh()->update(['title' => 'Other']);
        $this->get(route('runsheet.places', $this->event))->assertSee('has changed since')->assertDontSee('.zip');
        $this->get(route('bundles.zip', [$this->event, $bundle]))->assertSessionHasErrors('list');
        $this->post(route('bundles.store', $this->event), ['uuid' => Str::uuid()->toString()] + $form)->assertSessionHasNoErrors();
        $this->get(route('runsheet.places', $this->event))->assertDontSee('has changed since');
        $bundle = PlaceBundle::query()->sole();
        $this->delete(route('bundles.destroy', [$this->event, $bundle]))->assertRedirect();
        $this->assertDatabaseCount('bundled_places', 0);
    }

    /** Times as in the run sheets above; a policy under which nobody looks directly holds at every school. */
    public function testAKitHasEverySchoolsOwnTimesAndFilters(): void
    {
        $this->compute();
        QueueCard::addUsual($this->event->organisation_id);
        $this->travel(1)->seconds();
        $ask = fn(string $wall) => $this->post(route('bundles.store', $this->event), ['uuid' => Str::uuid()->toString(), 'list' => $this->list->id, 'kind' => 'kit', 'wall' => $wall]);
        $ask('a3')->assertSessionHasErrors(['wall' => 'Choose a paper.']);
        $ask('letter')->assertSessionHasNoErrors()->assertRedirect(route('training.kit', $this->event));
        $bundle = PlaceBundle::query()->sole();
        $this->get(route('training.kit', $this->event))->assertOk()->assertSee('Kits for 3 schools.')->assertSee('With the 12 cards')->assertDontSee('has changed since');
        $this->get(route('runsheet.places', $this->event))->assertOk()->assertDontSee('Kits for');
        $this->get(route('training.kit.show', [$this->event, $bundle]))->assertOk()->assertSeeInOrder(['Salt Pan School', 'filters may come off from 10:45:31', '09:40:46', 'Hill School', 'filters stay on', '09:45:30'])->assertDontSee('make them again');

        $files = ['run-sheet.pdf', 'run-sheet.ics', 'handout.pdf', 'handout-large.pdf', 'handout-plain.pdf', 'cards.pdf'];
        $folders = ['1-place-salt-pan-school' => ['09:40:46', 'Filters may come off from 10:45:31'], '2-place-hill-school' => ['09:45:30', 'Filters never come off at this place'], '3-place-schule-ss' => ['11:40:17', 'Filters may come off from 13:02:12 to 13:08:20']];
        $zip = $this->zip($bundle);
        self::assertSame(['times.csv', ...array_merge(...array_map(static fn(string $folder): array => array_map(static fn(string $file): string => "{$folder}/{$file}", $files), array_keys($folders)))], array_keys($zip));
        foreach ($folders as $folder => [$time, $caution]) {
            foreach (['handout.pdf', 'handout-large.pdf', 'handout-plain.pdf', 'run-sheet.pdf'] as $file) {
                $text = self::text($zip["{$folder}/{$file}"]);
                self::assertStringContainsString($time, $text, "{$folder} {$file}");
                self::assertStringContainsString($caution, $text, "{$folder} {$file}");
            }
            self::assertSame(str_contains($caution, 'may come off'), str_contains(self::text($zip["{$folder}/cards.pdf"]), 'seven and a half minutes'), $folder);
        }
        $this->get(route('training.kit.file', [$this->event, $bundle, 1, 'handout.pdf']))->assertOk()->assertHeader('Content-Disposition', 'attachment; filename=hill-school-handout.pdf')->assertContent($zip['2-place-hill-school/handout.pdf']);
        $this->get("/events/{$this->event->id}/training/kit/{$bundle->id}/1/passwords.txt")->assertNotFound();
        $this->get(route('training.kit.file', [$this->event, $bundle, 3, 'handout.pdf']))->assertNotFound();

        // What another version of the program has made may say other rules.
        PlaceBundle::query()->update(['version' => str_repeat('0', 64)]);
        $this->get(route('training.kit.show', [$this->event, $bundle]))->assertSee('make them again')->assertDontSee('handout.pdf');
        $this->get(route('bundles.zip', [$this->event, $bundle]))->assertSessionHasErrors('list');
        PlaceBundle::query()->update(['version' => $bundle->version]);
        $this->get(route('training.kit.show', [$this->event, $bundle]))->assertSee('handout.pdf');

        $card = QueueCard::query()->firstOrFail();
        $this->travel(1)->seconds();
        $card->changeFrom($card->version, ['answer' => 'Another.']);
        $this->get(route('training.kit.show', [$this->event, $bundle]))->assertSee('make them again')->assertDontSee('handout.pdf');
        $this->get(route('training.kit.file', [$this->event, $bundle, 1, 'handout.pdf']))->assertRedirect(route('training.kit.show', [$this->event, $bundle]));
        $this->event->refresh()->update(['policy' => Policy::IndirectOnly]);
        $ask('a4')->assertSessionHasNoErrors();
        $strict = implode(array_map(static fn(string $file, string $content): string => str_ends_with($file, '.pdf') ? self::text($content) : $content, array_keys($zip = $this->zip(PlaceBundle::query()->sole())), $zip));
        self::assertSame([0, 8], [preg_match('/may come off from|may_come_off/', $strict), substr_count($strict, 'Filters stay on, in totality too')]);
    }

    /** A worker that was killed has made some of it: the next one makes the rest, and nothing twice. */
    public function testWhatIsTakenUpAgainIsThereOnce(): void
    {
        $this->compute();
        Queue::fake();
        $this->post(route('bundles.store', $this->event), ['uuid' => Str::uuid()->toString(), 'list' => $this->list->id, 'kind' => 'sheets', 'wall' => 'letter'])->assertSessionHasNoErrors();
        Queue::assertPushedTimes(MakeForPlaces::class, 1);
        $bundle = PlaceBundle::query()->sole();
        $this->get(route('bundles.zip', [$this->event, $bundle]))->assertSessionHasErrors('list');
        $bundle->places()->insert(['place_bundle_id' => $bundle->id, 'position' => 1, 'name' => 'made before']);
        foreach ([1, 2] as $time) {
            app()->call([new MakeForPlaces($bundle->id, 0), 'handle']);
        }
        self::assertSame([3, 1], [$bundle->made(), $bundle->places()->where('name', 'made before')->count()]);

        (new MakeForPlaces($bundle->id, 0))->failed();
        $bundle->places()->where('position', 2)->delete();
        $this->get(route('runsheet.places', $this->event))->assertSee('Making the rest was given up.');
        $this->post(route('bundles.again', [$this->event, $bundle]))->assertRedirect();
        Queue::assertPushedTimes(MakeForPlaces::class, 2);
        self::assertNull($bundle->refresh()->failed_at);
    }

    public function testWhatCannotBeAskedFor(): void
    {
        $ask = fn(int $list) => $this->post(route('bundles.store', $this->event), ['uuid' => Str::uuid()->toString(), 'list' => $list, 'kind' => 'sheets', 'wall' => 'a4']);
        $ask($this->list->id)->assertSessionHasErrors(['list' => 'Its times are not all computed yet: wait for that first.']);
        $other = $this->eventOf($this->organiser)->placeLists()->create(['uuid' => Str::uuid()->toString(), 'name' => 'Other', 'size' => 1]);
        $ask($other->id)->assertSessionHasErrors(['list' => 'Choose a list of places.']);
        $this->list->update(['size' => 1001]);
        $ask($this->list->id)->assertSessionHasErrors(['list' => 'At most 1000 places at once: cut the list in two.']);
        $this->post(route('bundles.store', $this->event), ['kind' => ['kit'], 'list' => ['1'], 'wall' => ['a4']])->assertSessionHasErrors(['kind' => 'This form is not whole: load the page again.', 'list', 'wall']);
        $this->actingAs($this->member(Role::Helper, $this->organiser->organisation));
        $ask($this->list->id)->assertForbidden();
    }

    private function compute(): void
    {
        (new ComputePlaces($this->list->id, 0))->handle(app(Eclipses::class), app(Gazetteer::class));
    }

    /** @return array<string, string> content by name */
    private function zip(PlaceBundle $bundle): array
    {
        $answer = $this->get(route('bundles.zip', [$this->event, $bundle]))->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $answer);
        $zip = new ZipArchive();
        self::assertTrue($zip->open($answer->getFile()->getPathname()));
        $files = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $files[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }

        return $files;
    }

    private static function text(string $pdf): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-'], base_path(), [], $pdf);
        $process->mustRun();

        return (string) preg_replace('/\s+/', ' ', $process->getOutput());
    }
}
