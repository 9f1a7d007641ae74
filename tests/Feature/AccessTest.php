<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exports\RunSheet\WallPaper;
use App\Models\Eyewear\Lot;
use App\Models\Role;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Viewers\Sheet\Paper;
use KeenShadow\Core\Viewers\Sheet\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class AccessTest extends TestCase
{
    use RefreshDatabase;
    use RichEvent;

    /** Signing in and out, the health check and an address that is itself the key need no policy; everything else does. */
    private const OPEN = ['login', 'logout', 'up', 'time', 'calendars/{calendarKey}.ics', 'duties/{dutyKey}', 'duties/{dutyKey}.ics', 'see/{publicKey}', 'duties/{dutyKey}/days/{event}', 'duties/{dutyKey}/days/{event}/pack', 'duties/{dutyKey}/days/{event}/live', 'duties/{dutyKey}/days/{event}/entries', 'duties/{dutyKey}/days/{event}/may-i', 'duties/{dutyKey}/day-worker-{event}.js', 'duties/{dutyKey}/training/{event}', 'duties/{dutyKey}/training/{event}/cards/{trainingDuty}', 'duties/{dutyKey}/training/{event}/scenes/{exercise}', 'duties/{dutyKey}/training/{event}/steps/{exercise}', 'duties/{dutyKey}/training/{event}/lenses', 'duties/{dutyKey}/training/{event}/drill', 'duties/{dutyKey}/training/{event}/results'];

    public function testEveryRouteIsAuthorised(): void
    {
        $checked = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (in_array($route->uri(), self::OPEN, true)) {
                continue;
            }
            $middleware = $route->gatherMiddleware();
            self::assertContains('auth', $middleware, $route->uri());
            self::assertNotEmpty(
                array_filter($middleware, static fn(mixed $m): bool => is_string($m) && (str_starts_with($m, 'can:') || str_contains($m, 'Authorize:'))),
                $route->uri() . ' asks no policy',
            );
            self::assertSame([], array_diff(array_filter($route->parameterNames(), is_string(...)), array_keys($route->wheres), ['method']), $route->uri() . ' names a record by what is no number');
            ++$checked;
        }
        self::assertGreaterThan(15, $checked);
    }

    public function testStrangersAreSentToSignIn(): void
    {
        foreach ($this->addresses($this->richEvent($this->member())) as [$method, $address]) {
            $this->call($method, $address)->assertRedirect(route('sign-in'));
        }
    }

    /** Whatever is asked of another's records, by page, form or removal: nobody learns that they exist, and nothing changes. */
    public function testAnotherOrganisationsRecordsAreNotFound(): void
    {
        $records = $this->richEvent($this->member());
        $before = $this->contents();
        $this->actingAs($this->member());
        foreach ($this->addresses($records) as [$method, $address]) {
            self::assertSame(404, $this->call($method, $address)->getStatusCode(), "{$method} {$address}");
        }
        self::assertEquals($before, $this->contents());
    }

    /** What belongs to one event is not found under another, not even one's own. */
    public function testARecordIsFoundUnderItsOwnEventOnly(): void
    {
        $user = $this->member();
        $records = $this->richEvent($user);
        $before = $this->contents();
        $records['event'] = $this->eventOf($user, ['title' => 'The other']);
        $this->actingAs($user);
        $asked = 0;
        foreach ($this->addresses($records) as [$method, $address, $parameters]) {
            // Glasses are the organisation's, at every event.
            if (array_intersect($parameters, ['viewer', 'audienceGroup', 'placeList', 'positionReading', 'stockEntry', 'instrumentLog', 'dayEntry', 'incident', 'eyeReport', 'logPicture', 'photoPlan']) !== []) {
                self::assertSame(404, $this->call($method, $address)->getStatusCode(), "{$method} {$address}");
                ++$asked;
            }
        }
        self::assertGreaterThan(8, $asked);
        self::assertEquals($before, array_map(static fn(array $rows): array => array_values(array_filter($rows, static fn(object $row): bool => ($row->title ?? '') !== 'The other')), $this->contents()));
    }

    /** A helper looks; of what would change something everything is forbidden, and nothing changes. */
    public function testAHelperChangesNothing(): void
    {
        $helper = $this->member(Role::Helper);
        $records = $this->richEvent($this->member(Role::Organiser, $helper->organisation));
        $before = $this->contents();
        $this->actingAs($helper);
        $asked = 0;
        foreach ($this->addresses($records) as [$method, $address]) {
            $status = $this->call($method, $address)->getStatusCode();
            if ($method === 'GET') {
                self::assertLessThan(500, $status, $address);
            } elseif (str_ends_with($address, '/day/entries') || str_ends_with($address, '/training/results')) {
                self::assertSame(422, $status, 'whoever is there may call a stop: what who may write is in DayTest');
            } else {
                self::assertSame(403, $status, "{$method} {$address}");
                ++$asked;
            }
        }
        self::assertGreaterThan(15, $asked);
        self::assertEquals($before, $this->contents());
    }

    public function testALotOfAnotherOrganisationIsNotFoundUnderOnesOwnEvent(): void
    {
        $user = $this->member();
        $foreign = Lot::factory()->create();

        $this->actingAs($user)->get(route('eyewear.show', [$this->eventOf($user), $foreign]))->assertNotFound();
        $this->post(route('eyewear.checks.store', [$this->eventOf($user), $foreign]))->assertNotFound();
    }

    public function testNonsenseInAnAddressIsNotFound(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user);
        $this->actingAs($user);
        foreach (['/events/undefined', '/events/-1', '/events/99999999999999999999', '/events/0x1', "/events/{$event->id}/glasses/abc", "/events/{$event->id}/viewers/1e3", "/events/{$event->id}/sites/null"] as $address) {
            $this->get($address)->assertNotFound();
        }
    }

    /** Lists where one word is meant, bytes that are no text, numbers beyond all numbers: a refusal, never an error of ours. */
    public function testNonsenseInAQuestionIsNeverOurError(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user);
        $list = $event->placeLists()->create(['name' => 'Schools', 'size' => 0]);
        $this->actingAs($user);
        foreach ([
            '/places?q[]=x', '/eclipses?lat[]=1&lon=2', "/events/{$event->id}/sky/there?lat[]=1&lon=3", "/events/{$event->id}/sky/there?lat=1e400&lon=3",
            "/events/{$event->id}/sky/next?kind[]=total&to[]=3", "/events/{$event->id}/place-lists/{$list->id}?sort[]=x&page=-5",
            "/events/{$event->id}/viewers/preview?distance_mm[]=1&screen_side[]=front", '/events/create?title[]=x&eclipse[]=y', '/places?q=%ff%fe', '/places?q=%00',
        ] as $address) {
            self::assertLessThan(500, $this->get($address)->getStatusCode(), $address);
        }
        $this->get('/places?q=%ff%fe')->assertStatus(400)->assertSee('This cannot be read.');
        $this->post('/events', ['title' => "\xff", 'place_name' => "a\0b"])->assertStatus(400);
        $this->post('/events', ['title' => ['x'], 'lat' => ['3'], 'eclipse' => ['2']])->assertSessionHasErrors(['title', 'lat']);
    }

    /** @return list<array{string, string, string, list<string>}> method, address, page of the form, fields */
    public static function forms(): array
    {
        return [
            ['POST', 'events', 'events/create', ['title', 'lat', 'eclipse', 'place_name']],
            ['POST', 'events/:event/viewers', 'events/:event/viewers/create', ['name', 'build', 'hole_mm', 'distance_mm', 'screen_side', 'outline', 'finder']],
            ['POST', 'events/:event/audience', 'events/:event/audience/create', ['name', 'band', 'comes', 'people']],
            ['POST', 'events/:event/glasses', 'events/:event/glasses/create', ['name', 'kind', 'maker', 'size', 'standard']],
            ['POST', 'events/:event/run-sheet/cues', 'events/:event/run-sheet/cues/create', ['name', 'kind', 'anchor', 'offset', 'clock', 'frozen']],
            ['POST', 'events/:event/run-sheet/propose', 'events/:event/run-sheet', ['occasion', 'from']],
            ['POST', 'events/:event/run-sheet/templates', 'events/:event/run-sheet', ['template']],
            ['PUT', 'events/:event/run-sheet/hours', 'events/:event/run-sheet', ['opens', 'closes']],
            ['PUT', 'events/:event/site', 'events/:event/site', ['accuracy_m', 'horizon', 'from', 'spot', 'things']],
            ['POST', 'events/:event/site/sighting', 'events/:event/site', ['seen_kind', 'seen_name', 'bearing_deg']],
            ['POST', 'events/:event/site/position', 'events/:event/site/files', ['position']],
            ['GET', 'events/:event/site/mirror', 'events/:event/site/files', ['opening_mm', 'time']],
        ];
    }

    /** @param list<string> $fields */
    #[DataProvider('forms')]
    public function testAListWhereATextBelongsIsNamedAndTheFormComesBack(string $method, string $address, string $page, array $fields): void
    {
        $user = $this->member();
        $event = $this->eventOf($user);
        $of = static fn(string $text): string => '/' . str_replace(':event', (string) $event->id, $text);
        $this->actingAs($user)->from($of($page))->call($method, $of($address), array_fill_keys($fields, ['x' => ['y' => ['z']]]))->assertSessionHasErrors();
        $this->get($of($page))->assertOk()->assertSee('role="alert"', false);
    }

    /** @return iterable<string, array{Role, array<string, int>}> */
    public static function roles(): iterable
    {
        yield 'organiser' => [Role::Organiser, ['events.create' => 200, 'events.store' => 302, 'site.update' => 302, 'site.import' => 302, 'site.sighting' => 302, 'site.position.use' => 302, 'eyewear.create' => 200, 'eyewear.checks.store' => 302, 'viewers.create' => 200, 'viewers.store' => 302, 'runsheet.create' => 200, 'runsheet.save' => 302]];
        yield 'checker' => [Role::Checker, ['events.create' => 403, 'events.store' => 403, 'site.update' => 403, 'site.import' => 403, 'site.sighting' => 403, 'site.position.use' => 403, 'eyewear.create' => 403, 'eyewear.checks.store' => 302, 'viewers.create' => 403, 'viewers.store' => 403, 'runsheet.create' => 403, 'runsheet.save' => 403]];
        yield 'helper' => [Role::Helper, ['events.create' => 403, 'events.store' => 403, 'site.update' => 403, 'site.import' => 403, 'site.sighting' => 403, 'site.position.use' => 403, 'eyewear.create' => 403, 'eyewear.checks.store' => 403, 'viewers.create' => 403, 'viewers.store' => 403]];
    }

    /** @param array<string, int> $statuses */
    #[DataProvider('roles')]
    public function testRolesMayDoTheirPartOnly(Role $role, array $statuses): void
    {
        $user = $this->member($role);
        $event = $this->eventOf($user);
        $lot = Lot::factory()->create(['organisation_id' => $user->organisation_id]);
        $this->actingAs($user);

        $this->get(route('sky.show', $event))->assertOk();
        $this->get(route('eyewear.show', [$event, $lot]))->assertOk();
        foreach ($statuses as $name => $status) {
            $route = Routes::getRoutes()->getByName($name);
            self::assertInstanceOf(Route::class, $route);
            $parameters = array_intersect_key(['event' => $event, 'lot' => $lot], array_flip(array_filter($route->parameterNames(), is_string(...))));
            $this->call($route->methods()[0], route($name, $parameters))->assertStatus($status);
        }
    }

    /**
     * Every address under an event there is, from the table of routes.
     *
     * @param array<string, int|string|Method|Model|Paper|Part|WallPaper> $records
     *
     * @return list<array{string, string, list<string>}> method, address, what it names
     */
    private function addresses(array $records): array
    {
        $addresses = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $names = array_values(array_filter($route->parameterNames(), is_string(...)));
            if (in_array('event', $names, true) && !in_array($route->uri(), self::OPEN, true)) {
                self::assertSame([], array_diff($names, array_keys($records)), $route->uri() . ' names something else');
                $addresses[] = [$route->methods()[0], route((string) $route->getName(), array_intersect_key($records, array_flip($names))), $names];
            }
        }
        self::assertGreaterThan(40, count($addresses));

        return $addresses;
    }

    /** @return array<string, list<object>> every row of what people enter */
    private function contents(): array
    {
        $tables = ['events', 'lots', 'pair_checks', 'lot_scans', 'lot_files', 'meter_readings', 'suppliers', 'stock_moves', 'viewers', 'audience_groups', 'audience_stations', 'ticked_supplies', 'place_lists', 'listed_places', 'position_readings', 'plan_revisions', 'sheet_revisions', 'sheet_templates', 'day_entries', 'rehearsals', 'instrument_logs', 'incidents', 'lot_holds', 'eye_reports', 'after_ticks', 'event_reports', 'log_pictures', 'jobs'];

        return array_combine($tables, array_map(static fn(string $table): array => array_values(DB::table($table)->orderBy('id')->get()->map(static fn(object $row): object => (object) (array) $row)->all()), $tables));
    }
}
