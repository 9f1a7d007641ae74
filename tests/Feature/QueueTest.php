<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\Event\MakeForPlaces;
use App\Jobs\Site\ReadPosition;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Site\PositionReading;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Queue;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class QueueTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    /** What is taken up again while it still runs would run twice; what takes longer than a worker waits is cut off. */
    public function testNoJobOutlastsTheTimeAfterWhichItIsThoughtLost(): void
    {
        $longest = config()->integer('devices.gps.seconds');
        self::assertGreaterThan((new ComputePlaces(1, 0))->timeout, config()->integer('queue.connections.database.retry_after'));
        self::assertGreaterThan((new MakeForPlaces(1, 0))->timeout, config()->integer('queue.connections.database.retry_after'));
        $reading = new ReadPosition(new PositionReading(['seconds' => 600]));
        self::assertGreaterThan($reading->timeout, config()->integer('queue.connections.readings.retry_after'));
        self::assertGreaterThan(max(600, $longest), $reading->timeout);
    }

    public function testReadingsHaveAQueueOfTheirOwnAndOneAtATimeForAnEvent(): void
    {
        config(['queue.default' => 'database']);
        Queue::fake();
        foreach ([$this->event, $this->event, $this->eventOf($this->user)] as $event) {
            $this->post(route('site.position.read', $event))->assertRedirect();
        }
        Queue::assertPushedTimes(ReadPosition::class, 2);
        Queue::assertPushed(ReadPosition::class, static fn(ReadPosition $job): bool => $job->queue === 'readings' && $job->connection === 'readings');
        $this->expectException(UniqueConstraintViolationException::class);
        $this->event->positionReadings()->create(['seconds' => 60]);
    }
}
