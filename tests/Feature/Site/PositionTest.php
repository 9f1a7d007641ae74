<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use App\Jobs\Site\ReadPosition;
use App\Models\Site\PositionReading;
use Illuminate\Support\Facades\Queue;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** The simulated receiver that ships with the program, as a process of its own, is read over TCP. */
final class PositionTest extends SiteTestCase
{
    private ?Process $receiver = null;

    protected function tearDown(): void
    {
        $this->receiver?->stop(1);
        parent::tearDown();
    }

    public function testAReadingIsQueuedAndWatched(): void
    {
        Queue::fake();
        $this->post(route('site.position.read', $this->event))->assertRedirect(route('site.files', $this->event));
        Queue::assertPushed(ReadPosition::class);
        $this->get(route('site.position.show', [$this->event, PositionReading::query()->firstOrFail()]))->assertOk()->assertSee('Waiting for its turn');
        $this->get(route('site.files', $this->event))->assertOk()->assertSee('Waiting for its turn');
    }

    public function testOneReadingAtATimeAndHonestWhenNobodyReads(): void
    {
        Queue::fake();
        $this->post(route('site.position.read', $this->event));
        $this->post(route('site.position.read', $this->event));
        Queue::assertPushedTimes(ReadPosition::class, 1);
        $this->travel(20)->seconds();
        $this->get(route('site.files', $this->event))->assertSee('Nothing reads the receiver');
        $reading = PositionReading::query()->firstOrFail();
        $reading->update(['began_at' => now()]);
        $this->travel(20)->seconds();
        $this->get(route('site.files', $this->event))->assertSee('The reading broke off.');
        $this->post(route('site.position.read', $this->event));
        Queue::assertPushedTimes(ReadPosition::class, 2);
    }

    public function testTheMeanLiesWhereTheReceiverLies(): void
    {
        $reading = $this->read('none');
        self::assertNull($reading->fault);
        self::assertGreaterThan(20, $reading->fixes);
        self::assertEqualsWithDelta(36.517246, $reading->lat, 1.5 / 111000);
        self::assertEqualsWithDelta(-6.278063, $reading->lon, 1.5 / 89000);
        self::assertEqualsWithDelta(4.5, $reading->uncertainty_m, 0.1, 'dilution 0.9 times 5 m');
        self::assertSame([], $reading->refused);
        $this->get(route('site.files', $this->event))->assertSee('± 4.5 m')->assertSee('Use this position');
    }

    /** @return array<string, array{string, string, string, string|null}> fault, what is counted, how that is called, what is said */
    public static function faults(): array
    {
        return [
            'every third sum is wrong' => ['checksum', 'wrong_check_sum', 'wrong check sum', null],
            'no satellites' => ['nofix', 'no_fix', 'no fix', 'no usable position'],
            'half lines' => ['garbage', 'no_sentence', 'incomplete sentence', null],
        ];
    }

    #[DataProvider('faults')]
    public function testAReceiverThatMisbehaves(string $fault, string $counted, string $called, ?string $said): void
    {
        $reading = $this->read($fault);
        self::assertArrayHasKey($counted, $reading->refused);
        self::assertSame($said === null, $reading->fault === null);
        self::assertStringContainsString((string) $said, (string) $reading->fault);
        $this->get(route('site.files', $this->event))->assertSee("× {$called}");
    }

    public function testNoiseAndJumpsShowInTheUncertainty(): void
    {
        self::assertGreaterThan(40.0, $this->read('noise')->uncertainty_m);
    }

    public function testAReceiverThatFallsSilentOrIsNotThere(): void
    {
        $silent = $this->read('silence', 8);
        self::assertStringContainsString('fell silent', (string) $silent->fault);
        self::assertSame(5, $silent->fixes, 'what came before is kept');
        $this->receiver?->stop(1);
        // Silent only at the end of a short reading: the mean is not given as if it were whole.
        $short = $this->read('silence', 2);
        self::assertStringContainsString('fell silent', (string) $short->fault);
        self::assertSame(5, $short->fixes);
        $this->receiver?->stop(1);
        $nobody = $this->reading(8);
        self::assertStringContainsString('No receiver answers', (string) $nobody->fault);
        self::assertNotNull($nobody->ended_at);
    }

