<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use App\Models\Role;
use App\Models\Site\PlanRevision;
use Illuminate\Database\QueryException;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;

final class PlanTest extends SiteTestCase
{
    public function testAnEmptyPlanTeaches(): void
    {
        $this->get(route('site.show', $this->event))->assertOk()
            ->assertSee('Nothing is drawn yet')->assertSee('nothing drawn yet')
            ->assertSee('Nothing is drawn yet that could hide the Sun.')->assertSee('nothing is known of what stands in front of the Sun')->assertDontSee('The Sun is clear');
        $this->get(route('site.doorway', $this->event))->assertOk()->assertSee('No wall is drawn yet.');
        $this->get(route('site.mirror', $this->event))->assertOk()->assertSee('no mirror and screen yet');
        $this->get(route('site.shadows', $this->event))->assertOk();
    }

    public function testThePlanIsKeptWithDecimalCommasUndoneAndRedone(): void
    {
        $this->keep($this->form('building|Gym|-40 -30; -30 -30; -30,5 -18; -40 -18|9,25', 'tree|Mulberry|-30 10|6|3', 'viewers|Class 5B|0 0|1,2'))->assertOk()->assertSee('Class 5B');
        $plan = $this->event->refresh()->planRevision?->plan;
        self::assertNotNull($plan);
        self::assertSame([9.25, -30.5, 3.0, 1.2], [$plan->named('Gym')?->heightM, $plan->named('Gym')?->points[2]->eastM, $plan->named('Mulberry')?->radiusM, $plan->named('Class 5B')?->heightM]);
        self::assertCount(3, $plan->things);

        $this->keep($this->form('viewers|Class 5B|5 5|1.2'));
        $this->post(route('site.undo', $this->event), $this->seen());
        self::assertCount(3, $this->event->refresh()->planRevision->plan->things ?? []);
        $this->post(route('site.undo', $this->event), $this->seen());
        $this->post(route('site.undo', $this->event), $this->seen());
        self::assertNull($this->event->refresh()->plan_revision_id, 'back to nothing, and no farther');
        $this->post(route('site.redo', $this->event), $this->seen());
        $this->post(route('site.redo', $this->event), $this->seen());
        $this->post(route('site.redo', $this->event), $this->seen());
        self::assertSame(5.0, $this->event->refresh()->planRevision?->plan->named('Class 5B')?->at()->eastM);
    }

