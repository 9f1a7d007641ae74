@use('App\Text\AudienceWords')
@use('KeenShadow\Core\Audience\AgeBand')
@use('KeenShadow\Core\Audience\Crowd\Coming')
@php $stored = static fn(string $field): mixed => $group->exists ? $group->getAttribute($field) : null; @endphp
<x-event-frame :frame="$frame" room="audience" :title="$group->name ?: __('Add a group')">
    <p class="lead-answer">{{ $group->name ?: __('Add a group') }}</p>
    <x-faults />
    <form method="post" action="{{ $group->exists ? route('audience.update', [$frame->event, $group]) : route('audience.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from :record="$group" />
        @if ($group->exists) @method('put') @endif
        <x-field name="name" :label="__('Name of the group')" :value="old('name', $group->name)" :stored="$stored('name')" maxlength="60" autocomplete="off" :hint="__('Class 5B, family queue, astronomy club. Never the names of people.')" />
        <x-field name="people" type="number" min="1" :label="__('How many come')" :value="old('people', $group->people)" :stored="$stored('people')" />
        <fieldset class="field" id="band">
            <legend>{{ __('How old they are') }}</legend>
            <div class="answers">
                @foreach (AgeBand::cases() as $band)
                    <label><input class="form-check-input" type="radio" name="band" value="{{ $band->value }}" @checked(old('band', $group->band->value) === $band->value)>{{ AudienceWords::band($band) }}</label>
                @endforeach
            </div>
            <x-meanwhile name="band" :stored="$stored('band')?->value" :words="AudienceWords::band($group->band)" />
            <x-fault field="band" />
        </fieldset>
        <x-field name="eye_from_m" :label="__('Lowest eyes, m above the ground')" :value="old('eye_from_m', $group->eye_from_m)" :stored="$stored('eye_from_m')" inputmode="decimal" :hint="__('Left blank: what is usual at that age.')" />
        <x-field name="eye_to_m" :label="__('Highest eyes, m')" :value="old('eye_to_m', $group->eye_to_m)" :stored="$stored('eye_to_m')" inputmode="decimal" />
        <x-field name="spectacles" type="number" min="0" :label="__('How many wear spectacles')" :value="old('spectacles', $group->spectacles)" :stored="$stored('spectacles')" />
        <x-field name="seated" type="number" min="0" :label="__('How many sit')" :value="old('seated', $group->seated)" :stored="$stored('seated')" />
        <x-field name="low_vision" type="number" min="0" :label="__('How many see little or nothing')" :value="old('low_vision', $group->low_vision)" :stored="$stored('low_vision')" />
        <x-field name="adults" type="number" min="0" :label="__('Adults who come with them')" :value="old('adults', $group->adults)" :stored="$stored('adults')" :hint="__('Beside those counted above. Each of them can watch one child who looks through glasses.')" />
        <fieldset class="field" id="peeks">
            <legend>{{ __('Do they keep a filter on?') }}</legend>
            <div class="answers">
                @foreach (['0' => __('Yes'), '1' => __('No: they cannot hold still, or peek')] as $value => $words)
                    <label><input class="form-check-input" type="radio" name="peeks" value="{{ $value }}" @checked((string) (int) old('peeks', $group->peeks) === (string) $value)>{{ $words }}</label>
                @endforeach
            </div>
            <x-fault field="peeks" />
        </fieldset>
        <fieldset class="field" id="comes">
            <legend>{{ __('How they come') }}</legend>
            <div class="answers is-one">
                @foreach (Coming::cases() as $coming)
                    <label><input class="form-check-input" type="radio" name="comes" value="{{ $coming->value }}" @checked(old('comes', $group->comes->value) === $coming->value)>{{ AudienceWords::coming($coming) }}</label>
                @endforeach
            </div>
            <x-fault field="comes" />
        </fieldset>
        <x-field name="ahead_min" :label="__('How long before the maximum, min')" :value="old('ahead_min', $group->ahead_min)" :stored="$stored('ahead_min')" inputmode="decimal" :hint="__('All at once: then. Evenly: the first of them. Shortly before: on average. Left blank: from the first contact on, or 10 min on average.')" />
        <fieldset class="field" id="goes_first">
            <legend>{{ __('Are they let in before others?') }}</legend>
            <div class="answers">
                @foreach (['0' => __('No: who comes first goes first'), '1' => __('Yes')] as $value => $words)
                    <label><input class="form-check-input" type="radio" name="goes_first" value="{{ $value }}" @checked((string) (int) old('goes_first', $group->goes_first) === (string) $value)>{{ $words }}</label>
                @endforeach
            </div>
            <x-fault field="goes_first" />
        </fieldset>
        <button class="btn btn-primary">{{ __('Save this group') }}</button>
    </form>
    @if ($group->exists)
        <form method="post" action="{{ route('audience.destroy', [$frame->event, $group]) }}">
            @csrf
            @method('delete')
            <button class="link-button">{{ __('Remove this group') }}</button>
        </form>
    @endif
</x-event-frame>
