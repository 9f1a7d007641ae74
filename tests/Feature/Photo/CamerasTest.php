<?php

declare(strict_types=1);

namespace Tests\Feature\Photo;

use App\Domain\Event\EventReader;
use App\Domain\Photo\EventCameras;
use App\Domain\RunSheet\EventSheet;
use App\Models\Photo\KitItem;
use App\Models\Photo\PhotoPlan;
use Illuminate\Support\Arr;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Photo\Kit\KitKind;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Cameras of an event: what they are to do is written down, tried out, changed, removed and brought back; their lines go to the run sheet. */
final class CamerasTest extends TestCase
{
    use RefreshDatabase;
    use WithCameras;
    use WithEvent;

    public function testAnEventWithoutCamerasSaysWhatTheyAreFor(): void
    {
        $this->get(route('photo.index', $this->event))->assertOk()->assertSee('No camera is planned yet.')->assertSee('Totality is short')->assertSee('no camera planned');
        $this->get(route('photo.create', $this->event))->assertOk()->assertSee('Write down a camera first');
        $this->get(route('photo.kit', $this->event))->assertOk()->assertSee('None yet.');
    }

    public function testACameraIsPlannedSavedAndShown(): void
    {
        $form = $this->form();
        $this->get(route('photo.preview', ['event' => $this->event] + $form), ['X-Requested-With' => 'XMLHttpRequest'])->assertOk()->assertSee('Clouded until the last 40 s')->assertSee('1/6400');
        $answer = $this->post(route('photo.store', $this->event), $form + self::newForm() + ['name' => 'Refractor'])->assertSessionHasNoErrors();
        $plan = PhotoPlan::query()->sole();
        $answer->assertRedirect(route('photo.show', [$this->event, $plan]));
        // By rank, and named by what they are where nobody has named them; of one name only one.
        self::assertSame(['Beads of light', 'Corona at 0.1 to 4 radii', 'Beads of light 2'], Arr::pluck((array) $plan->programme['wanted'], 'name'));
        $this->get(route('photo.show', [$this->event, $plan]))->assertOk()->assertSee('Refractor')->assertSee('without filter');
        self::cameraOf($this->event, $this->user);
        $this->get(route('photo.index', $this->event))->assertOk()->assertSee('Omar watches more than one camera.')->assertSee('2 cameras');
        $this->post(route('photo.cues', $this->event))->assertSessionHas('status', '10 lines are on the run sheet; it has an undo of its own.');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is typed, and the field that is named */
    public static function nonsense(): iterable
    {
        yield 'no camera' => [['camera_id' => ''], 'camera_id'];
        yield 'a filter for a camera' => [['camera_id' => 'filter'], 'camera_id'];
        yield 'nothing to look through' => [['optics_id' => ''], 'optics_id'];
        yield 'no number' => [['iso' => 'much'], 'iso'];
        yield 'more than it has' => [['iso' => '12800'], 'iso'];
        yield 'no time for a hand' => [['hand_s' => ''], 'hand_s'];
        yield 'a finder that there is not' => [['finder' => 'lost'], 'finder'];
        yield 'a wish for a phase that is none' => [['wanted' => [['rank' => '1', 'from' => 'moon', 'frames' => '1', 'step_stops' => '1', 'when' => 'first', 'pause_s' => '0']]], 'wanted.0.from'];
        yield 'the second row of the form, the first by rank' => [['wanted' => [3 => ['rank' => '2', 'from' => 'beads', 'frames' => '1', 'step_stops' => '1', 'when' => 'first', 'pause_s' => '0'], 5 => ['rank' => '1', 'from' => 'beads', 'frames' => '0', 'step_stops' => '1', 'when' => 'first', 'pause_s' => '0']]], 'wanted.5.frames'];
        yield 'more wishes than there may be' => [['wanted' => array_fill(0, 21, ['from' => ''])], 'wanted'];
    }

    /** @param array<string, mixed> $typed */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsField(array $typed, string $field): void
    {
        $form = $this->form();
        $typed = ($typed['camera_id'] ?? '') === 'filter' ? ['camera_id' => $form['filter_id']] : $typed;
        $this->post(route('photo.store', $this->event), $typed + $form + self::newForm() + ['name' => 'Refractor'])->assertSessionHasErrors($field);
        $this->getJson(route('photo.preview', ['event' => $this->event] + $typed + $form))->assertStatus(422)->assertJsonValidationErrors($field);
        self::assertSame(0, PhotoPlan::query()->count());
    }

    public function testAnotherOrganisationsKitIsNotChosen(): void
    {
        $foreign = self::kitOf($this->member(), KitKind::Camera);
        $this->post(route('photo.store', $this->event), ['camera_id' => $foreign->id] + $this->form() + self::newForm() + ['name' => 'Refractor'])->assertSessionHasErrors('camera_id');
    }

    public function testWhoSawAnOlderVersionIsToldAndTheSameTwiceIsOne(): void
    {
        $form = $this->form() + ['name' => 'Refractor'];
        $new = self::newForm();
        $this->post(route('photo.store', $this->event), $form + $new);
        $this->post(route('photo.store', $this->event), $form + $new)->assertSessionHasNoErrors();
        $plan = PhotoPlan::query()->sole();
        $seen = self::formOf($plan);
        $this->put(route('photo.update', [$this->event, $plan]), ['iso' => '200'] + $form + $seen)->assertSessionHasNoErrors();
        $this->put(route('photo.update', [$this->event, $plan]), ['iso' => '200'] + $form + $seen)->assertSessionHasNoErrors();
        $this->put(route('photo.update', [$this->event, $plan]), ['iso' => '400'] + $form + $seen)->assertSessionHasErrors('version');
        self::assertEquals(200, $plan->refresh()->programme['iso']);
    }

    public function testWhatIsRemovedComesBackUnlessItsNameIsTaken(): void
    {
        $plan = self::cameraOf($this->event, $this->user);
        $this->delete(route('photo.destroy', [$this->event, $plan]))->assertSessionHas('undo');
        $this->get(route('photo.show', [$this->event, $plan]))->assertNotFound();
        $other = self::cameraOf($this->event, $this->user);
        $other->update(['name' => $plan->name]);
        $this->post(route('photo.restore', [$this->event, $plan]))->assertSessionHasErrors('name');
        $other->update(['name' => 'Another']);
        $this->post(route('photo.restore', [$this->event, $plan]))->assertSessionHasNoErrors();
        $this->get(route('photo.show', [$this->event, $plan]))->assertOk();
    }

    /** Kit that is removed stays with the cameras that have it, and is not chosen for others. */
    public function testRemovedKitStaysWithItsCamera(): void
    {
        $plan = self::cameraOf($this->event, $this->user);
        $this->delete(route('photo.kit.destroy', [$this->event, $plan->camera]));
        $this->get(route('photo.show', [$this->event, $plan]))->assertOk()->assertSee($plan->camera->name . ' (removed)');
        $this->post(route('photo.store', $this->event), ['camera_id' => $plan->camera_id] + $this->form() + self::newForm() + ['name' => 'B'])->assertSessionHasErrors('camera_id');
        $this->post(route('photo.kit.restore', [$this->event, $plan->camera]))->assertSessionHasNoErrors();
    }

    /** At no place where the rule keeps filters on is anything taken without one, on whichever page or file it is asked for. */
    #[TestWith(['2028-01-26', 36.53, -6.29])]
    #[TestWith(['2027-08-02', 40.4, -3.7])]
    #[TestWith(['2027-08-02', 36.74, -6.29])]
    #[TestWith(['2026-08-12', 38.8, 9.0])]
    #[TestWith(['2027-08-02', 36.53, -6.29, Policy::IndirectOnly])]
    #[TestWith(['2027-08-02', 36.53, -6.29, Policy::Banner])]
    public function testWhereFiltersStayOnNothingIsTakenWithoutOne(string $date, float $lat, float $lon, ?Policy $policy = null): void
    {
        $event = $this->eventOf($this->user, ['eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'policy' => $policy]);
        $plan = self::cameraOf($event, $this->user);
        $this->get(route('photo.show', [$event, $plan]))->assertOk()->assertSee('Nothing is taken without the filter.')->assertSee('The filter stays on all the time')->assertDontSee('class="line-shot"', false)->assertDontSee('look up');
        self::assertStringNotContainsString(',off', (string) $this->get(route('photo.csv', [$event, $plan]))->getContent());
        $file = json_decode((string) $this->get(route('photo.json', [$event, $plan]))->getContent(), true);
        self::assertIsArray($file);
        self::assertSame([[], null, 0], [$file['shots'] ?? null, $file['filters_off'], $file['totality_s']]);
        $this->post(route('photo.cues', $event));
        self::assertSame([], array_filter(EventSheet::of($event->refresh())->sheet()->cues, static fn(Cue $cue): bool => str_contains($cue->name, 'list')));
    }

    /** The lines stand once however often they are sent, follow what is changed, and go with the camera; none of them says when a filter comes off. */
    public function testTheirLinesGoToTheRunSheet(): void
    {
        $plan = self::cameraOf($this->event, $this->user);
        self::cameraOf($this->event, $this->user)->delete();
        foreach ([1, 2] as $time) {
            $this->post(route('photo.cues', $this->event))->assertRedirect(route('photo.index', $this->event))->assertSessionHasNoErrors();
            self::assertCount(5, EventSheet::of($this->event->refresh())->sheet()->cues, "sent {$time} times");
        }
        foreach (EventSheet::of($this->event)->sheet()->cues as $cue) {
            self::assertSame('Omar', $cue->who);
            self::assertDoesNotMatchRegularExpression('/\d\d:\d\d/', $cue->crew . $cue->name);
        }
        $list = array_values(array_filter(EventSheet::of($this->event)->sheet()->cues, static fn(Cue $cue): bool => str_contains($cue->name, 'the list')))[0];
        $totality = app(EventCameras::class)->of($plan)->totality;
        self::assertStringContainsString('Only once “filters may come off” is called: filter off, 1 First beads (2 s), 2 Corona (7 s); then filter on, at the latest with the warning. Look only until', $list->crew);
        self::assertEqualsWithDelta(((float) $totality->onUt - (float) $totality->offUt) * 86400, $list->durationS, 1.0);
        // At the edge of the path filters stay on: nobody puts hands to one.
        $this->event->update(['lat' => 36.72, 'lon' => -6.0]);
        $placed = EventSheet::of($this->event)->sheet()->placed(EventSheet::moments(app(EventReader::class)->facts($this->event->fresh() ?? self::fail())));
        self::assertSame([[CueNote::NotSeen], [CueNote::NotSeen]], array_column(array_filter($placed, static fn(PlacedCue $p): bool => $p->begins === null), 'notes'));
        $this->event->update(['lat' => 36.53, 'lon' => -6.29]);
        $plan->update(['programme' => ['watched_by' => 'Noor'] + $plan->programme]);
        $this->post(route('photo.cues', $this->event));
        self::assertSame(['Noor'], array_values(array_unique(array_map(static fn(Cue $cue): string => $cue->who, EventSheet::of($this->event->refresh())->sheet()->cues))));
        $plan->delete();
        $this->post(route('photo.cues', $this->event));
        self::assertSame([], EventSheet::of($this->event->refresh())->sheet()->cues);
    }

    /** @return array<string, mixed> as a form sends it: texts */
    private function form(): array
    {
        $wish = static fn(string $rank, string $from, string $to, string $when): array => ['rank' => $rank, 'name' => '', 'from' => $from, 'to' => $to, 'step_stops' => '2', 'frames' => '2', 'when' => $when, 'pause_s' => '0'];

        return array_map(static fn(mixed $value): string => is_scalar($value) ? (string) $value : '', array_diff_key(self::PROGRAMME, ['wanted' => 1]))
            + array_combine(array_map(static fn(KitKind $kind): string => "{$kind->value}_id", KitKind::cases()), array_map(fn(KitKind $kind): string => (string) (KitItem::query()->where('organisation_id', $this->user->organisation_id)->where('kind', $kind)->first() ?? self::kitOf($this->user, $kind))->id, KitKind::cases()))
            + ['wanted' => [$wish('2', 'corona_0_1', 'corona_4', 'between'), $wish('1', 'beads', '', 'first'), $wish('3', 'beads', '', 'last'), $wish('4', '', '', 'between')]];
    }
}
