<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\RunSheet\EventSheet;
use App\Models\Event;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueRecord;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The run sheet as people use it. What a cue's time is, and what is wrong with one, is checked in core. */
final class SheetTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        $this->actingAs($this->organiser);
    }

    /** Contacts of the place are those of the Sky page; filter times are the rule's, rounded to the side of the filters. */
    public function testTheUsualCuesOfATotalEclipseStandUnderTheirPhases(): void
    {
        $this->get(route('runsheet.show', $this->event))->assertOk()->assertSee('No run sheet yet.');
        $this->post(route('runsheet.propose', $this->event), ['from' => '', 'occasion' => 'public'])->assertRedirect();

        $page = $this->get(route('runsheet.show', $this->event))->assertOk();
        $page->assertSeeInOrder(['09:40', 'First bite', 'at C1, first bite'])->assertSeeInOrder(['10:45:31', 'Filters may come off', '10:48:01', 'Warning: filters on in 10 s', '10:48:11', 'Filters on'])->assertSeeInOrder(['On the day', 'Shadow bands', '10:45:31', 'Look round', '10:48:01', '10:48:11', 'computed', 'Shadow bands again'])->assertSee('Filters may come off from 10:45:31 to 10:48:11');
        $page->assertSeeInOrder(['C2, with the smaller radius of the Moon', '10:45:26', 'uneven limb', '+3.0 s', 'filters may come off', '10:45:31', 'time', '−3.0 s']);
        $before = $this->sheet()->cues;
        $this->post(route('runsheet.propose', $this->event), ['from' => $this->event->refresh()->sheet_revision_id, 'occasion' => 'public']);
        self::assertEquals($before, $this->sheet()->cues, 'what is there stays once');
        $this->post(route('runsheet.propose', $this->event), ['from' => '', 'occasion' => 'public']);
        self::assertEquals($before, $this->sheet()->cues, 'nor does somebody add it twice who saw the sheet without');
    }

    public function testAnotherPlaceMovesEverythingAndFilterCuesGo(): void
    {
        $this->post(route('runsheet.propose', $this->event), ['from' => '', 'occasion' => 'public']);
        $this->event->refresh()->update(['lat' => 40.42, 'lon' => -3.7]);

        $page = $this->get(route('runsheet.show', $this->event))->assertOk();
        $page->assertDontSee('show the sums')->assertSee('Filters never come off at this place')->assertSee('There is no such moment here (C2, totality or ring begins)');
    }

    public function testACueIsWrittenChangedFrozenAndRemoved(): void
    {
        $this->get(route('runsheet.create', $this->event))->assertOk();
        $uuid = Str::uuid7()->toString();
        $cue = ['from' => '', 'uuid' => $uuid, 'name' => 'Watch the swifts', 'kind' => 'look', 'anchor' => 'c2', 'offset' => '−5 min', 'duration' => '1:30', 'who' => 'Inés', 'call' => 'Be still'];
        $this->post(route('runsheet.save', $this->event), $cue)->assertRedirect(route('runsheet.show', $this->event));
        $this->post(route('runsheet.save', $this->event), $cue);
        self::assertSame(1, $this->event->sheetRevisions()->count(), 'sent twice it is there once');
        $this->get(route('runsheet.show', $this->event))->assertSeeInOrder(['10:40:26', 'Watch the swifts', '5 min before C2', '1:30', 'Inés']);
        $this->get(route('runsheet.edit', [$this->event, $uuid]))->assertOk()->assertSee('−5 min');

        $this->put(route('runsheet.move', [$this->event, $uuid]), ['from' => $this->event->refresh()->sheet_revision_id, 'offset_s' => -600, 'duration_s' => 60])->assertRedirect();
        self::assertSame([-600, 60], [$this->sheet()->cues[$uuid]->offsetS, $this->sheet()->cues[$uuid]->durationS]);

        $this->post(route('runsheet.save', $this->event), ['from' => $this->event->refresh()->sheet_revision_id, 'frozen' => '1'] + $cue);
        self::assertSame('2027-08-02 08:40:26', $this->sheet()->cues[$uuid]->frozenAt?->format('Y-m-d H:i:s'));

        $this->delete(route('runsheet.destroy', [$this->event, $uuid]), ['from' => $this->event->refresh()->sheet_revision_id])->assertRedirect();
        self::assertArrayNotHasKey($uuid, $this->sheet()->cues);
        $this->post(route('runsheet.undo', $this->event), ['from' => $this->event->refresh()->sheet_revision_id]);
        self::assertArrayHasKey($uuid, $this->sheet()->cues);
        $this->post(route('runsheet.redo', $this->event), ['from' => $this->event->refresh()->sheet_revision_id]);
        self::assertSame([], $this->sheet()->cues);
        $this->get(route('runsheet.edit', [$this->event, $uuid]))->assertNotFound();
    }

    /** Two people at one sheet: other cues go together, of the same one nobody loses what they wrote. */
    public function testTwoPeopleAtOnce(): void
    {
        [$a, $b] = [$this->write('A', 0), $this->write('B', 0)];
        $seen = $this->event->refresh()->sheet_revision_id;
        $this->moved($a, $seen, 60)->assertRedirect();
        $this->moved($b, $seen, 120)->assertRedirect();
        self::assertSame([60, 120], [$this->sheet()->cues[$a]->offsetS, $this->sheet()->cues[$b]->offsetS]);

        $other = User::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'role' => Role::Organiser, 'name' => 'Omar']);
        $seen = $this->event->refresh()->sheet_revision_id;
        $this->actingAs($other)->put(route('runsheet.move', [$this->event, $a]), ['from' => $seen, 'offset_s' => 600, 'duration_s' => 0]);
        $typed = ['from' => $seen, 'uuid' => $a, 'name' => 'Mine', 'kind' => 'call', 'anchor' => 'c1'];
        $refused = $this->actingAs($this->organiser)->from(route('runsheet.edit', [$this->event, $a]))->post(route('runsheet.save', $this->event), $typed);
        $refused->assertRedirect(route('runsheet.edit', [$this->event, $a]))->assertSessionHasErrors(['from' => 'Omar has changed this cue meanwhile: "A", 10 min after C1, first bite. Save again to put yours in its place.']);
        $this->get(route('runsheet.edit', [$this->event, $a]))->assertSee('value="Mine"', false);
        self::assertSame('A', $this->sheet()->cues[$a]->name);
        $this->post(route('runsheet.save', $this->event), ['from' => $this->event->refresh()->sheet_revision_id] + $typed);
        self::assertSame('Mine', $this->sheet()->cues[$a]->name);
        $this->post(route('runsheet.undo', $this->event), ['from' => $seen])->assertSessionHasErrors('from');
        $this->put(route('runsheet.move', [$this->event, $a]), ['from' => $seen, 'offset_s' => 1, 'duration_s' => 0], ['X-Requested-With' => 'XMLHttpRequest'])->assertStatus(409);
    }

    public function testHoursAndSearch(): void
    {
        $this->write('Early bird', -3 * 3600);
        $this->get(route('runsheet.show', $this->event))->assertSee('Outside the hours of the event.')->assertSee('1 cue is to be looked at');
        $this->put(route('runsheet.hours', $this->event), ['from' => $this->event->refresh()->sheet_revision_id, 'opens' => '06:00', 'closes' => '13:00'])->assertRedirect();
        $this->get(route('runsheet.show', $this->event))->assertDontSee('Outside the hours of the event.')->assertSee('from 06:00 to 13:00');
        $this->put(route('runsheet.hours', $this->event), ['from' => '', 'opens' => '13:00', 'closes' => '06:00'])->assertSessionHasErrors('closes');
        $this->get(route('runsheet.show', [$this->event, 'q' => 'bird early']))->assertSee('Early bird');
        $this->get(route('runsheet.show', [$this->event, 'q' => 'lollies']))->assertSee('No cue has these words.');
    }

    /** Kept by one, used by another of the organisation at another event; by nobody else. */
    public function testCuesAreKeptAndUsedAgain(): void
    {
        $this->write('Ours', -60);
        $keep = fn(): TestResponse => $this->post(route('runsheet.templates.store', $this->event), ['template' => 'Mornings']);
        $keep()->assertRedirect();
        $this->write('One more', 60);
        $keep()->assertRedirect();
        self::assertSame(1, $this->event->sheetTemplates()->count());
        $template = $this->event->sheetTemplates()->firstOrFail();

        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2028-01-26', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        $this->actingAs($this->member(Role::Organiser, $this->organiser->organisation))->get(route('runsheet.show', $this->event))->assertSee('Mornings');
        $use = fn(): TestResponse => $this->post(route('runsheet.templates.use', [$this->event, $template]), ['from' => $this->event->refresh()->sheet_revision_id]);
        $use()->assertRedirect();
        $use()->assertRedirect();
        self::assertEqualsCanonicalizing(['Ours', 'One more'], array_map(static fn(Cue $cue): string => $cue->name, array_values($this->sheet()->cues)));
        $this->delete(route('runsheet.templates.destroy', [$this->event, $template]))->assertRedirect();
        self::assertSame(0, $this->event->sheetTemplates()->count());
    }

    public function testWhatGoesOutComesInAgain(): void
    {
        $this->write('=Ours', -90);
        $file = (string) $this->get(route('runsheet.json', $this->event->refresh()))->getContent();
        $first = $this->sheet()->cues;
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2028-01-26', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        $send = fn(string $text): TestResponse => $this->post(route('runsheet.import', $this->event), ['from' => $this->event->refresh()->sheet_revision_id, 'sheet' => UploadedFile::fake()->createWithContent('sheet.json', $text)]);
        $send($file)->assertSessionHasNoErrors();
        $record = static fn(Cue $cue): array => array_diff_key(CueRecord::write($cue), ['id' => 0]);
        self::assertSame(array_map($record, array_values($first)), array_map($record, array_values($this->sheet()->cues)));
        foreach (['{}' => 'cues', '{"cues":[{"kind":"call"}]}' => 'cues[0].name', '{"cues":[{"kind":"filters","name":"a","anchor":"c1"}]}' => 'cues[0].kind', '[]' => 'one JSON object', '{"cues":[{"kind":"call","name":"a","anchor":"clock"}]}' => 'clock'] as $text => $words) {
            $send($text)->assertSessionHasErrors('sheet');
            $this->get(route('runsheet.show', $this->event))->assertSeeInOrder(['role="alert"', $words], false);
        }
        self::assertCount(1, $this->sheet()->cues);
    }

    public function testAFullSheetTakesNoMore(): void
    {
        EventSheet::of($this->event->refresh())->change(null, static fn(Sheet $sheet): Sheet => $sheet->with(...array_map(static fn(int $i): Cue => Cue::of(Str::uuid7()->toString(), CueKind::Call, "Cue {$i}", Anchor::C1, $i), range(1, Sheet::MOST_CUES))), $this->organiser);
        $this->post(route('runsheet.save', $this->event), ['from' => $this->event->refresh()->sheet_revision_id, 'uuid' => Str::uuid7()->toString(), 'name' => 'One more', 'kind' => 'call', 'anchor' => 'c1'])->assertSessionHasErrors(['cues' => 'cues: at most 200.']);
        self::assertCount(Sheet::MOST_CUES, $this->sheet()->cues);
        $this->get(route('runsheet.wall', [$this->event, 'a3']))->assertOk();
    }

    /** @param array<string, mixed> $wrong */
    #[TestWith(['name', ['name' => '']])]
    #[TestWith(['kind', ['kind' => 'filters']])]
    #[TestWith(['anchor', ['anchor' => 'filters_off']])]
    #[TestWith(['clock', ['anchor' => 'clock']])]
    #[TestWith(['clock', ['anchor' => 'clock', 'clock' => '25:00']])]
    #[TestWith(['offset', ['offset' => 'soon']])]
    #[TestWith(['offset', ['offset' => '99 d']])]
    #[TestWith(['duration', ['duration' => '−5']])]
    #[TestWith(['uuid', ['uuid' => 'x']])]
    public function testWhatMakesNoSenseIsSaidAtItsPlace(string $field, array $wrong): void
    {
        $this->post(route('runsheet.save', $this->event), $wrong + ['from' => '', 'uuid' => Str::uuid7()->toString(), 'name' => 'A', 'kind' => 'call', 'anchor' => 'c1'])->assertSessionHasErrors($field);
        self::assertSame(0, DB::table('sheet_revisions')->count());
    }

    private function write(string $name, int $offsetS): string
    {
        $uuid = Str::uuid7()->toString();
        EventSheet::of($this->event)->change($this->event->refresh()->sheet_revision_id, static fn(Sheet $sheet): Sheet => $sheet->with(Cue::of($uuid, CueKind::Call, $name, Anchor::C1, $offsetS)), $this->organiser);

        return $uuid;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function moved(string $cue, ?int $from, int $offsetS): TestResponse
    {
        return $this->put(route('runsheet.move', [$this->event, $cue]), ['from' => $from, 'offset_s' => $offsetS, 'duration_s' => 0]);
    }

    private function sheet(): Sheet
    {
        return EventSheet::of($this->event->refresh()->load('sheetRevision'))->sheet();
    }
}
