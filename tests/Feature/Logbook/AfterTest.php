<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use App\Models\Logbook\AfterTick;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Str;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Putting away: counted back, ticked off, and what to look at before the next eclipse. */
final class AfterTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2026-08-12', 'lat' => 36.5297, 'lon' => -6.2926, 'height_m' => 10, 'timezone' => 'Europe/Madrid']);
        $this->actingAs($this->organiser);
    }

    /** 30 + 20 out, 28 + 15 back, 3 given up: 4 are still out. An entry that was taken back does not count, nor what happened at another event. */
    public function testWhatCameBackIsCounted(): void
    {
        $this->get(route('logbook.after', $this->event))->assertOk()->assertSee('No glasses were handed out.');
        $group = $this->event->audienceGroups()->create(['name' => 'Class 5B', 'people' => 24, 'band' => 'child', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4]);
        $lot = Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'label' => 'Blue sleeve', 'pairs' => 60]);
        $move = fn(string $what, int $pairs, ?int $groupId, ?Event $event = null): StockEntry => StockEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => ($event ?? $this->event)->id, 'lot_id' => $lot->id, 'what' => $what, 'pairs' => $pairs, 'group_id' => $groupId, 'is_void' => false, 'moved_by' => $this->organiser->id, 'moved_at' => now()]);
        $move('out', 30, $group->id);
        $move('out', 20, null);
        $move('back', 28, $group->id);
        $move('lost', 3, null);
        $wrong = $move('back', 9, null);
        $wrong->replicate(['uuid'])->fill(['uuid' => Str::uuid()->toString(), 'is_void' => true, 'corrects_id' => $wrong->id])->save();
        $move('back', 15, null);
        $move('out', 5, null, $this->eventOf($this->organiser, ['title' => 'Another']));
        $page = $this->get(route('logbook.after', $this->event))->assertOk()->assertSee('43 of 50 pairs are back; 4 are still out.');
        preg_match_all('/<t[hd][^>]*>(.*?)<\/t[hd]>/s', (string) $page->getContent(), $cells);
        $words = implode('|', array_map(static fn(string $cell): string => trim(strip_tags($cell)), $cells[1]));
        self::assertStringContainsString('Blue sleeve|50|43|3|4', $words);
        self::assertStringContainsString('Class 5B|30|28|0|2', $words);
        self::assertStringContainsString('nobody in particular|20|15|3|2', $words);
    }

    public function testWhatIsDoneIsTickedOff(): void
    {
        $viewer = $this->event->viewers()->create(['name' => 'Shoe box', 'design' => DesignRecord::read(['build' => 'box'], isWhole: false)]);
        $viewer->forceFill(['wanted' => 2])->save();
        foreach ([['store_glasses', 'done'], ['thank_crew', 'done'], ['thank_crew', ''], ["viewer-{$viewer->id}", 'kept'], ["viewer-{$viewer->id}", 'taken_apart'], ['store_glasses', 'done']] as [$item, $state]) {
            $this->post(route('logbook.after.tick', $this->event), ['item' => $item, 'state' => $state])->assertRedirect()->assertSessionHasNoErrors();
        }
        self::assertEquals(['store_glasses' => 'done', "viewer-{$viewer->id}" => 'taken_apart'], AfterTick::of($this->event->id));
        $this->get(route('logbook.after', $this->event))->assertSee('Shoe box')->assertSee('aria-pressed="true"', false);
        foreach ([['dance', 'done'], ['store_glasses', 'kept'], ["viewer-{$viewer->id}", 'done'], ['viewer-999999', 'kept']] as [$item, $state]) {
            $this->post(route('logbook.after.tick', $this->event), ['item' => $item, 'state' => $state])->assertSessionHasErrors();
        }
    }

    /** After 12 August 2026 people at Cádiz come to look on 2 August 2027 (total) and 26 January 2028 (annular; both Canon, from memory); what is printed on a lot may have run out by then. */
    public function testBeforeTheNextEclipse(): void
    {
        Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'label' => 'Lasts', 'expires_on' => '2028-01-01']);
        Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'label' => 'Runs out', 'expires_on' => '2027-07-31']);
        $this->get(route('logbook.after', $this->event))->assertSeeInOrder(['Flat, between stiff card', '2 Aug 2027', 'total', '100 % covered', '26 Jan 2028', 'annular', 'How each lot stands on 2 Aug 2027', 'Lasts', 'Papers in order', 'Runs out', 'Do not hand out']);
    }
}
