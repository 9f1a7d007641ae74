@use('App\Text\RotaWords')
@use('KeenShadow\Core\RunSheet\Rota\Training')
@php $stored = static fn(string $field): mixed => $helper->exists ? $helper->getAttribute($field) : null; @endphp
<x-event-frame :frame="$frame" room="runsheet" :title="$helper->name ?: __('Add a helper')">
    <p class="lead-answer">{{ $helper->name ?: __('Add a helper') }}</p>
    <x-faults />
    <form method="post" action="{{ $helper->exists ? route('runsheet.helpers.update', [$frame->event, $helper]) : route('runsheet.helpers.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from :record="$helper" />
        @if ($helper->exists) @method('put') @endif
        <x-field name="name" :label="__('Name, as they are called')" :value="old('name', $helper->name)" :stored="$stored('name')" maxlength="80" autocomplete="off" :hint="__('Grown-ups only. A first name is enough unless two share it.')" />
        <x-field name="contact" :label="__('How they are reached')" :value="old('contact', $helper->contact)" :stored="$stored('contact')" maxlength="120" autocomplete="off" :hint="__('A telephone number or a mail address: one is enough. Only organisers see it.')" />
        <fieldset class="field" id="training">
            <legend>{{ __('Trained for') }}</legend>
            <div class="answers">
                @foreach (Training::cases() as $training)
                    <label><input class="form-check-input" type="checkbox" name="training[]" value="{{ $training->value }}" @checked(in_array($training->value, (array) old('training', old('name') === null ? $helper->training->map->value->all() : []), true))>{{ RotaWords::training($training) }}</label>
                @endforeach
            </div>
            <x-fault field="training" />
        </fieldset>
        <button class="btn btn-primary">{{ __('Save this helper') }}</button>
    </form>
    @if ($helper->exists)
        <h2>{{ __('Private address') }}</h2>
        <p class="note">{{ __('Here :name sees their own duties without an account, and nothing of others. Whoever has the address can read them.', ['name' => $helper->name]) }}</p>
        <p><a class="address" href="{{ route('runsheet.duties', $helper->duty_key) }}">{{ route('runsheet.duties', $helper->duty_key) }}</a></p>
        <form method="post" action="{{ route('runsheet.helpers.key', [$frame->event, $helper]) }}">
            @csrf
            <button class="btn btn-quiet">{{ __('Make a new address') }}</button>
        </form>
        <h2>{{ __('Remove') }}</h2>
        <p class="note">{{ __('Name, contact and private address are deleted at once and for good, in every event. This cannot be undone.') }}</p>
        <form method="post" action="{{ route('runsheet.helpers.destroy', [$frame->event, $helper]) }}">
            @csrf
            @method('delete')
            <button class="btn btn-quiet">{{ __('Remove this helper and their data') }}</button>
        </form>
    @endif
</x-event-frame>
