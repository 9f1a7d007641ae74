<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Process;
use KeenShadow\Core\Audience\Policy;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/**
 * Whatever tells people about filters says the same as the rule, and nothing that is not seen as total is called so
 * plainly. The places are those of core/tests/Rules/FiltersTest.
 */
final class CautionTest extends TestCase
{
    use RefreshDatabase;
    use RichEvent;

    private const STAY = 'stay_on';

    /** @return iterable<string, array{string, float, float, string, string, string, string}> date, place, zone, caution, filters in the record, seen as */
    public static function places(): iterable
    {
        yield 'total after sunset' => ['2026-08-12', 37.27, 9.87, 'Africa/Tunis', 'total here only while the Sun is down', self::STAY, 'partial'];
        yield 'total by night' => ['2043-04-09', 59.56, 150.80, 'Asia/Magadan', 'total here only while the Sun is down', self::STAY, 'partial'];
        yield 'near the edge of the path' => ['2027-08-02', 36.72, -6.0, 'Europe/Madrid', 'within 5 km of the edge of the path', self::STAY, 'total'];
        yield 'inside the path' => ['2027-08-02', 36.53, -6.29, 'Europe/Madrid', 'Filters may come off from 10:45:31 to 10:48:11', 'may_come_off', 'total'];
        yield 'partial' => ['2026-08-12', 36.53, -6.29, 'Europe/Madrid', 'never come off at this place: some of the Sun', self::STAY, 'partial'];
        yield 'a ring' => ['2028-01-26', 36.53, -6.29, 'Europe/Madrid', 'the ring is Sun as well', self::STAY, 'annular'];
    }

