<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    private const MOST_FAILURES = 5;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:255'], 'password' => ['required', 'string', 'max:255']];
    }

    /**
     * Signs in, or counts a failure; after five in a minute for one address from one machine nothing is tried.
     *
     * @throws ValidationException
     */
    public function authenticate(): void
    {
        $key = 'sign-in|' . Str::lower($this->string('email')->toString()) . '|' . $this->ip();
        if (RateLimiter::tooManyAttempts($key, self::MOST_FAILURES)) {
            throw ValidationException::withMessages([
                'email' => __('Too many attempts. Wait :seconds seconds, then try again.', ['seconds' => RateLimiter::availableIn($key)]),
            ]);
        }
        if (!Auth::attempt($this->safe(['email', 'password']), $this->boolean('remember'))) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => __('This address and password do not match.')]);
        }
        RateLimiter::clear($key);
    }
}
