<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use App\Models\Role;
use App\Models\Site\PlanRevision;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
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
        $this->put(route('site.update', $this->event), $this->form('building|Gym|-40 -30; -30 -30; -30,5 -18; -40 -18|9,25', 'tree|Mulberry|-30 10|6|3', 'viewers|Class 5B|0 0|1,2', 'building|||'))
            ->assertRedirect(route('site.show', [$this->event, 'spot' => null]))->assertSessionHasNoErrors();
        $plan = $this->event->refresh()->planRevision?->plan;
        self::assertNotNull($plan);
        self::assertSame([9.25, -30.5, 3.0, 1.2], [$plan->named('Gym')?->heightM, $plan->named('Gym')?->points[2]->eastM, $plan->named('Mulberry')?->radiusM, $plan->named('Class 5B')?->heightM]);
        self::assertCount(3, $plan->things, 'an empty row is no thing');

        $this->put(route('site.update', $this->event), $this->form('viewers|Class 5B|5 5|1.2'));
        $this->post(route('site.undo', $this->event));
        self::assertCount(3, $this->event->refresh()->planRevision->plan->things ?? []);
        $this->post(route('site.undo', $this->event));
        $this->post(route('site.undo', $this->event));
        self::assertNull($this->event->refresh()->plan_revision_id, 'back to nothing, and no farther');
        $this->post(route('site.redo', $this->event));
        $this->post(route('site.redo', $this->event));
        $this->post(route('site.redo', $this->event));
        self::assertSame(5.0, $this->event->refresh()->planRevision?->plan->named('Class 5B')?->at()->eastM);
    }

    public function testRedoFollowsTheNewestBranch(): void
    {
        $this->put(route('site.update', $this->event), $this->form('viewers|A|0 0'));
        $this->put(route('site.update', $this->event), $this->form('viewers|B|0 0'));
        $this->post(route('site.undo', $this->event));
        $this->put(route('site.update', $this->event), $this->form('viewers|C|0 0'));
        $this->post(route('site.undo', $this->event));
        $this->post(route('site.redo', $this->event));
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
        $this->put(route('site.update', $this->event), $fields + $this->form(...$rows))->assertSessionHasErrors($field)->assertSessionHasInput('things');
        self::assertSame(0, PlanRevision::query()->count());
        $this->putJson(route('site.update', $this->event), $fields + $this->form(...$rows))->assertUnprocessable()->assertJsonValidationErrors($field);
    }

    public function testTwoPeopleDoNotOverwriteEachOther(): void
    {
        $mine = $this->form('viewers|Mine|0 0');
        $this->put(route('site.update', $this->event), $this->form('viewers|Theirs|0 0'));
        $this->put(route('site.update', $this->event), $mine)->assertSessionHasErrors('from')->assertSessionHasInput('things');
        $this->put(route('site.update', $this->event), $mine, ['X-Requested-With' => 'XMLHttpRequest'])->assertStatus(409)->assertSee('Somebody changed the plan');
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named('Theirs'));
    }

    public function testTheDatabaseKeepsEveryRevision(): void
    {
        $this->withSchoolYard();
        foreach (['update plan_revisions set plan = \'{}\'', 'delete from plan_revisions', 'truncate plan_revisions cascade'] as $statement) {
            try {
                DB::transaction(static fn() => DB::statement($statement));
                self::fail($statement);
            } catch (QueryException $e) {
                self::assertStringContainsString('never changed or deleted', $e->getMessage());
            }
        }
        $other = $this->eventOf($this->user);
        $this->expectException(QueryException::class);
        $other->forceFill(['plan_revision_id' => $this->event->plan_revision_id])->save();
    }

    public function testAPlanWithEveryKindComesBackAsItWas(): void
    {
        $rows = array_map(static fn(ThingKind $kind): string => "{$kind->value}|{$kind->value}|" . match ($kind->shape()->value) {
            'area' => '0 0; 10 0; 10 10',
            'line' => '0 0; 2 0',
            default => '1.25 -3.5',
        } . '|2.5|' . ($kind === ThingKind::Tree ? '2' : '') . '|' . ($kind->isOpening() ? '0.5' : ''), ThingKind::cases());
        $this->put(route('site.update', $this->event), ['horizon' => "215 0,5\n230; 1.5\n245, 2"] + $this->form(...$rows))->assertSessionHasNoErrors();
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
        $this->post(route('site.sighting', $this->event), ['seen_name' => "Line\nbreak", 'bearing_deg' => '361', 'distance_m' => 'far'] + $seen)->assertSessionHasErrors(['seen_name', 'bearing_deg', 'distance_m']);
    }

    public function testHelpersLookButDoNotDraw(): void
    {
        $this->withSchoolYard();
        $this->actingAs($this->member(Role::Helper, $this->user->organisation));
        $this->get(route('site.show', $this->event))->assertOk()->assertSee('Street wall')->assertDontSee('Save these numbers')->assertDontSee('data-undo', false);
        $this->put(route('site.update', $this->event), $this->form('viewers|A|0 0'))->assertForbidden();
        $this->post(route('site.undo', $this->event))->assertForbidden();
        $this->post(route('site.position.read', $this->event))->assertForbidden();
    }
}