    #[DataProvider('places')]
    public function testEveryPageAndExportSaysTheSame(string $date, float $lat, float $lon, string $zone, string $caution, string $filters, string $seen): void
    {
        $user = $this->member();
        $event = $this->eventOf($user, ['title' => 'Here', 'eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'height_m' => 0, 'timezone' => $zone]);
        $this->actingAs($user);
        $texts = [
            'page' => (string) $this->get(route('sky.show', $event))->assertOk()->assertSee($caution)->getContent(),
            'calendar' => str_replace("\r\n ", '', (string) $this->get(route('sky.calendar', $event))->assertOk()->getContent()),
            'list' => (string) $this->get(route('events.index'))->assertOk()->getContent(),
            'map' => (string) $this->get(route('sky.there', [$event, 'lat' => $lat, 'lon' => $lon]))->assertOk()->getContent(),
            'many sites' => $this->manySites($event, $lat, $lon),
        ];
        $csv = str_getcsv(explode("\r\n", (string) $this->get(route('sky.table', $event))->getContent())[1], escape: '');
        self::assertSame([$seen, $filters], array_slice($csv, -4, 2));
        self::assertStringContainsString(substr($caution, 0, 30), $texts['calendar']);

        // A length is not printed plain where the horizon or the edge stands against it.
        self::assertSame(str_contains($caution, 'only while the Sun is down'), str_contains($texts['many sites'], '>total while the Sun is down<'));
        self::assertSame(str_contains($caution, 'edge of the path'), str_contains($texts['many sites'], '>perhaps 1 min'));

        foreach ($texts as $where => $text) {
            // The list of events names no filters; everything else gives the permission where it holds, and nothing where not.
            self::assertSame($filters !== self::STAY && $where !== 'list', preg_match('/may come off (at|from)/', $text) === 1, $where);
            if ($seen === 'partial') {
                self::assertStringNotContainsString('Totality', $text, $where);
            }
        }
    }

    /** What stands on the site counts: from behind the gym totality is not seen. */
    public function testASkylineThatHidesTotalityKeepsFiltersOn(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user);
        $this->actingAs($user)->get(route('sky.show', $event))->assertSee('Filters may come off from');
        $this->putJson(route('site.update', $event), [
            'accuracy_m' => '0.5', 'horizon' => "0 80\n45 80\n90 80\n135 80\n180 80", 'from' => '',
            'things' => [['kind' => 'viewers', 'name' => 'Lawn', 'points' => '0 0', 'height_m' => '', 'radius_m' => '', 'sill_m' => '']],
        ])->assertOk();
        $this->get(route('sky.show', $event))->assertOk()->assertSee('totality passes behind what stands on the site')->assertDontSee('Filters may come off from');
        self::assertStringContainsString('totality begins\, filters stay on', (string) $this->get(route('sky.calendar', $event))->getContent());
    }

    /** One event, one answer: where its policy lets nobody look directly, nothing tells or calls when filters come off, for visitors, crew or cameras. */
    public function testAPolicyHoldsForEverythingThatTellsOfFilters(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $rich = $this->richEvent($user);
        $event = $rich['event'];
        self::assertInstanceOf(Event::class, $event);
        $event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        $event->forceFill(['public_key' => '0123456789'])->save();
        $routes = array_fill_keys(['sky.show', 'sky.calendar', 'runsheet.show', 'runsheet.calendar', 'runsheet.json', 'day.show', 'day.pack', 'training.drill', 'photo.index'], $event);
        $routes += ['day.public' => '0123456789', 'runsheet.wall' => [$event, 'a4'], 'runsheet.briefing' => [$event, 'a4'], 'photo.show' => [$event, $rich['photoPlan']], 'photo.json' => [$event, $rich['photoPlan']], 'photo.card' => [$event, $rich['photoPlan']]];
        $before = $event->refresh()->sequence;
        foreach ([null, Policy::Mixed, Policy::Glasses, Policy::IndirectOnly, Policy::Banner] as $policy) {
            $event->refresh()->update(['policy' => $policy]);
            foreach ($routes as $name => $to) {
                $answer = $this->get(route($name, $to))->assertOk();
                $text = str_starts_with((string) $answer->headers->get('Content-Type'), 'application/pdf') ? Process::input((string) $answer->getContent())->run(['pdftotext', '-', '-'])->throw()->output() : (string) $answer->getContent();
                // 10:45:31 in Madrid: the guarded instant in words, in UTC, in milliseconds since 1970. The drill's clock shows every second, so that of it the last one counts.
                $instant = ($name === 'training.drill' ? '' : '10:45:31|08:45:30\.|T084531Z|') . '181719633[01]\d{3}';
                self::assertSame(!in_array($policy, [Policy::IndirectOnly, Policy::Banner], true), preg_match("/{$instant}/", $text) === 1, "{$name} " . ($policy->value ?? 'undecided'));
            }
        }
        self::assertSame($before + 4, $event->refresh()->sequence, 'calendars hear of it');
    }

    public function testTheNextEclipsesSayWhenTheSunIsDownForTotality(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user, ['eclipse_date' => '2028-01-26', 'lat' => 59.56, 'lon' => 150.80, 'timezone' => 'Asia/Magadan']);
        $this->travelTo('2040-01-01 00:00:00');
        $this->actingAs($user)->get(route('sky.next', [$event, 'to' => 2045]))->assertOk()
            ->assertSeeInOrder(['2043', 'partial', 'total while the Sun is down']);
        $this->get(route('sky.next', [$event, 'to' => 2045, 'kind' => 'total']))->assertDontSee('10 Apr 2043');
    }

    private function manySites(Event $event, float $lat, float $lon): string
    {
        $this->post(route('place-lists.store', $event), ['file' => UploadedFile::fake()->createWithContent('a.csv', "name,lat,lon\nHere,{$lat},{$lon}\n")] + self::newForm())->assertRedirect();
        $list = PlaceList::query()->latest('id')->firstOrFail();
        $site = ListedPlace::query()->where('place_list_id', $list->id)->firstOrFail();

        return $this->get(route('place-lists.table', [$event, $list]))->assertOk()->getContent()
            . str_replace("\r\n ", '', (string) $this->get(route('place-lists.calendar', [$event, $list, $site]))->assertOk()->getContent());
    }
}
