<?php

declare(strict_types=1);

namespace Tests\Feature\Training;

use App\Domain\RunSheet\EventSheet;
use App\Models\RunSheet\Helper;
use App\Models\Training\TrainingResult;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\Training\Cards\Card;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Cards\Duty;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Exercises as pages, by an account and by a helper's private address; what was done is stored once, and counts by the rules as they are. */
final class TrainingTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    public function testEverythingThereIsToPractise(): void
    {
        $this->get(route('training.index', $this->event))->assertOk()->assertSee('Nothing is done yet')->assertSee('A parent offers a helmet')->assertSee('Set up a projection')->assertSee('The last minutes');
        foreach (Duty::cases() as $duty) {
            $pack = $this->pack(route('training.cards', [$this->event, $duty->value]));
            self::assertIsArray($pack['cards']);
            self::assertGreaterThan(20, count($pack['cards']));
            foreach ($pack['cards'] as $id => $card) {
                self::assertIsArray($card);
                $book = Deck::find(Standard::book(), (string) $id);
                self::assertSame($book?->answer->permission->value, $card['answer']);
                self::assertNotSame(['', ''], [$card['reason'], $card['do']]);
            }
        }
        foreach ([['training.scene', 'gust'], ['training.steps', 'filter']] as [$route, $id]) {
            $this->get(route($route, [$this->event, $id]))->assertOk();
            $this->get(route($route, [$this->event, 'none-such']))->assertNotFound();
        }
        $this->get(route('training.cards', [$this->event, 'pilot']))->assertNotFound();
        $this->get(route('training.lenses', $this->event))->assertOk();
    }

    /** The times of the drill are those of the one rule at this place; where filters stay on there are none, and it can be played all the same. */
    #[TestWith(['2027-08-02', true])]
    #[TestWith(['2028-01-26', false])]
    public function testTheDrillHasTheTimesOfThePlace(string $date, bool $isTotal): void
    {
        $event = $this->eventOf($this->user, ['eclipse_date' => $date]);
        $pack = $this->pack(route('training.drill', $event));
        self::assertSame($isTotal, $pack['freeFrom'] !== null);
        self::assertIsArray($pack['samples']);
        self::assertGreaterThan(100, count($pack['samples']));
        if ($isTotal) {
            // Cautious C2 and C3 of the rigorous reference, 08:45:26.6 and 08:48:18.1 UT, drawn in by their uncertainty and a hand's time.
            self::assertIsInt($pack['freeFrom']);
            self::assertIsInt($pack['freeTo']);
            self::assertGreaterThan(strtotime('2027-08-02 08:45:27Z'), $pack['freeFrom'] / 1000);
            self::assertLessThan(strtotime('2027-08-02 08:45:33Z'), $pack['freeFrom'] / 1000);
            self::assertLessThan(strtotime('2027-08-02 08:48:15Z'), $pack['freeTo'] / 1000);
            self::assertIsInt($pack['begin']);
            self::assertEqualsWithDelta(45.0, ($pack['freeFrom'] - $pack['begin']) / 1000, 1.0);
        }
    }

    /** What was done is stored once, however often it is sent; whether it was right is said, and worked out again whenever it is asked. */
    public function testResultsAreStoredOnceAndJudged(): void
    {
        $drill = self::done('drill', '', ['free_from' => 1000000, 'free_to' => 1160000, 'off' => 999200, 'on' => 1150000]);
        $card = self::done('card', 'sunglasses~none', ['said' => 'no'], 'helper');
        foreach ([1, 2] as $time) {
            $told = $this->send([$drill, $card])->assertOk()->assertJsonPath("results.{$drill['uuid']}", '')->assertJsonPath("results.{$card['uuid']}", '');
            $told->assertJsonPath("words.{$drill['uuid']}", ['Filters off 0.8 s too early: some of the bright Sun still showed.', 'Filters on 10.0 s before they had to be: in time.']);
            self::assertSame(2, TrainingResult::query()->count(), "sent {$time} times");
        }
        $this->send([['about' => 'discs~none'] + $card])->assertOk()->assertJson(['results' => [$card['uuid'] => 'Something else was stored under its number before.']]);
        $this->get(route('training.index', $this->event))->assertSee('1 of the last 1 right')->assertSee('not right yet');
        self::assertSame([['sunglasses~none', true]], $this->pack(route('training.cards', [$this->event, 'helper']))['history']);
    }

    /** @param array<string, mixed> $wrong */
    #[TestWith([['exercise' => 'juggling']])]
    #[TestWith([['uuid' => 'x']])]
    #[TestWith([['duty' => null]])]
    #[TestWith([['exercise' => 'drill']])]
    #[TestWith([['given' => 'no']])]
    #[TestWith([['done' => 'today']])]
    #[TestWith([['about' => ['x']]])]
    public function testNonsenseIsRefused(array $wrong): void
    {
        $this->send([$wrong + self::done('card', 'sunglasses~none', ['said' => 'no'], 'helper')])->assertStatus(422);
        $this->send([['given' => ['said' => str_repeat('x', 4000)]] + self::done('card', 'sunglasses~none', [], 'helper')])->assertStatus(422);
        self::assertSame(0, TrainingResult::query()->count());
    }

    /** A helper practises by the private address, and it counts for them alone; another's address leads nowhere. */
    public function testAHelperPractisesByThePrivateAddress(): void
    {
        $helper = $this->helper();
        foreach (['index' => [], 'cards' => ['checker'], 'scene' => ['gust'], 'steps' => ['table'], 'lenses' => [], 'drill' => []] as $page => $about) {
            $this->get(route("duties.training.{$page}", [$helper->duty_key, $this->event, ...$about]))->assertOk();
            $this->get(route("duties.training.{$page}", [str_repeat('0', 40), $this->event, ...$about]))->assertNotFound();
        }
        $this->postJson(route('duties.training.results', [$helper->duty_key, $this->event]), ['sent_at' => 1000, 'results' => [self::done('scene', 'gust', ['chosen' => [0, 1]])]])->assertOk();
        self::assertSame([$helper->id, null], [TrainingResult::query()->sole()->helper_id, TrainingResult::query()->sole()->user_id]);
        $this->get(route('duties.training.index', [$helper->duty_key, $this->event]))->assertSee('1 exercise is passed.');
        $other = $this->eventOf($this->member());
        $this->postJson(route('duties.training.results', [$helper->duty_key, $other]), ['sent_at' => 1000, 'results' => []])->assertNotFound();
    }

    /** The list says what is still to do, the run sheet points out who is planned for what they have not practised; what is old is done once more. */
    public function testWhatItCountsFor(): void
    {
        Date::setTestNow('2027-07-20 12:00:00');
        $helper = $this->helper();
        EventSheet::of($this->event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with($sheet->rota->wishes->withHelper($helper->rotaId(), new CrewWish()))->withPost(Str::uuid7()->toString(), new Post($helper->rotaId(), 'telescope', 600, 610))), $this->user);
        $this->get(route('runsheet.crew', $this->event))->assertOk()->assertSee('planned and not practised: instruments');
        $this->get(route('training.crew', $this->event))->assertOk()->assertSee('4 to do')->assertSee('the scene “The filter blows off in a gust”', false);
        $noes = array_keys(array_filter(Deck::of(Standard::book())->cards, static fn(Card $card): bool => $card->answer->permission === Permission::No));
        $results = [
            ...array_map(static fn(string $card): array => self::done('card', $card, ['said' => 'no'], 'instrument'), array_slice($noes, 0, 20)),
            self::done('scene', 'gust', ['chosen' => [0, 1]]), self::done('scene', 'tracking', ['chosen' => [2, 1]]),
            self::done('steps', 'filter', ['order' => ['away', 'finder', 'hold', 'uncap', 'on', 'fix', 'watch', 'aim', 'look']]),
        ];
        $this->postJson(route('duties.training.results', [$helper->duty_key, $this->event]), ['sent_at' => 1000, 'results' => $results])->assertOk();
        $this->get(route('runsheet.crew', $this->event))->assertDontSee('planned and not practised');
        $this->get(route('training.crew', $this->event))->assertSee('<b>passed</b>', false);
        $list = Process::input((string) $this->get(route('training.crew.print', [$this->event, 'a4']))->assertOk()->getContent())->run(['pdftotext', '-layout', '-', '-'])->throw()->output();
        self::assertMatchesRegularExpression('/as of Tuesday 20 July 2027.*Omar +Glasses +to do: all of it\s+Instruments +passed\s+Mirrors +to do: the order .*Calling the times +to do: all of it/s', $list);
        // A year later it still says who had practised for that day; for an event of the next year all of it is to be done again.
        Date::setTestNow('2028-09-01 12:00:00');
        $this->get(route('runsheet.crew', $this->event))->assertDontSee('planned and not practised');
        Date::setTestNow('2028-01-20 12:00:00');
        $this->get(route('training.crew', $this->eventOf($this->user, ['eclipse_date' => '2028-01-26'])))->assertSee('4 to do')->assertDontSee('<b>passed</b>', false);
        Date::setTestNow('2027-07-20 12:00:00');
        // One bad scene, and it is to be done again.
        $this->postJson(route('duties.training.results', [$helper->duty_key, $this->event]), ['sent_at' => 1000, 'results' => [self::done('scene', 'gust', ['chosen' => [1]])]]);
        $this->get(route('runsheet.crew', $this->event))->assertSee('planned and not practised: instruments');
    }

    private function helper(): Helper
    {
        return Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->user->organisation_id, 'name' => 'Omar', 'contact' => null, 'training' => ['instrument'], 'duty_key' => Helper::newKey()]);
    }

    /**
     * @param array<string, mixed> $given
     *
     * @return array{uuid: string, exercise: string, duty: string|null, about: string, given: array<string, mixed>, done: int}
     */
    private static function done(string $exercise, string $about, array $given, ?string $duty = null): array
    {
        return ['uuid' => Str::uuid7()->toString(), 'exercise' => $exercise, 'duty' => $duty, 'about' => $about, 'given' => $given, 'done' => 1000];
    }

    /**
     * @param list<array<string, mixed>> $results
     *
     * @return TestResponse<Response>
     */
    private function send(array $results): TestResponse
    {
        return $this->postJson(route('training.results', $this->event), ['sent_at' => 1000, 'results' => $results]);
    }

    /** @return array<string, mixed> what the page of an exercise carries */
    private function pack(string $url): array
    {
        preg_match('#id="exercise-data">(.+?)</script>#s', (string) $this->get($url)->assertOk()->getContent(), $found);
        $pack = json_decode($found[1] ?? '', true);
        self::assertIsArray($pack);

        /** @var array<string, mixed> */
        return $pack;
    }
}
