@foreach ($lot->standingHolds as $hold)
    <p><b>{{ __('Held since :day', ['day' => App\Text\Days::full($hold->created_at)]) }}</b>: {{ $hold->why }}</p>
@endforeach
@can('update', $lot)
    <details class="folded" @if ($lot->standingHolds->isNotEmpty()) open @endif>
        <summary>{{ $lot->standingHolds->isEmpty() ? __('Hold all of this lot') : __('Lift the hold') }}</summary>
        <form method="post" action="{{ route($lot->standingHolds->isEmpty() ? 'eyewear.holds.store' : 'eyewear.holds.lift', [$event, $lot]) }}" novalidate>
            @csrf
            <x-made-from />
            <x-field name="why" :label="__('Why')" :value="old('why')" maxlength="300" />
            <button class="btn btn-quiet">{{ $lot->standingHolds->isEmpty() ? __('Hold it') : __('Lift it') }}</button>
        </form>
    </details>
@endcan
