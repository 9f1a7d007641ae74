<?php

declare(strict_types=1);

namespace Tests\Feature\Audience;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Queues over an eclipse, in words and as a curve. */
final class CrowdPageTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const CLASS_AT_ONCE = ['people' => '180', 'comes' => 'at_once', 'places' => '18', 'look_s' => '20', 'spread_s' => '0', 'hand_s' => '10'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
    }

    /** Ten rounds of 30 s for 18 at once: the last of 180 begins after 270 s. Before the maximum, 65 min after the first contact, 130 rounds fit: two places are enough. */
    public function testAClassAllAtOnce(): void
    {
        $this->get(route('audience.crowd', [$this->event, ...self::CLASS_AT_ONCE]))->assertOk()
            ->assertSee('180 of 180 get a whole look before the maximum at 10:46')
            ->assertSee('Half wait no longer than 2 min 0 s, nineteen in twenty no longer than 4 min 30 s, the last one 4 min 30 s.')
            ->assertSee('In the best ten minutes, around the maximum, nobody looks.')
            ->assertSee('With 2 places everybody gets a look before the maximum.')
            ->assertSee('how many wait, at most 162')->assertSee('>10:00</text>', false);
    }

    public function testTheSameNumberGivesTheSameDay(): void
    {
        $day = fn(string $seed): string => (string) $this->get(route('audience.crowd', [$this->event, 'people' => '300', 'comes' => 'burst', 'places' => '4', 'seed' => $seed]), ['X-Requested-With' => 'XMLHttpRequest'])->assertOk()->assertDontSee('<html', false)->getContent();
        self::assertSame($day('7'), $day('7'));
        self::assertNotSame($day('7'), $day('8'));
    }

    public function testWhereTheSunIsDownNobodyQueues(): void
    {
        $this->event->update(['lat' => -17.0, 'lon' => 178.0, 'timezone' => 'Pacific/Fiji']);
        $this->get(route('audience.crowd', [$this->event, ...self::CLASS_AT_ONCE]))->assertOk()->assertSee('The Sun is down all the while: nobody queues.');
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'nobody' => [['people' => '0'], 'people'],
            'too many' => [['people' => '5001'], 'people'],
            'no place' => [['places' => '0'], 'places'],
            'a way that is none' => [['comes' => 'by balloon'], 'comes'],
            'a look of no time' => [['look_s' => '0'], 'look_s'],
            'a spread beyond a look' => [['look_s' => '10', 'spread_s' => '11'], 'spread_s'],
            'a spread beyond the usual look' => [['spread_s' => '21'], 'spread_s'],
            'words' => [['hand_s' => 'long'], 'hand_s'],
            'a list' => [['seed' => ['1']], 'seed'],
        ];
    }

    /** @param array<string, mixed> $query */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsField(array $query, string $field): void
    {
        $this->get(route('audience.crowd', [$this->event, ...$query]))->assertRedirect(route('audience.crowd', $this->event))->assertSessionHasErrors($field);
    }

    /** The most people there may be, at the most places: within a request's time. */
    public function testTheLargestCrowdIsAnswered(): void
    {
        $this->get(route('audience.crowd', [$this->event, 'people' => '5000', 'places' => '5000']))->assertOk()->assertSee('of 5000 get')->assertSee('Nobody waits.');
    }
}
