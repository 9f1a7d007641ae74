<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Domain\Workers;
use App\Models\EditConflict;
use App\Models\Organisation;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What a browser is told beside the page, whom the server believes, and what it writes down. */
final class SecurityTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    protected function tearDown(): void
    {
        TrustProxies::flushState();
        parent::tearDown();
    }

    public function testPagesOfSomebodySignedInAreNotKept(): void
    {
        foreach ([route('events.index'), route('sky.show', $this->event), route('sky.calendar', $this->event), '/nothing-here'] as $address) {
            $headers = $this->get($address)->headers;
            self::assertStringContainsString('no-store', (string) $headers->get('Cache-Control'), $address);
            self::assertSame('nosniff', $headers->get('X-Content-Type-Options'));
            self::assertNull($headers->get('X-Powered-By'));
            self::assertNull($headers->get('Strict-Transport-Security'), 'means nothing without HTTPS');
        }
        self::assertSame('max-age=31536000', $this->get(str_replace('http:', 'https:', url('/')))->headers->get('Strict-Transport-Security'));
    }

    public function testAnotherHostIsNotServed(): void
    {
        foreach (['evil.example', 'localhost.evil.example', 'evil.example:8000'] as $host) {
            $this->withServerVariables(['HTTP_HOST' => $host])->get("http://{$host}/")->assertBadRequest()->assertDontSee($host);
        }
        config(['trust.hosts' => ['eclipse.school.example']]);
        $this->get('http://eclipse.school.example/')->assertOk()->assertSee('http://eclipse.school.example/', false);
    }

    public function testOnlyAKnownProxyIsBelieved(): void
    {
        $forwarded = ['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '203.0.113.7'];
        Route::get('asked-from', static fn(Request $r): string => $r->ip() . ($r->isSecure() ? ' secure' : ''));
        $address = 'http://127.0.0.1/asked-from';
        self::assertSame('127.0.0.1', $this->get($address, $forwarded)->getContent());
        TrustProxies::at(['127.0.0.1']);
        self::assertSame('203.0.113.7 secure', $this->get($address, $forwarded)->getContent());
        self::assertSame('10.0.0.9', $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.9'])->get($address, $forwarded)->getContent());
    }

    public function testAFailedFormGoesBackToAPageOfOurs(): void
    {
        $form = route('viewers.create', $this->event);
        $this->get($form);
        foreach (['https://evil.example/form', '//evil.example', url('/') . '.evil.example/', 'javascript:alert(1)', 'http://127.0.0.1:81/'] as $referer) {
            $this->post(route('viewers.store', $this->event), [], ['referer' => $referer])->assertRedirect($form);
        }
    }

    /** Where a page was asked with a very long question, the way back is its address: no header grows with what was sent. */
    public function testTheWayBackIsShort(): void
    {
        $form = route('viewers.create', $this->event);
        $long = $form . '?q=' . str_repeat('x', 9000);
        $this->get($long)->assertOk();
        $this->post(route('viewers.store', $this->event))->assertRedirect($form);
        $this->post(route('viewers.store', $this->event), [], ['referer' => $long])->assertRedirect($form);
        $this->get("{$form}?q=short")->assertOk();
        $this->post(route('viewers.store', $this->event))->assertRedirect("{$form}?q=short");
    }

    /** @return array<int|string, array{int, string}> */
    public static function refusals(): array
    {
        return [
            '405' => [405, 'That cannot be done here.'], '413' => [413, 'This is too long.'], '415, which has none of its own' => [415, 'This cannot be answered.'],
            '429' => [429, 'Too many tries.'], '500' => [500, 'Something broke on our side.'], '503' => [503, 'Back in a moment.'], '507, which has none of its own' => [507, 'Something broke on our side.'],
        ];
    }

    #[DataProvider('refusals')]
    public function testEveryRefusalHasAPageWithNothingFromElsewhere(int $status, string $words): void
    {
        config(['app.debug' => false]);
        Route::get('refused', static fn() => abort($status));
        $page = (string) $this->get('/refused')->assertStatus($status)->assertSee($words)->getContent();
        self::assertDoesNotMatchRegularExpression('~(src|href)="(?!/|#|' . preg_quote(url('/'), '~') . ')~', $page);
        self::assertStringNotContainsString('Laravel', $page);
    }

    public function testTheLogTellsOneLineAFaultAndNothingOfPeople(): void
    {
        $file = storage_path('logs/log-test.log');
        @unlink($file);
        config(['logging.channels.single.path' => $file]);
        Log::forgetChannel('single');
        $secret = 'inés@marea-baja.example';
        Route::get('faulty', static function () use ($secret): void {
            DB::transaction(static fn() => Organisation::query()->create(['name' => str_repeat($secret, 99)]));
        });
        Route::get('forging', static fn() => throw new RuntimeException("first\n[2027-08-02] all is well\r\nthird"));
        Route::get('conflicting', static fn() => throw EditConflict::changedMeanwhile());
        $this->get("/faulty?q={$secret}")->assertStatus(500);
        $this->get('/forging')->assertStatus(500);
        $this->get('/conflicting')->assertRedirect();
        $this->get('/nothing-here')->assertNotFound();
        $lines = explode("\n", rtrim((string) file_get_contents($file)));
        self::assertSame('0600', substr(sprintf('%o', fileperms($file)), -4));
        unlink($file);
        self::assertCount(2, $lines, 'conflicts and what is not there are no faults');
        foreach ($lines as $line) {
            self::assertIsArray(json_decode($line, true));
            self::assertStringNotContainsString('baja.example', $line);
            self::assertStringNotContainsString($this->user->email, $line);
        }
        self::assertStringContainsString('SQLSTATE 22001', $lines[0]);
        self::assertStringContainsString('tests/Feature/SecurityTest.php:', $lines[1]);
    }

    public function testUpTellsWhichPartDoesNotAnswer(): void
    {
        $this->post('/logout');
        $this->get('/up')->assertStatus(503)->assertExactJson(['database' => 'answers', 'lists' => 'does not answer', 'readings' => 'does not answer', 'disk' => 'answers']);
        foreach (['default', 'readings'] as $queue) {
            app(Workers::class)->sign($queue);
        }
        $this->get('/up')->assertOk();
        config(['database.connections.nowhere' => ['port' => '1'] + config()->array('database.connections.pgsql')]);
        DB::setDefaultConnection('nowhere');
        $answer = $this->get('/up')->assertStatus(503)->json('database');
        DB::setDefaultConnection('pgsql');
        self::assertSame('does not answer', $answer);
    }
}
