<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Domain\Event\FitPairs;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\LotHold;
use App\Models\Logbook\Incident;
use App\Models\Role;
use App\Models\User;
use App\Models\Viewers\Viewer;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\Held;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What went wrong, with which pair; all pairs of its lot, and the hold that reaches all of them at once. */
final class IncidentsTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    private Lot $lot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2026-08-12', 'lat' => 36.5297, 'lon' => -6.2926, 'height_m' => 10, 'timezone' => 'Europe/Madrid']);
        $this->lot = Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'pairs' => 6, 'label' => 'Blue sleeve']);
        foreach ([[1, []], [2, []], [3, ['scratch']]] as [$tag, $faults]) {
            $this->lot->pairChecks()->create(['uuid' => Str::uuid()->toString(), 'tag' => $tag, 'faults' => $faults, 'event_id' => $this->event->id, 'occasion' => 'day', 'checked_by' => $this->organiser->id, 'checked_at' => now()]);
        }
        $this->actingAs($this->organiser);
    }

    public function testAnIncidentShowsTheRecordOfItsPairAndAllPairsOfItsLot(): void
    {
        $this->get(route('logbook.incidents', $this->event))->assertOk()->assertSee('No incident is written down.');
        $this->get(route('logbook.incidents.create', $this->event))->assertOk()->assertSee('Blue sleeve');
        $form = self::form(['lot_id' => (string) $this->lot->id, 'tag' => '2']);
        foreach ([1, 2] as $sent) {
            $this->post(route('logbook.incidents.store', $this->event), $form)->assertRedirect()->assertSessionHasNoErrors();
        }
        $incident = Incident::query()->sole();
        self::assertSame('2026-08-12T18:22:05+00:00', $incident->happened_at->format('c'));
        $this->get(route('logbook.incidents.show', [$this->event, $incident]))->assertOk()->assertSeeInOrder(['A lens was cracked', '20:22:05 ± 15 s', '61.', '% of the Sun covered', 'third table', 'through eclipse glasses', 'pair 2', 'nothing found', 'All pairs of the lot Blue sleeve', 'Papers in order', 'Fit to use', '1–2', 'Withdraw and destroy', '3', 'Not inspected', '4–6', 'Hold all pairs of this lot']);
        $this->get(route('logbook.incidents', $this->event))->assertSeeInOrder(['1 incident is written down.', '20:22:05', 'Blue sleeve', 'pair 2']);
    }

    public function testACorrectionPointsBack(): void
    {
        $this->post(route('logbook.incidents.store', $this->event), self::form());
        $first = Incident::query()->sole();
        $this->get(route('logbook.incidents.edit', [$this->event, $first]))->assertOk()->assertSee('value="20:22:05"', false)->assertSee('A lens was cracked');
        $this->post(route('logbook.incidents.correct', [$this->event, $first]), self::form(['what' => 'A frame was bent']))->assertRedirect()->assertSessionHasNoErrors();
        $this->get(route('logbook.incidents.show', [$this->event, $first]))->assertOk()->assertSeeInOrder(['A lens was cracked', 'corrected or taken out later']);
        $this->get(route('logbook.incidents', $this->event))->assertSeeInOrder(['1 incident is written down.', 'A frame was bent', 'as it was', 'A lens was cracked']);
        $this->post(route('logbook.incidents.correct', [$this->event, $first]), self::form())->assertSessionHasErrors('time');
        self::assertSame(2, Incident::query()->count());
    }

    /** Written down by mistake: out of the list and the report, still to be read. */
    public function testOneIsTakenOut(): void
    {
        $this->post(route('logbook.incidents.store', $this->event), self::form());
        $incident = Incident::query()->sole();
        $this->actingAs($this->member(Role::Helper, $this->organiser->organisation))->delete(route('logbook.incidents.destroy', [$this->event, $incident]))->assertForbidden();
        $this->actingAs($this->organiser)->delete(route('logbook.incidents.destroy', [$this->event, $incident]))->assertRedirect(route('logbook.incidents', $this->event))->assertSessionHasNoErrors();
        $this->delete(route('logbook.incidents.destroy', [$this->event, $incident]))->assertSessionHasErrors('time');
        self::assertSame([false, true], Incident::query()->orderBy('id')->pluck('is_taken_out')->all());
        $this->get(route('logbook.incidents', $this->event))->assertSeeInOrder(['No incident is written down.', 'as it was', 'A lens was cracked']);
        foreach (Incident::query()->get() as $row) {
            $this->get(route('logbook.incidents.show', [$this->event, $row]))->assertOk()->assertSee('taken out later')->assertDontSee('Correct it');
        }
        $this->get(route('logbook.report', $this->event))->assertOk()->assertDontSee('A lens was cracked');
    }

    /** A viewer brings along how it was tried: in perihelion the Sun is 32′32″ wide (Astronomical Almanac, from memory), 8.52 mm at the tube's 900 mm. */
    public function testAViewerShowsHowItWasTried(): void
    {
        $tube = DesignRecord::read(['build' => 'mailing_tube'], isWhole: false);
        $viewer = Viewer::madeAs(Str::uuid()->toString(), $this->event, 'Tube 3', $tube);
        $foreign = Viewer::madeAs(Str::uuid()->toString(), $this->eventOf($this->organiser), 'Elsewhere', $tube);
        $this->get(route('logbook.incidents.create', $this->event))->assertSee('Tube 3')->assertDontSee('Elsewhere');
        $this->post(route('logbook.incidents.store', $this->event), self::form(['viewer_id' => (string) $foreign->id]))->assertSessionHasErrors('viewer_id');
        $this->post(route('logbook.incidents.store', $this->event), self::form(['method' => 'projection', 'viewer_id' => (string) $viewer->id]))->assertSessionHasNoErrors();
        $incident = Incident::query()->sole();
        $this->get(route('logbook.incidents.show', [$this->event, $incident]))->assertSeeInOrder(['What is on record of Tube 3', 'Nobody tried it out.']);
        $this->post(route('viewers.trials.store', [$this->event, $viewer]), ['uuid' => Str::uuid()->toString(), 'tried_on' => '2026-01-04', 'measured_mm' => '8.5', 'uncertainty_mm' => '0.3'])->assertSessionHasNoErrors();
        $viewer->delete();
        $this->get(route('logbook.incidents.show', [$this->event, $incident]))->assertSeeInOrder(['What is on record of Tube 3', 'Tried: 8.50 ± 0.3 mm, by its design 8.52 ± ', $this->organiser->name]);
    }

    public function testNonsenseIsNamed(): void
    {
        $foreign = Lot::factory()->create();
        $this->post(route('logbook.incidents.store', $this->event), self::form(['time' => 'late', 'what' => '', 'method' => 'magic', 'within' => '7', 'lot_id' => (string) $foreign->id]))->assertSessionHasErrors(['time', 'what', 'method', 'within', 'lot_id']);
        $this->post(route('logbook.incidents.store', $this->event), self::form(['tag' => '2']))->assertSessionHasErrors(['lot_id' => 'Choose the lot of pair 2.']);
        $this->post(route('logbook.incidents.store', $this->event), self::form(['lot_id' => (string) $this->lot->id, 'tag' => '7']))->assertSessionHasErrors(['tag' => 'The lot has 6 pairs.']);
        self::assertSame(0, Incident::query()->count());
    }

    /** Held, no pair of it is fit anywhere; lifted, all is as it was, and both are on record. */
    public function testAHoldReachesAllPairsAtOnce(): void
    {
        self::assertSame(Level::Hold, Held::finding()->level);
        self::assertSame([Level::Yes, 2], [$this->lot->verdict($this->event->eclipse_date)->level, $this->app->make(FitPairs::class)->count($this->event)]);
        $hold = ['uuid' => Str::uuid()->toString(), 'why' => 'A lens was cracked'];
        foreach ([1, 2] as $sent) {
            $this->from(route('eyewear.show', [$this->event, $this->lot]))->post(route('eyewear.holds.store', [$this->event, $this->lot]), $hold)->assertRedirect()->assertSessionHasNoErrors();
        }
        $this->lot->refresh();
        self::assertSame([Level::Hold, 0], [$this->lot->verdict($this->event->eclipse_date)->level, $this->app->make(FitPairs::class)->count($this->event)]);
        $this->get(route('eyewear.pair', [$this->event, $this->lot, 1]))->assertOk()->assertSee('Its lot is on hold.');
        $this->get(route('eyewear.show', [$this->event, $this->lot]))->assertSeeInOrder(['Something happened with a piece of this lot', 'Held since', 'A lens was cracked', 'Lift the hold']);

        $this->post(route('eyewear.holds.lift', [$this->event, $this->lot]), ['uuid' => Str::uuid()->toString(), 'why' => ''])->assertSessionHasErrors('why');
        $this->post(route('eyewear.holds.lift', [$this->event, $this->lot]), ['uuid' => Str::uuid()->toString(), 'why' => 'It had been sat on'])->assertRedirect(route('eyewear.show', [$this->event, $this->lot]));
        $this->lot->refresh();
        self::assertSame([Level::Yes, 2], [$this->lot->verdict($this->event->eclipse_date)->level, $this->app->make(FitPairs::class)->count($this->event)]);
        self::assertSame(['A lens was cracked', 'It had been sat on'], LotHold::query()->orderBy('id')->pluck('why')->all());
    }

    /**
     * @param array<string, string> $other
     *
     * @return array<string, string>
     */
    private static function form(array $other = []): array
    {
        return $other + ['uuid' => Str::uuid()->toString(), 'time' => '20:22:05', 'within' => '15', 'what' => 'A lens was cracked', 'place' => 'third table', 'done' => 'taken away', 'seen_by' => 'helper', 'method' => 'glasses', 'lot_id' => '', 'tag' => '', 'instrument' => ''];
    }
}
