{{-- What was done, and a way to take it back where there is one. --}}
@if (session('status') || session('undo'))
    <div class="status" role="status">
        {{ session('status') }}
        @if (session('undo'))
            <form method="post" action="{{ session('undo') }}">
                @csrf
                <button class="link-button">{{ __('Undo') }}</button>
            </form>
        @endif
    </div>
@endif