    public function testRedoFollowsTheNewestBranch(): void
    {
        $this->keep($this->form('viewers|A|0 0'));
        $this->keep($this->form('viewers|B|0 0'));
        $this->post(route('site.undo', $this->event), $this->seen());
        $this->keep($this->form('viewers|C|0 0'));
        $this->post(route('site.undo', $this->event), $this->seen());
        $this->post(route('site.redo', $this->event), $this->seen());
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named('C'));
        self::assertSame(3, PlanRevision::query()->count(), 'nothing that was drawn is lost');
    }

    /** @return array<string, array{list<string>, array<string, string>, string}> rows, other fields, the field that is at fault */
    public static function faults(): array
    {
        return [
            'an outline that crosses itself' => [['building|Gym|0 0; 4 4; 4 0; 0 4|3'], [], 'things.0.points'],
            'no numbers' => [['viewers|A|here'], [], 'things.0.points'],
            'three numbers' => [['viewers|A|1 2 3'], [], 'things.0.points'],
            'too far away' => [['viewers|A|0 0', 'viewers|B|3000 0'], [], 'things.1.points'],
            'no name' => [['viewers||0 0'], [], 'things.0.name'],
            'two of a name' => [['viewers|A|0 0', 'queue|A|1 1'], [], 'things.1.name'],
            'a height in words' => [['wall|W|0 0; 1 1|high'], [], 'things.0.height_m'],
            'a negative height' => [['wall|W|0 0; 1 1|-2'], [], 'things.0.height_m'],
            'a kind that is none' => [['volcano|V|0 0'], [], 'things.0.kind'],
            'a window upside down' => [['window|W|0 0; 1 0|1||2'], [], 'things.0.sill_m'],
            'two altitudes at one azimuth' => [['viewers|A|0 0'], ['horizon' => "90 1\n90 2"], 'horizon'],
            'a horizon in words' => [['viewers|A|0 0'], ['horizon' => "90 1\nhill"], 'horizon'],
            'an accuracy of a mile' => [['viewers|A|0 0'], ['accuracy_m' => '1609'], 'accuracy_m'],
        ];
    }

    /**
     * @param list<string> $rows
     * @param array<string, string> $fields
     */
    #[DataProvider('faults')]
    public function testAFaultStandsAtItsPlaceAndNothingIsKept(array $rows, array $fields, string $field): void
    {
        $this->keep($fields + $this->form(...$rows))->assertUnprocessable()->assertJsonValidationErrors($field);
        self::assertSame(0, PlanRevision::query()->count());
    }

    public function testTwoPeopleDoNotOverwriteEachOther(): void
    {
        $both = ['viewers|Class|0 0', 'tree|Palm|5 5|6|2'];
        $this->keep($this->form(...$both))->assertOk();
        $seen = $this->seen();
        $mine = $seen + $this->form('viewers|Class|1 1', $both[1]);
        $theirs = $seen + ['horizon' => '0 3'] + $this->form($both[0], 'wall|Fence|0 9; 9 9|2');
        $this->keep($theirs)->assertOk();
        $this->keep($theirs)->assertOk();
        self::assertSame(2, PlanRevision::query()->count(), 'the same sent twice is kept once');

        $words = ['yours is not saved yet', "Saved by {$this->user->name}", 'drawn: “Fence”', 'removed: “Palm”', 'the far horizon changed', 'Yours', 'changed: “Class”'];
        $this->keep($mine)->assertStatus(409)->assertSeeInOrder($words)->assertSee('data-from="' . $this->event->refresh()->plan_revision_id . '"', false);
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named('Fence'));
        // Nobody takes back or brings on what they have not seen.
        foreach (['undo', 'redo'] as $step) {
            $this->post(route("site.{$step}", $this->event), $seen, ['X-Requested-With' => 'XMLHttpRequest'])->assertStatus(409)->assertSee('nothing was taken back')->assertDontSee('Put mine');
            $this->from(route('site.show', $this->event))->post(route("site.{$step}", $this->event), $seen)->assertRedirect(route('site.show', $this->event))->assertSessionHasErrors('from');
            $this->post(route("site.{$step}", $this->event), [])->assertSessionHasErrors('from');
        }
        $this->get(route('site.show', $this->event))->assertOk()->assertSee('This form is not whole');
        self::assertNotNull($this->event->refresh()->planRevision->plan->named('Fence'));
        // Knowing that, mine goes in its place, and theirs comes back with one step.
        $this->keep($this->seen() + $mine)->assertOk();
        $this->post(route('site.undo', $this->event), $this->seen());
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named('Fence'));
    }

    /** @return array<string, array{mixed}> */
    public static function broken(): array
    {
        $thing = ['kind' => 'viewers', 'name' => 'A', 'points' => '0 0'];

        return ['a word' => ['x'], 'nothing' => [null], 'keys that are no list' => [['a' => $thing]], 'things that are none' => [['x', 3, null]], 'too many' => [array_fill(0, 151, $thing)]];
    }

    #[DataProvider('broken')]
    public function testAPlanThatDoesNotComeWholeIsRefusedWhole(mixed $things): void
    {
        $this->withSchoolYard();
        $before = $this->event->refresh()->plan_revision_id;
        $this->keep(['things' => $things] + $this->form())->assertUnprocessable();
        $this->put(route('site.update', $this->event), $this->form('viewers|A|0 0'))->assertSessionHasErrors('things');
        $this->call('PUT', route('site.update', $this->event), server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: '{"things": [{"kind":')->assertUnprocessable();
        self::assertSame($before, $this->event->refresh()->plan_revision_id);
    }

    public function testMostOfALargePlanGoesAtOnce(): void
    {
        $rows = array_map(static fn(int $i): string => "viewers|{$i}|{$i} 0", range(1, 150));
        $this->keep($this->form(...$rows))->assertOk();
        $this->keep($this->form(...array_slice($rows, 140)))->assertOk();
        self::assertSame(array_map(strval(...), range(141, 150)), array_column($this->event->refresh()->planRevision->plan->things ?? [], 'name'));
    }

    public function testAPlanStaysWithItsEvent(): void
    {
        $this->withSchoolYard();
        $other = $this->eventOf($this->user);
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('events_plan_revision');
        $other->forceFill(['plan_revision_id' => $this->event->plan_revision_id])->save();
    }

    public function testAPlanWithEveryKindComesBackAsItWas(): void
    {
        $rows = array_map(static fn(ThingKind $kind): string => "{$kind->value}|{$kind->value}|" . match ($kind->shape()->value) {
            'area' => '0 0; 10 0; 10 10',
            'line' => '0 0; 2 0',
            default => '1.25 -3.5',
        } . '|2.5|' . ($kind === ThingKind::Tree ? '2' : '') . '|' . ($kind->isOpening() ? '0.5' : ''), ThingKind::cases());
        $this->keep(['horizon' => "215 0,5\n230; 1.5\n245, 2"] + $this->form(...$rows))->assertOk();
        $page = $this->get(route('site.show', $this->event))->assertOk();
        foreach (ThingKind::cases() as $kind) {
            $page->assertSee("value=\"{$kind->value}\"", false);
        }
        $plan = $this->event->refresh()->planRevision?->plan;
        self::assertSame([[215.0, 0.5], [230.0, 1.5], [245.0, 2.0]], $plan?->horizon->points);
        self::assertSame(0.5, $plan->named('window')?->sillM);
    }

    public function testWhatIsMeasuredFromASpotIsAdded(): void
    {
        $this->withSchoolYard();
        $seen = ['spot' => 'By the garden', 'seen_kind' => 'tree', 'seen_name' => 'Pine', 'bearing_deg' => '238', 'distance_m' => '25', 'width_m' => '6', 'top_m' => '', 'top_deg' => '18'];
        $this->post(route('site.sighting', $this->event), $seen)->assertRedirect(route('site.show', [$this->event, 'spot' => 'By the garden']));
        self::assertEqualsWithDelta(1.25 + 25 * tan(deg2rad(18)), $this->event->refresh()->planRevision?->plan->named('Pine')?->heightM, 1e-6);
        $this->get(route('site.show', [$this->event, 'spot' => 'By the garden']))->assertSee('From “By the garden” Pine hides the Sun from 17:0', false);
        $this->post(route('site.sighting', $this->event), $seen)->assertSessionHasErrors(['seen_name' => 'Two things are called "Pine"; give each a name of its own.']);
        $this->post(route('site.sighting', $this->event), ['seen_name' => 'Both', 'top_m' => '3'] + $seen)->assertSessionHasErrors('top_m')->assertSessionHasInput('bearing_deg');
        $this->post(route('site.sighting', $this->event), ['seen_name' => 'Neither', 'top_deg' => ''] + $seen)->assertSessionHasErrors('top_m');
        $this->post(route('site.sighting', $this->event), ['bearing_deg' => '361', 'distance_m' => 'far'] + $seen)->assertSessionHasErrors(['bearing_deg', 'distance_m']);
    }

    public function testHelpersLookButDoNotDraw(): void
    {
        $this->withSchoolYard();
        $this->actingAs($this->member(Role::Helper, $this->user->organisation));
        $this->get(route('site.show', $this->event))->assertOk()->assertSee('Street wall')->assertDontSee('Save these numbers')->assertDontSee('data-undo', false);
        $this->keep($this->form('viewers|A|0 0'))->assertForbidden();
        $this->post(route('site.undo', $this->event), $this->seen())->assertForbidden();
        $this->post(route('site.position.read', $this->event))->assertForbidden();
    }
}
