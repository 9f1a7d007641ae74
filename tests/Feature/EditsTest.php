<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Role;
use App\Models\Viewers\Viewer;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\Viewers\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Forms sent twice, at once, and from a page that is out of date: for every kind of record that people fill in. */
final class EditsTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const EVENT = ['title' => 'On the roof', 'place_name' => 'Cádiz', 'lat' => '36.53', 'lon' => '-6.29', 'height_m' => '25', 'timezone' => 'Europe/Madrid', 'eclipse' => '2027-08-02'];
    private const LOT = [
        'label' => 'A-1', 'kind' => 'card_glasses', 'pairs' => '40', 'over_spectacles' => 'unsure', 'blocks_side_light' => 'no', 'worn_by' => 'anyone', 'maker_name' => 'yes', 'maker_address' => 'yes', 'printed_standard' => 'iso12312', 'instructions' => 'yes',
        'warnings' => 'yes', 'origin' => 'maker', 'test_report' => 'product_and_batch',
    ];
    private const VIEWER = ['build' => 'box', 'name' => 'Shoe box', 'distance_mm' => '300', 'hole_mm' => '0.6', 'hole_shape' => 'round', 'surroundings' => 'box', 'screen_side' => 'front'];

    private const GROUP = ['name' => 'Class 5B', 'people' => '40', 'band' => 'child', 'eye_from_m' => '1.2', 'eye_to_m' => '1.4', 'spectacles' => '3', 'seated' => '0', 'low_vision' => '1', 'peeks' => '0', 'adults' => '0', 'comes' => 'at_once', 'ahead_min' => '10', 'goes_first' => '1'];

    /** @return array<string, array{class-string<AudienceGroup|Event|Lot|Viewer>, array<string, string>, string, string, string, string}> model, what the form says, room of the addresses, page of the form, a field, another value */
    public static function records(): array
    {
        return [
            'event' => [Event::class, self::EVENT, 'events', 'events.edit', 'title', 'On the sea wall'],
            'lot' => [Lot::class, self::LOT, 'eyewear', 'eyewear.edit', 'pairs', '60'],
            'viewer' => [Viewer::class, self::VIEWER, 'viewers', 'viewers.show', 'distance_mm', '900'],
            'group' => [AudienceGroup::class, self::GROUP, 'audience', 'audience.edit', 'people', '60'],
        ];
    }

    /**
     * @param class-string<AudienceGroup|Event|Lot|Viewer> $model
     * @param array<string, string> $fields
     */
    #[DataProvider('records')]
    public function testTheSameNewFormSentTwiceMakesOne(string $model, array $fields, string $room, string $page, string $field, string $other): void
    {
        $form = $fields + self::newForm();
        $first = $this->post($this->address("{$room}.store"), $form)->assertSessionHasNoErrors()->headers->get('Location');
        $this->post($this->address("{$room}.store"), $form)->assertSessionHasNoErrors()->assertRedirect((string) $first);
        self::assertSame(1, $model::query()->where('uuid', $form['uuid'])->count());

        // Back in the browser, something else typed, sent again: nothing is dropped in silence.
        $this->post($this->address("{$room}.store"), [$field => $other] + $form)->assertSessionHasErrors(['version'])->assertSessionHasInput($field, $other);
        $this->postJson($this->address("{$room}.store"), [$field => $other] + $form)->assertStatus(409);
        self::assertSame(1, $model::query()->where('uuid', $form['uuid'])->count());

        // Removed meanwhile: said, and no error of the database.
        if ($model !== Lot::class) {
            $model::query()->where('uuid', $form['uuid'])->firstOrFail()->delete();
            $this->post($this->address("{$room}.store"), $form)->assertSessionHasErrors('version');
            self::assertSame(0, $model::query()->where('uuid', $form['uuid'])->count());
        }

        // The number that another organisation's form had tells nothing of what it made.
        $this->actingAs($stranger = $this->member());
        $this->event = $this->eventOf($stranger);
        $this->post($this->address("{$room}.store"), $form)->assertSessionHasErrors('version');
        $this->post($this->address("{$room}.store"), $fields)->assertSessionHasErrors('uuid');
        foreach ([['0'], ['a' => 'b'], 'no-number', '-1'] as $nonsense) {
            $this->post($this->address("{$room}.store"), ['uuid' => $nonsense] + $fields)->assertSessionHasErrors('uuid');
        }
    }

    /**
     * @param class-string<AudienceGroup|Event|Lot|Viewer> $model
     * @param array<string, string> $fields
     */
    #[DataProvider('records')]
    public function testTwoPeopleWhoChangeOneRecordSeeBoth(string $model, array $fields, string $room, string $page, string $field, string $other): void
    {
        $this->post($this->address("{$room}.store"), $fields + self::newForm());
        $row = $model::query()->latest('id')->firstOrFail();
        $seen = self::formOf($row);
        $this->put($this->address("{$room}.update", $row), [$field => $other] + $fields + $seen)->assertSessionHasNoErrors();
        // Sent once more it is the same, and no conflict.
        $this->put($this->address("{$room}.update", $row), [$field => $other] + $fields + $seen)->assertSessionHasNoErrors();
        self::assertSame($seen['version'] + 1, $row->refresh()->version);

        $this->actingAs($this->member(Role::Organiser, $this->user->organisation));
        $mine = [$field => $field === 'title' ? 'In the yard' : '777'] + $fields + $seen;
        $this->from($this->address($page, $row))->put($this->address("{$room}.update", $row), $mine)->assertRedirect($this->address($page, $row))->assertSessionHasErrors('version');
        self::assertEquals($other, self::kept($row->refresh(), $field));
        $shown = $this->get($this->address($page, $row))->assertOk()->assertSee('Somebody else has changed this meanwhile')
            ->assertSee("value=\"{$mine[$field]}\"", false)->assertSee("Saved: <b>{$other}</b>", false)->assertSee("name=\"version\" value=\"{$row->version}\"", false);
        self::assertSame(1, substr_count((string) $shown->getContent(), 'Saved: <b>'), 'only what differs is told');
        $this->putJson($this->address("{$room}.update", $row), $mine)->assertStatus(409);

        // Now they know, and may put theirs in its place.
        $this->put($this->address("{$room}.update", $row), self::formOf($row) + $mine)->assertSessionHasNoErrors();
        self::assertEquals($mine[$field], self::kept($row->refresh(), $field));
        $this->put($this->address("{$room}.update", $row), $fields)->assertSessionHasErrors('version');
    }

    public function testWhoIsASecondLaterGetsAMessageAndNoError(): void
    {
        // Between the look and the writing somebody else takes the name.
        $late = fn(Model $row) => $row::withoutEvents(static fn() => $row->newQuery()->create(['uuid' => Str::uuid7()->toString()] + $row->only(array_keys($row->getAttributes()))));
        Viewer::creating($late);
        Lot::creating($late);
        AudienceGroup::creating($late);
        $this->post($this->address('viewers.store'), self::VIEWER + self::newForm())->assertSessionHasErrors(['name' => 'This event has a viewer of that name already.']);
        $this->post($this->address('eyewear.store'), self::LOT + self::newForm())->assertSessionHasErrors(['label' => 'There is a lot with this label already.']);
        $this->post($this->address('audience.store'), self::GROUP + self::newForm())->assertSessionHasErrors(['name' => 'This event has a group of that name already.']);
        Viewer::flushEventListeners();
        Lot::flushEventListeners();
        AudienceGroup::flushEventListeners();

        // A pair is inspected while its lot is made smaller, and the other way round.
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 40]);
        $check = fn(int $tag): array => ['uuid' => Str::uuid7()->toString(), 'lot_id' => $lot->id, 'tag' => $tag, 'faults' => '[]', 'event_id' => $this->event->id, 'occasion' => 'arrival', 'checked_by' => $this->user->id, 'checked_at' => now()];
        Lot::updating(static fn() => DB::table('pair_checks')->insert($check(40)));
        $this->put(route('eyewear.update', [$this->event, $lot]), ['label' => 'B-2', 'pairs' => '30'] + self::LOT + self::formOf($lot))->assertSessionHasErrors(['pairs' => 'Pairs with higher tags have been inspected meanwhile: load the page again.']);
        Lot::flushEventListeners();
        $lot->refresh()->update(['pairs' => 50]);
        $isDone = false;
        DB::listen(static function (QueryExecuted $query) use ($lot, &$isDone): void {
            if (!$isDone && str_contains($query->sql, '"lots"') && str_contains($query->sql, 'select')) {
                $isDone = DB::table('lots')->where('id', $lot->id)->update(['pairs' => 40]) > 0;
            }
        });
        $this->post(route('eyewear.checks.store', [$this->event, $lot]), ['tag' => '41', 'uuid' => Str::uuid7()->toString()])->assertSessionHasErrors(['tag' => 'The lot has fewer pairs by now: load the page again.']);
    }

    /** @param AudienceGroup|Event|Lot|Viewer|null $row */
    private function address(string $route, ?Model $row = null): string
    {
        return route($route, match (true) {
            $route === 'events.store' => [],
            $row instanceof Event => [$row],
            $row === null => [$this->event],
            default => [$this->event, $row],
        });
    }

    /** What a row has in a field of its form. */
    private static function kept(AudienceGroup|Event|Lot|Viewer $row, string $field): mixed
    {
        return $row instanceof Viewer && $field !== 'name' ? $row->design->mm(Size::from($field)) : $row->getAttribute($field);
    }
}
