<x-layout :title="__('Sign in')" is-for-nobody>
    <main class="plain" id="work">
        <p class="lead-answer">{{ __('When, where, how much, and is it safe to look?') }}</p>
        <p class="note">{{ __('Plan an eclipse viewing, check its glasses, build its viewers. This program supports your judgement; it certifies nothing. Your school\'s or district\'s rules come first.') }}</p>
        <h1 class="visually-hidden">{{ __('Sign in') }}</h1>
        <form method="post" action="{{ route('sign-in') }}" class="row" novalidate>
            @csrf
            <div class="col-12 col-md-6">
                <x-field name="email" type="email" :label="__('E-mail address')" :value="old('email')" autocomplete="username" autofocus required />
                <x-field name="password" type="password" :label="__('Password')" autocomplete="current-password" required />
                <div class="field form-check">
                    <input class="form-check-input" type="checkbox" id="remember" name="remember" value="1">
                    <label class="form-check-label" for="remember">{{ __('Stay signed in on this device') }}</label>
                </div>
                <button class="btn btn-primary">{{ __('Sign in') }}</button>
            </div>
        </form>
    </main>
</x-layout>
