<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** Failures, and the seconds after which they are forgotten. A whole school may sit behind one machine's address. */
    private const ONE_ACCOUNT_FROM_ONE_MACHINE = [5, 60];
    private const ONE_ACCOUNT = [50, 3600];
    private const ONE_MACHINE = [100, 600];
    private const KNOWN_SECONDS = 60 * 86400;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:255'], 'password' => ['required', 'string', 'max:255']];
    }

    /**
     * Signs in, or counts a failure; after too many nothing is tried. A try counts before it is made, so that many at
     * once are no more than one after the other.
     *
     * @throws ValidationException
     */
    public function authenticate(): void
    {
        $wait = $this->count();
        if ($wait > 0) {
            throw ValidationException::withMessages(['email' => __('Too many attempts. Wait :seconds seconds, then try again.', ['seconds' => $wait])]);
        }
        if (!$this->matches()) {
            throw ValidationException::withMessages(['email' => __('This address and password do not match.')]);
        }
        foreach ($this->limits() as $key => $limit) {
            $limit === self::ONE_ACCOUNT_FROM_ONE_MACHINE ? RateLimiter::clear($key) : RateLimiter::decrement($key, $limit[1]);
        }
        Cache::put($this->knownKey(), true, self::KNOWN_SECONDS);
    }

    /**
     * Counts this try; the seconds to wait where there were too many, and then it counts no further. One after the other, for the limiter's first count
     * may be set back by another that comes at the same time.
     */
    private function count(): int
    {
        return DB::transaction(function (): int {
            foreach ($this->limits() as $key => [$most, $seconds]) {
                DB::select('select pg_advisory_xact_lock(hashtextextended(?, 0))', [$key]);
                if (RateLimiter::hit($key, $seconds) > $most) {
                    return max(RateLimiter::availableIn($key), 1);
                }
            }

            return 0;
        });
    }

    /** Hashes a password in any case: how long it takes does not tell whether the account exists. */
    private function matches(): bool
    {
        if (User::query()->where('email', $this->string('email')->toString())->exists()) {
            return Auth::attempt($this->safe(['email', 'password']), $this->boolean('remember'));
        }
        Hash::check($this->string('password')->toString(), Cache::rememberForever('nobodys-password', static fn(): string => Hash::make(Str::random(40))));

        return false;
    }

    /** @return array<string, array{int, int}> most failures and the seconds they count for, by key */
    private function limits(): array
    {
        return [
            "sign-in|{$this->account()}|{$this->ip()}" => self::ONE_ACCOUNT_FROM_ONE_MACHINE,
            // Whoever guesses from elsewhere does not lock those out who have signed in from here before.
            ...(Cache::has($this->knownKey()) ? [] : ["sign-in|account|{$this->account()}" => self::ONE_ACCOUNT]),
            "sign-in|machine|{$this->ip()}" => self::ONE_MACHINE,
        ];
    }

    private function account(): string
    {
        return Str::lower($this->string('email')->toString());
    }

    private function knownKey(): string
    {
        return "signed-in|{$this->account()}|{$this->ip()}";
    }
}