    /** The event goes along with its place: a name, a zone and a height that stay behind would be untrue. */
    public function testAPositionFarAwayBringsItsNameAndZone(): void
    {
        $this->event->update(['eclipse_date' => '2027-02-06', 'place_name' => 'Salt Pan School', 'height_m' => 6]);
        $this->post(route('site.position.use', $this->event), ['position' => '-33.45 -70.66', 'as' => 'event'] + self::formOf($this->event))->assertSessionHasNoErrors();
        $this->event->refresh();
        self::assertSame(['America/Santiago', 0.0], [$this->event->timezone, $this->event->height_m]);
        self::assertStringStartsWith('Near Santiago', $this->event->place_name);

        // Across the street nothing changes but the place.
        $this->event->update(['place_name' => 'Roof', 'height_m' => 560]);
        $this->post(route('site.position.use', $this->event), ['position' => '-33.451 -70.661', 'as' => 'event'] + self::formOf($this->event))->assertSessionHasNoErrors();
        self::assertSame(['Roof', 'America/Santiago', 560.0, -33.451], [$this->event->refresh()->place_name, $this->event->timezone, $this->event->height_m, $this->event->lat]);

        // Where nothing of it is seen the event does not go.
        $this->post(route('site.position.use', $this->event), ['position' => '35.7 139.7', 'as' => 'event'] + self::formOf($this->event))->assertSessionHasErrors('position');
        self::assertSame(-33.451, $this->event->refresh()->lat);
    }

    public function testThePositionBecomesASpotOrTheEventsPlace(): void
    {
        $this->withSchoolYard();
        $this->post(route('site.position.use', $this->event), ['position' => '36.517300 -6.278100', 'spot_name' => 'East end', 'as' => 'spot'])->assertRedirect(route('site.show', [$this->event, 'spot' => 'East end']));
        $spot = $this->event->refresh()->planRevision?->plan->named('East end');
        self::assertEqualsWithDelta(11.1, $spot?->at()->northM, 0.1);
        self::assertSame(ThingKind::Audience, $spot?->kind);
        $this->post(route('site.position.use', $this->event), ['position' => 'geo:36.5175,-6.2781', 'spot_name' => 'New one', 'as' => 'spot'])->assertSessionHasNoErrors();
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named('New one'));
        $this->post(route('site.position.use', $this->event), ['position' => '36.5 -6.2 ', 'spot_name' => 'Far', 'as' => 'spot'])->assertSessionHasErrors('position');
        $this->post(route('site.position.use', $this->event), ['position' => 'nowhere', 'spot_name' => 'X', 'as' => 'spot'])->assertSessionHasErrors('position');
        $this->post(route('site.position.use', $this->event), ['position' => '36.52 -6.28', 'as' => 'event'] + self::formOf($this->event))->assertSessionHasNoErrors();
        self::assertSame([36.52, -6.28], [$this->event->refresh()->lat, $this->event->lon]);
    }

    private function read(string $fault, int $seconds = 2): PositionReading
    {
        $port = $this->freePort();
        $this->receiver = new Process([PHP_BINARY, base_path('artisan'), 'devices:gps', "--port={$port}", '--every=40', "--fault={$fault}"]);
        $this->receiver->start();
        $this->receiver->waitUntil(static fn(string $type, string $output): bool => str_contains($output, 'Sending'));
        config(['devices.gps.port' => $port]);

        return $this->reading($seconds);
    }

    private function reading(int $seconds): PositionReading
    {
        $reading = $this->event->positionReadings()->create(['seconds' => $seconds]);
        (new ReadPosition($reading))->handle();

        return $reading->refresh();
    }

    private function freePort(): int
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($server);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1);
        fclose($server);

        return $port;
    }
}
