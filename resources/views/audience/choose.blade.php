{{-- Chosen for the group, or not: one button. --}}
<form method="post" action="{{ route('audience.choose', [$event, $group]) }}">
    @csrf
    @method('put')
    <input type="hidden" name="version" value="{{ $group->version }}">
    <input type="hidden" name="method" value="{{ $method->value }}">
    <input type="hidden" name="chosen" value="{{ $isChosen ? 0 : 1 }}">
    <button class="btn {{ $isChosen ? 'btn-primary' : 'btn-quiet' }}" aria-pressed="{{ $isChosen ? 'true' : 'false' }}">{{ $isChosen ? __('Chosen') : __('Choose') }}<span class="visually-hidden"> {{ $name }}</span></button>
</form>
