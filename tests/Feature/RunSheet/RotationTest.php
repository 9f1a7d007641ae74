<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRota;
use App\Domain\RunSheet\EventRotas;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Models\Role;
use App\Models\RunSheet\Duty;
use App\Models\RunSheet\Helper;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Groups over stations as people use it. What the solver finds, and what is wrong with turns, is checked in core. */
final class RotationTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    private AudienceGroup $a;

    private AudienceGroup $b;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid', 'policy' => 'mixed']);
        $this->a = $this->group('Class 5A', 26, ['card', 'telescope']);
        $this->b = $this->group('Class 5B', 24, ['card', 'box']);
        $this->actingAs($this->organiser);
    }

    public function testWithoutGroupsOrMethodsItSaysWhatComesFirst(): void
    {
        $this->event->audienceGroups()->update(['methods' => []]);
        $this->get(route('runsheet.rotation', $this->event))->assertOk()->assertSee('No group has a method yet')->assertSee(route('audience.methods', $this->event))->assertDontSee('Propose turns');
        $this->event->audienceGroups()->delete();
        $this->get(route('runsheet.rotation', $this->event))->assertOk()->assertSee('Nobody comes yet.')->assertSee(route('audience.index', $this->event));
    }

    /** Totality 10:45:26 to 10:48:19 is for all together; the telescope has Ines from the first step to the last but for her rests. */
    public function testTurnsAndDutiesAreProposed(): void
    {
        $this->get(route('runsheet.rotation', $this->event))->assertOk()->assertSee('2 groups go round, and have no turns yet.')->assertSee('Nobody has a turn from 10:40 to 10:50');
        foreach (['Ines', 'Omar', 'Ruth', 'Teo', 'Noor', 'Gus'] as $name) {
            $this->comes($name, ['glasses', 'instrument', 'beam']);
        }
        $this->propose();

        $rota = $this->rota();
        self::assertSame([], $rota->faults());
        self::assertCount(4, $rota->rota()->turns);
        foreach ($rota->rota()->turns as $turn) {
            self::assertTrue($turn->endMin <= 640 || $turn->startMin >= 650, 'not in totality');
            $this->get(route('runsheet.rotation', $this->event))->assertSee(sprintf('%02d:%02d–%02d:%02d', intdiv($turn->startMin, 60), $turn->startMin % 60, intdiv($turn->endMin, 60), $turn->endMin % 60));
        }
        $this->get(route('runsheet.rotation', $this->event))->assertSee('2 of 2 groups have all their turns; 2 have one in the best minutes.');
        $this->get(route('runsheet.crew', $this->event))->assertSee('6 helpers, and every post has somebody.');
        $this->get(route('runsheet.show', $this->event))->assertSee('Class 5A · Telescope')->assertSee('Ines · ');
        $this->post(route('runsheet.undo', $this->event), ['from' => $this->revision(), 'view' => 'rotation'])->assertRedirect(route('runsheet.rotation', $this->event));
        self::assertSame([], $this->rota()->rota()->turns);
    }

    /** By hand anything goes, and what is wrong with it is said at once. */
    public function testByHandWithLiveChecks(): void
    {
        $this->save($this->a, 'card', '10:20');
        $this->save($this->b, 'card', '10:20');
        $page = $this->get(route('runsheet.rotation', $this->event))->assertOk();
        $page->assertSee('Cards, 10:20–10:30: too many at once by 20.')->assertSee('Class 5A: 1 turn is missing.');
        $this->get(route('runsheet.turns.edit', [$this->event, "g{$this->a->id}-card"]))->assertOk()->assertSee('Class 5A at Cards, 10:20');

        $moved = $this->put(route('runsheet.turns.move', [$this->event, "g{$this->b->id}-card"]), ['from' => $this->revision(), 'offset_s' => 630 * 60 + 100, 'duration_s' => 600, 'view' => 'rotation'], ['X-Requested-With' => 'XMLHttpRequest']);
        $moved->assertOk()->assertSee('10:30–10:40')->assertDontSee('too many at once');
        $this->save($this->b, 'box', '10:30', was: "g{$this->b->id}-card");
        self::assertEquals(["g{$this->a->id}-card" => new Turn("g{$this->a->id}", 'card', 620, 630), "g{$this->b->id}-box" => new Turn("g{$this->b->id}", 'box', 630, 640)], $this->rota()->rota()->turns);
        $this->save($this->b, 'telescope', '08:30');
        $this->get(route('runsheet.rotation', $this->event))->assertSee('Class 5B may not use Telescope')->assertSee('outside the eclipse or the hours of the event');
        $this->delete(route('runsheet.turns.destroy', [$this->event, "g{$this->b->id}-telescope"]), ['from' => $this->revision()])->assertRedirect();
        self::assertCount(2, $this->rota()->rota()->turns);
        $this->post(route('runsheet.turns.save', $this->event), ['from' => $this->revision(), 'group' => "g{$this->a->id}", 'station' => 'moon', 'start' => '10:00'])->assertSessionHasErrors('station');
        $this->post(route('runsheet.turns.save', $this->event), ['from' => $this->revision(), 'group' => 'g999', 'station' => 'card', 'start' => '10:00'])->assertSessionHasErrors('group');
        $this->post(route('runsheet.turns.save', $this->event), ['from' => $this->revision(), 'group' => "g{$this->a->id}", 'station' => 'card', 'start' => '25:00'])->assertSessionHasErrors('start');
    }

    /** One changes one turn, another one another: both stay. The same one in two ways: the second is told. */
    public function testTwoPeopleAtOnce(): void
    {
        $this->save($this->a, 'card', '10:20');
        $seen = $this->revision();
        $this->save($this->b, 'box', '10:00', from: $seen);
        $this->save($this->a, 'telescope', '11:00', from: $seen);
        self::assertCount(3, $this->rota()->rota()->turns);

        $seen = $this->revision();
        $this->save($this->a, 'card', '11:20', from: $seen);
        $this->post(route('runsheet.turns.save', $this->event), ['from' => $seen, 'was' => "g{$this->a->id}-card", 'group' => "g{$this->a->id}", 'station' => 'card', 'start' => '11:30'])->assertSessionHasErrors(['from' => "{$this->organiser->name} has changed the same turn, duty or wish meanwhile, and nothing of yours was done: look at it and try again."]);
        self::assertSame(680, $this->rota()->rota()->turns["g{$this->a->id}-card"]->startMin);
    }

    public function testBellsLessonsAndWishes(): void
    {
        $typed = "10:15-11:00 Lesson 3\n11:00 11:20 Break\n11.20–12.05 Lesson 4\n13h00-14h00 Comida";
        $wishes = ['from' => '', 'step_min' => 5, 'longest_min' => 45, 'rest_min' => 15, 'pairs' => 30, 'bells' => $typed, 'turns' => [$this->a->id => 1, $this->b->id => ''], 'comes' => [$this->a->id => ['Lesson 3', 'Lesson 4'], $this->b->id => ['Lesson 4']], 'stations' => ['telescope' => ['minutes' => 20, 'capacity' => 30, 'crew' => 0], 'card' => ['minutes' => '', 'capacity' => '', 'crew' => 0], 'box' => ['crew' => 0]]];
        $this->put(route('runsheet.rotation.wishes', $this->event), $wishes)->assertSessionHasNoErrors();
        // Bells are new: which of them a group comes in is chosen among them afterwards.
        $this->put(route('runsheet.rotation.wishes', $this->event), ['from' => $this->revision()] + $wishes)->assertSessionHasNoErrors();

        $page = $this->get(route('runsheet.rotation', $this->event))->assertOk();
        $page->assertSee("10:15-11:00 Lesson 3\n11:00-11:20 Break\n11:20-12:05 Lesson 4\n13:00-14:00 Comida", false);
        $this->propose();
        $turns = array_values($this->rota()->rota()->turns);
        self::assertCount(3, $turns);
        foreach ($turns as $turn) {
            self::assertTrue($turn->startMin >= 615 && $turn->endMin <= 660 && $turn->group === "g{$this->a->id}" || $turn->startMin >= 680 && $turn->endMin <= 725, 'within lessons: ' . json_encode($turn));
        }
        self::assertSame([45, 15, 30], [$this->rota()->rota()->wishes->longestMin, $this->rota()->rota()->wishes->restMin, $this->rota()->rota()->wishes->pairs]);
    }

    /** A table, and a school's calendar with weekly lessons across the change to summer time: on the day of the event they stand at the same hours of the clock. */
    #[TestWith(["name;from;to;break\nLesson 3;10:15;11:00;\nYard;11:00;11:20;yes\nLesson 4;11.20;12.05;"])]
    #[TestWith(["Start,End,Lesson,Recreo\n11:20,12:05,Lesson 4,no\n11:00,11:20,Yard,Sí\n10:15,11:00,Lesson 3,"])]
    #[TestWith(["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Lesson 3\r\nDTSTART;TZID=Europe/Madrid:20270104T101500\r\nDTEND;TZID=Europe/Madrid:20270104T110000\r\nRRULE:FREQ=WEEKLY\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:2\r\nSUMMARY:Yard (break)\r\nDTSTART:20270802T090000Z\r\nDTEND:20270802T092000Z\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:3\r\nSUMMARY:Lesson 4\r\nDTSTART;TZID=Europe/Madrid:20270802T112000\r\nDTEND;TZID=Europe/Madrid:20270802T120500\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:4\r\nSUMMARY:Tuesday\r\nDTSTART;TZID=Europe/Madrid:20270105T101500\r\nDTEND;TZID=Europe/Madrid:20270105T110000\r\nRRULE:FREQ=WEEKLY\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:5\r\nSUMMARY:Holiday\r\nDTSTART;VALUE=DATE:20270802\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"])]
    public function testBellsFromAFile(string $content): void
    {
        $this->post(route('runsheet.rotation.bells', $this->event), ['from' => '', 'timetable' => UploadedFile::fake()->createWithContent('bells', $content)])->assertSessionHasNoErrors();
        self::assertEquals([Bell::of('Lesson 3', 615, 660, false), Bell::of('Yard', 660, 680, true), Bell::of('Lesson 4', 680, 725, false)], $this->rota()->rota()->wishes->bells);
    }

    #[TestWith(['', 'The file is empty'])]
    #[TestWith(["name,from\nA,10:00", 'Line 1: the columns must be name,from,to'])]
    #[TestWith(["name,from,to\nA,10:00,9:00", 'Line 1: write a name and two times'])]
    #[TestWith(["name,from,to\nA,10:00,11:00\nB,10:30,11:30", 'this overlaps another one'])]
    #[TestWith(["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n", 'There are no bells in the file for that day.'])]
    #[TestWith(["BEGIN:VCALENDAR\r\nnonsense", 'This calendar cannot be read.'])]
    #[TestWith(["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:A\r\nDTSTART:19000101T000000Z\r\nDTEND:19000101T000100Z\r\nRRULE:FREQ=HOURLY\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n", 'There are no bells in the file for that day.'])]
    public function testAFileThatIsNoTimetable(string $content, string $words): void
    {
        $this->post(route('runsheet.rotation.bells', $this->event), ['from' => '', 'timetable' => UploadedFile::fake()->createWithContent('bells', $content)])->assertSessionHasErrors('timetable');
        $this->get(route('runsheet.rotation', $this->event))->assertSee($words);
        self::assertNull($this->event->refresh()->sheet_revision_id);
    }

    /** @param array<string, mixed> $change */
    #[TestWith(['bells', ['bells' => 'Lesson 3 10:15']])]
    #[TestWith(['bells', ['bells' => "A 10:15-11:00\nB 10:30-11:30"]])]
    #[TestWith(['bells', ['bells' => 'A 11:00-10:00']])]
    #[TestWith(['step_min', ['step_min' => 7]])]
    #[TestWith(['rest_min', ['rest_min' => -1]])]
    #[TestWith(['stations.card.minutes', ['stations' => ['card' => ['minutes' => 0]]]])]
    #[TestWith(['turns.1', ['turns' => [1 => 99]]])]
    public function testNonsenseIsRefusedAtItsPlace(string $field, array $change): void
    {
        $this->put(route('runsheet.rotation.wishes', $this->event), array_replace(['from' => '', 'step_min' => 5, 'longest_min' => 45, 'rest_min' => 15, 'pairs' => '', 'bells' => ''], $change))->assertSessionHasErrors($field);
        self::assertNull($this->event->refresh()->sheet_revision_id);
    }

    /** Whatever is refused, what was typed stands in the form again. */
    public function testNothingTypedIsLost(): void
    {
        $this->followingRedirects()->from(route('runsheet.rotation', $this->event))
            ->put(route('runsheet.rotation.wishes', $this->event), ['from' => '', 'step_min' => 10, 'longest_min' => 45, 'rest_min' => -1, 'pairs' => '33', 'bells' => '10:15-11:00 Lesson 3', 'turns' => [$this->a->id => '1'], 'stations' => ['card' => ['minutes' => '17', 'capacity' => '', 'crew' => '']]])
            ->assertOk()->assertSee('10:15-11:00 Lesson 3')->assertSee('value="33"', false)->assertSee('value="17"', false)->assertSee('value="-1"', false)->assertSee('<option value="10" selected>10 min</option>', false);
        $this->followingRedirects()->from(route('runsheet.helpers.create', $this->event))
            ->post(route('runsheet.helpers.store', $this->event), ['uuid' => Str::uuid()->toString(), 'name' => '', 'contact' => '600 000 009', 'training' => ['beam']])
            ->assertOk()->assertSee('600 000 009')->assertSee('value="beam" checked', false);
    }

    /** Where nothing is seen, and across midnight: every page answers, and turns stand at hours of that night. */
    public function testAtOddPlaces(): void
    {
        $this->event->refresh()->update(['lat' => -33.9, 'lon' => 151.2, 'timezone' => 'Australia/Sydney']);
        foreach (['rotation', 'crew', 'why', 'turns.create', 'posts.create', 'show', 'people'] as $page) {
            $this->get(route("runsheet.{$page}", $this->event))->assertOk();
        }
        $this->get(route('runsheet.rotation', $this->event))->assertSee('Nothing of the eclipse is seen while the event is open.');
        $this->propose();
        $this->post(route('runsheet.posts.save', $this->event), ['from' => '', 'uuid' => Str::uuid()->toString(), 'helper' => 'h1', 'station' => 'card', 'start' => '10:00', 'end' => '10:30'])->assertSessionHasErrors('start');

        $this->event->refresh()->update(['eclipse_date' => '2026-08-12', 'lat' => 78.0, 'lon' => 98.0, 'timezone' => 'Asia/Krasnoyarsk']);
        foreach (['Ines', 'Omar', 'Ruth', 'Teo', 'Noor', 'Gus'] as $name) {
            $this->comes($name, ['glasses', 'instrument', 'beam']);
        }
        $this->propose();
        self::assertSame([], $this->rota()->faults());
        self::assertCount(4, $this->rota()->rota()->turns);
        self::assertSame(['2026-08-12', '2026-08-13'], Duty::query()->selectRaw("distinct (lower(during) at time zone 'Asia/Krasnoyarsk')::date::text as day")->orderBy('day')->pluck('day')->all());
    }

    /** No helper at all: what stands in the way, and the least that would help. */
    public function testWhyTurnsAreMissing(): void
    {
        $this->propose();
        $this->get(route('runsheet.rotation', $this->event))->assertSee('Class 5A: 2 turns are missing.');
        $this->get(route('runsheet.why', $this->event))->assertOk()->assertSee('2 groups cannot have all their turns.')->assertSee('helpers more, trained for it and there all the time.');
    }

    private function propose(): void
    {
        $this->post(route('runsheet.rotation.propose', $this->event), ['from' => $this->revision(), 'view' => 'rotation'])->assertRedirect(route('runsheet.rotation', $this->event));
    }

    private function save(AudienceGroup $group, string $station, string $start, string $was = '', ?int $from = null): void
    {
        $this->post(route('runsheet.turns.save', $this->event), ['from' => $from ?? $this->revision(), 'was' => $was, 'group' => "g{$group->id}", 'station' => $station, 'start' => $start])->assertSessionHasNoErrors();
    }

    /** @param list<string> $training */
    private function comes(string $name, array $training): void
    {
        $helper = Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'name' => $name, 'training' => $training, 'duty_key' => Helper::newKey()]);
        $this->put(route('runsheet.helpers.comes', [$this->event, $helper]), ['from' => $this->revision(), 'comes' => 1])->assertSessionHasNoErrors();
    }

    /** @param list<string> $methods */
    private function group(string $name, int $people, array $methods): AudienceGroup
    {
        return $this->event->audienceGroups()->create(['name' => $name, 'people' => $people, 'band' => 'teen', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => $methods])->refresh();
    }

    private function revision(): ?int
    {
        return $this->event->refresh()->sheet_revision_id;
    }

    private function rota(): EventRota
    {
        return app(EventRotas::class)->of(app(EventReader::class)->facts(Event::query()->findOrFail($this->event->id)));
    }
}
