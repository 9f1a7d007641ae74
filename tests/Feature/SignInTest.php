<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    use RefreshDatabase;

    public function testSignsInAndOut(): void
    {
        $user = User::factory()->create();
        self::assertStringStartsWith('$2y$', $user->getAuthPassword(), 'passwords are hashed');

        $this->post('/login', ['email' => $user->email, 'password' => 'correct horse'])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        $this->post('/logout')->assertRedirect('/login');
        $this->assertGuest();
    }

    public function testAWrongPasswordIsRefusedAndAfterFiveNothingIsTried(): void
    {
        $user = User::factory()->create();
        for ($i = 0; $i < 5; ++$i) {
            $this->post('/login', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors(['email' => 'This address and password do not match.']);
        }
        $this->post('/login', ['email' => $user->email, 'password' => 'correct horse'])->assertSessionHasErrors('email');
        $this->assertGuest();

        $other = User::factory()->create();
        $this->post('/login', ['email' => $other->email, 'password' => 'correct horse'])->assertRedirect('/');
    }

    /** One hash is worked out in any case, so that the time does not tell who has an account. */
    public function testAnUnknownAddressCostsAsMuchAsAWrongPassword(): void
    {
        $user = User::factory()->create();
        $this->post('/login', ['email' => 'nobody@example.org', 'password' => 'first, to make nobody\'s password']);
        $hashed = Hash::spy();
        Auth::forgetGuards();
        foreach ([$user->email, 'nobody@example.org'] as $before => $email) {
            $this->post('/login', ['email' => $email, 'password' => 'wrong']);
            $hashed->shouldHaveReceived('check')->times($before + 1);
        }
    }

    public function testWhatAPageAsksInPassingKeepsOneSignedInAndChangesNothing(): void
    {
        config(['session.driver' => 'database']);
        $this->actingAs(User::factory()->create())->get('/');
        DB::table('sessions')->update(['last_activity' => time() - 3600]);
        $before = DB::table('sessions')->sole();
        self::assertIsString($id = $before->id);
        $this->withCookie(Config::string('session.cookie'), $id)->get('/', ['X-Requested-With' => 'XMLHttpRequest']);
        $after = DB::table('sessions')->sole();
        self::assertSame($before->payload, $after->payload);
        self::assertEqualsWithDelta(time(), $after->last_activity, 5);
    }

    /** Nobody is signed in again by a page that was left open; what comes in its place is a session of its own that lasts. */
    public function testASessionThatIsOverIsNotRevived(): void
    {
        config(['session.driver' => 'database']);
        $this->actingAs(User::factory()->create())->get('/');
        DB::table('sessions')->update(['last_activity' => time() - 9 * 3600]);
        $before = DB::table('sessions')->sole();
        self::assertIsString($id = $before->id);
        Auth::forgetGuards();
        $this->withCookie(Config::string('session.cookie'), $id)->get('/login', ['X-Requested-With' => 'XMLHttpRequest']);
        self::assertFalse(DB::table('sessions')->where('payload', $before->payload)->exists());
    }

    public function testAWholeSchoolBehindOneAddressSignsInAndGuessingIsSlow(): void
    {
        $users = User::factory()->count(40)->create();
        foreach ($users as $user) {
            $this->post('/login', ['email' => $user->email, 'password' => 'mistyped'])->assertSessionHasErrors(['email' => 'This address and password do not match.']);
            $this->post('/login', ['email' => $user->email, 'password' => 'correct horse'])->assertRedirect('/');
            $this->post('/logout');
        }
        // One account, from ever other machines: the place that is known is not locked out by it.
        $account = $users->firstOrFail()->email;
        $tried = 0;
        foreach (range(1, 60) as $machine) {
            $answer = $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.{$machine}"])->post('/login', ['email' => $account, 'password' => 'guess']);
            $tried += (int) str_contains($this->said($answer), 'do not match');
        }
        self::assertSame(49, $tried, 'fifty failures an hour; one was there before');
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1'])->post('/login', ['email' => $account, 'password' => 'correct horse'])->assertRedirect('/');
        $this->post('/logout');
        // Many accounts, from one machine.
        $tried = 0;
        foreach (range(1, 120) as $i) {
            $answer = $this->withServerVariables(['REMOTE_ADDR' => '10.9.9.9'])->post('/login', ['email' => "guess{$i}@example.org", 'password' => 'guess']);
            $tried += (int) str_contains($this->said($answer), 'do not match');
        }
        self::assertSame(100, $tried);
    }

    /** @param TestResponse<Response> $answer */
    private function said(TestResponse $answer): string
    {
        $errors = $answer->baseResponse instanceof RedirectResponse ? $answer->baseResponse->getSession()?->get('errors') : null;

        return $errors instanceof ViewErrorBag ? $errors->first('email') : '';
    }

    public function testThePageIsLockedDown(): void
    {
        $response = $this->get('/login')->assertOk();
        $policy = (string) $response->headers->get('Content-Security-Policy');

        self::assertStringNotContainsString('unsafe', $policy);
        self::assertMatchesRegularExpression("/default-src 'self';.*script-src 'self' 'nonce-[^']+'/", $policy);
        $session = array_values(array_filter($response->headers->getCookies(), static fn(Cookie $c): bool => $c->getName() === 'keen-shadow'));
        self::assertCount(1, $session);
        self::assertTrue($session[0]->isHttpOnly());
        self::assertSame('strict', $session[0]->getSameSite());
    }
}
