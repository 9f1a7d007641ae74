<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Symfony\Component\HttpFoundation\Cookie;
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
