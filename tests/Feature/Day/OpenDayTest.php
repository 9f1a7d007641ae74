<?php

declare(strict_types=1);

namespace Tests\Feature\Day;

use App\Domain\Event\EventReader;
use App\Models\Day\DayEntry;
use App\Models\Event;
use App\Models\Role;
use App\Models\RunSheet\Helper;
use App\Models\User;
use App\Pages\Day\LookPage;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Inquiry\Inquiry;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Inquiry\Items;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The day for those who do not sign in, and what there is to see in totality. */
final class OpenDayTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['title' => 'On the wall', 'eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
    }

    /** Times are those of the Sky page and of the rule about filters (SkyPageTest, SheetTest); what was kept is told from what changed. */
    public function testThePageForEverybody(): void
    {
        $this->actingAs($this->organiser);
        $this->post(route('day.for-all.open', $this->event))->assertRedirect(route('day.for-all', $this->event));
        $address = route('day.public', (string) $this->event->refresh()->public_key);
        $this->post(route('day.for-all.open', $this->event));
        self::assertSame($address, route('day.public', (string) $this->event->refresh()->public_key), 'opened twice it stays where it is');
        $this->get(route('day.for-all', $this->event))->assertSee($address);
        $this->get(route('day.for-all.sheet', $this->event))->assertSee("data-address=\"{$address}\"", false)->assertSee('10:48:11');
        Auth::forgetGuards();

        $page = $this->get($address)->assertOk()->assertHeader('Cache-Control', 'max-age=60, public, stale-while-revalidate=600')->assertHeaderMissing('Set-Cookie');
        $page->assertSeeInOrder(['On the wall', '2 August 2027', 'first bite', '09:40:46', 'totality begins', '10:45:26', 'filters may come off at 10:45:31', 'totality ends', 'filters on by 10:48:11', 'last bite gone', '11:59:3', 'Something warm', 'Filters may come off from 10:45:31 to 10:48:11', 'Cloud is no filter']);
        $page->assertDontSee($this->organiser->name);
        $etag = (string) $page->headers->get('ETag');
        $this->get($address, ['If-None-Match' => $etag])->assertStatus(304);
        $this->travel(1)->seconds();
        // What the place lets come off the event's policy may keep on.
        $this->event->update(['policy' => Policy::IndirectOnly]);
        $this->get($address, ['If-None-Match' => $etag])->assertOk()->assertSeeInOrder(['totality begins', 'filters stay on', 'Filters stay on, in totality too'])->assertDontSee('may come off')->assertSee('Something warm');
        $this->travel(1)->seconds();
        $this->event->update(['lat' => 40.42, 'lon' => -3.7]);
        $this->get($address, ['If-None-Match' => $etag])->assertOk()->assertSee('Filters never come off at this place')->assertDontSee('Something warm');
        $this->actingAs($this->member(Role::Helper, $this->organiser->organisation))->delete(route('day.for-all.close', $this->event))->assertForbidden();
        $this->actingAs($this->organiser)->delete(route('day.for-all.close', $this->event));
        $this->get($address)->assertNotFound();
        $this->get(route('day.for-all.sheet', $this->event))->assertNotFound();
    }

    /** Where the eclipse is not seen, below the pole or with the Sun down, the page stands and says so. */
    #[TestWith([-36.5, 173.7])]
    #[TestWith([90.0, 0.0])]
    public function testWhereNothingIsSeen(float $lat, float $lon): void
    {
        $this->event->forceFill(['lat' => $lat, 'lon' => $lon, 'timezone' => 'UTC', 'public_key' => '0123456789'])->save();
        $this->get(route('day.public', '0123456789'))->assertOk()->assertDontSee('may come off at');
        $this->actingAs($this->organiser)->get(route('day.show', $this->event))->assertOk()->assertDontSee('Look round in totality');
    }

    /** A helper's address shows what is theirs and what is called for all; it writes as a helper, and leads nothing. */
    public function testAHelperComesByThePrivateAddress(): void
    {
        $helper = Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'name' => 'Noor', 'training' => [], 'duty_key' => Helper::newKey()]);
        $door = [$helper->duty_key, $this->event];
        $line = static fn(string $kind, string $text): array => ['uuid' => Str::uuid()->toString(), 'kind' => $kind, 'text' => $text, 'made' => CarbonImmutable::now()->getTimestampMs() - 100];
        $send = fn(string $route, mixed $to, array $lines): array => (array) $this->postJson(route($route, $to), ['sent_at' => CarbonImmutable::now()->getTimestampMs(), 'since' => 0, 'rehearsals' => [], 'entries' => $lines])->assertOk()->json();
        $this->actingAs($this->organiser);
        $send('day.entries', $this->event, [$line('note', 'Between organisers'), $line('message', 'To all'), $line('check_in', ''), $line('filter_off', 'At the refractor'), $line('cloud', '')]);
        Auth::forgetGuards();

        $this->get(route('runsheet.duties', $helper->duty_key))->assertHeader('Referrer-Policy', 'no-referrer');
        $this->get(route('duties.day.show', $door))->assertOk()->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('Cache-Control', 'no-cache, private')->assertSee('An organiser takes it back.')->assertDontSee('Hold 2 s');
        $this->get(route('duties.day.worker', $door))->assertOk()->assertHeader('Content-Type', 'text/javascript; charset=UTF-8')->assertSee("day-{$this->event->id}-helper-{$helper->id}");
        $this->get(route('duties.day.pocket', $door))->assertOk()->assertSee('Nothing: bare eyes');
        $this->getJson(route('duties.day.pack', $door))->assertOk()->assertJsonPath('pack.duties', []);
        $goOn = $line('go_on', '');
        $answer = $send('duties.day.entries', $door, [$stop = $line('stop', ''), $goOn]);
        self::assertSame([$stop['uuid'] => '', $goOn['uuid'] => 'Only an organiser may do this.'], $answer['stored']);
        $heard = $this->getJson(route('duties.day.live', $door))->json('entries.*.kind');
        self::assertSame(['message', 'filter_off', 'cloud', 'stop'], $heard);
        self::assertSame(['Noor', null], DayEntry::query()->where('kind', 'stop')->get(['who', 'made_by'])->map(static fn(DayEntry $e): array => [$e->who, $e->made_by])->sole());

        $foreign = $this->eventOf($this->member());
        $this->postJson(route('duties.day.entries', [$helper->duty_key, $foreign]), [])->assertNotFound();
        $this->get(route('duties.day.show', [str_repeat('0', 40), $this->event]))->assertNotFound();
    }

    /** Of swetest a minute earlier at Cádiz, while all turn by a fifth of a degree: Venus 94.6° and 40.0° high, Jupiter 87.4° and 16.6°, Mercury 97.8° and 47.0°, Saturn 250.2° and 37.4°; Mars is down. */
    public function testPlanetsInTotality(): void
    {
        $here = $this->app->make(EventReader::class)->facts($this->event)->here;
        $look = LookPage::of($here);
        self::assertSame([
            'Venus: east, 95°, 40° high: 4 fists at arm\'s length (bright, magnitude −4)',
            'Jupiter: east, 88°, 17° high: 1.5 fists at arm\'s length (bright, magnitude −2)',
            'Mercury: east, 98°, 47° high: 4.5 fists at arm\'s length (with luck, magnitude −1)',
            'Saturn: west-south-west, 250°, 37° high: 3.5 fists at arm\'s length (with luck, magnitude 1)',
        ], $look->planets);
        self::assertSame('In the minute before totality the shadow comes from the west (268°), as a dark wall in the sky. Turn your back to the Sun to see it.', $look->shadow);
        $read = static fn(float $x, float $y): array => [fmod(rad2deg(atan2($x, -$y)) + 360, 360), 90 - 0.9 * hypot($x, $y)];
        self::assertEqualsWithDelta([[95, 40], [88, 17], [98, 47], [250, 37]], array_map(static fn(array $mark): array => $read($mark['x'], $mark['y']), $look->rose->planets), 1.0);
        self::assertEqualsWithDelta([95, 37], $read($look->rose->sun['x'], $look->rose->sun['y']), 1.0);
        self::assertEqualsWithDelta(268, $look->rose->shadowDeg, 1.0);
    }

    /** Every way to an answer of the book is on the one page, with the answer that the book gives. */
    public function testTheWholeBookInThePocket(): void
    {
        $page = (string) $this->actingAs($this->organiser)->get(route('rules.pocket', $this->event))->assertOk()->getContent();
        $ends = 0;
        $no = 0;
        foreach (Items::all() as $item) {
            $this->walk($item, [], $ends, $no);
        }
        self::assertGreaterThan(300, $ends);
        self::assertSame($ends, substr_count($page, 'class="verdict-word"'));
        self::assertSame($no, substr_count($page, 'verdict-no"'));
    }

    /** @param array<string, string> $answers */
    private function walk(Item $item, array $answers, int &$ends, int &$no): void
    {
        $inquiry = Inquiry::of(Standard::book(), $item, $answers, ['phase' => null, 'policy' => null]);
        if ($inquiry->next === null) {
            ++$ends;
            $no += $inquiry->answer->permission->level()->value === 'no' ? 1 : 0;

            return;
        }
        foreach ($inquiry->choices as $choice) {
            $this->walk($item, $answers + [$inquiry->next->id => $choice->id], $ends, $no);
        }
    }
}
