@php $mayEdit = Gate::allows('update', $frame->event); $plan = $page->plan; @endphp
<x-event-frame :frame="$frame" room="photo" :title="$page->title">
    @if ($page->lane !== null)
        <x-slot:axis tabindex="0" role="region" aria-label="{{ __('Pictures along the ribbon') }}">
            @include('photo.lanes', ['lanes' => [$page->lane], 'ribbon' => $frame->ribbon])
        </x-slot>
    @endif
    <x-photo-tabs :event="$frame->event" current="photo.index" />
    <p class="lead-answer">{{ $page->title }}</p>
    <x-faults />
    @if (! $page->hasKit)
        <p>{{ __('Write down a camera first, then what it looks through, its filter and what it stands on.') }}</p>
        <p><a class="btn btn-primary" href="{{ route('photo.kit', $frame->event) }}">{{ __('Write down kit') }}</a></p>
    @else
    <form class="camera-plan" method="post" action="{{ $plan->exists ? route('photo.update', [$frame->event, $plan]) : route('photo.store', $frame->event) }}" novalidate x-data="cameraPlan" x-on:input="later" x-on:change="later"
        data-ask="{{ route('photo.preview', $frame->event) }}" data-answer="plan-answer" data-words="{{ __('The server did not answer: is the network down? What is shown is for the previous numbers.') }}" data-stands="{{ __('What is shown is for the previous numbers.') }}">
        @csrf
        <x-made-from :record="$plan" />
        @if ($plan->exists) @method('put') @endif
        <div class="camera-fields">
            <x-field name="name" :label="__('Name')" :value="old('name', $page->values['name'])" :stored="$plan->name" maxlength="60" />
            <h2>{{ __('Kit') }} <a class="heading-link" href="{{ route('photo.kit', $frame->event) }}">{{ __('all kit') }}</a></h2>
            @foreach (['camera_id' => __('Camera'), 'optics_id' => __('Lens or telescope; blank for a phone'), 'filter_id' => __('Filter'), 'mount_id' => __('It stands on')] as $name => $label)
                <x-choose :name="$name" :label="$label" :options="$page->choices[$name]" :value="(string) old($name, $page->values[$name])" />
            @endforeach
            <x-choose name="finder" :label="__('Its optical finder')" :options="$page->choices['finder']" :value="(string) old('finder', $page->values['finder'])" />
            <h2>{{ __('Who and where') }}</h2>
            <x-field name="watched_by" :label="__('Who stands at it and watches it')" :value="old('watched_by', $page->values['watched_by'])" list="helpers" maxlength="80" />
            <datalist id="helpers">@foreach ($page->helpers as $name)<option value="{{ $name }}"></option>@endforeach</datalist>
            @if ($page->choices['place'] !== [])
                <div class="field">
                    <label for="place">{{ __('Where it stands') }}</label>
                    <select class="form-select" id="place" name="place">
                        <option value="">{{ __('where the people watch') }}</option>
                        @foreach ($page->choices['place'] as $value => $words)<option value="{{ $value }}" @selected((string) old('place', $page->values['place']) === (string) $value)>{{ $words }}</option>@endforeach
                    </select>
                </div>
            @endif
            <h2>{{ __('Settings') }}</h2>
            <div class="side-by-side">
                <x-field name="f_number" :label="__('f-number')" :value="old('f_number', $page->values['f_number'])" inputmode="decimal" />
                <x-field name="iso" :label="__('ISO, no filter')" :value="old('iso', $page->values['iso'])" inputmode="numeric" />
                <x-field name="iso_filtered" :label="__('ISO, filter on')" :value="old('iso_filtered', $page->values['iso_filtered'])" inputmode="numeric" />
                <x-field name="cloud_stops" :label="__('Thin cloud, stops')" :value="old('cloud_stops', $page->values['cloud_stops'])" inputmode="decimal" />
                <x-field name="interval_s" :label="__('Partial: every, s')" :value="old('interval_s', $page->values['interval_s'])" inputmode="numeric" />
                <x-field name="hand_s" :label="__('Filter off, or on, s')" :value="old('hand_s', $page->values['hand_s'])" inputmode="decimal" />
                <x-field name="corona_radii" :label="__('Corona, radii')" :value="old('corona_radii', $page->values['corona_radii'])" inputmode="decimal" />
                <x-field name="roll_deg" :label="__('Turned, °')" :value="old('roll_deg', $page->values['roll_deg'])" inputmode="decimal" />
                <x-field name="drift_px" :label="__('Blur at most, pixels')" :value="old('drift_px', $page->values['drift_px'])" inputmode="decimal" />
                <x-field name="clear_s" :label="__('Cloud until the last, s')" :value="old('clear_s', $page->values['clear_s'])" inputmode="numeric" />
            </div>
            <p class="hint">{{ __('A telescope and a phone have one f-number, which counts.') }}</p>
            <h2>{{ __('Wanted of totality, the dearest first') }}</h2>
            @foreach ($page->wishes as $i => $wish)
                @php $at = "wanted.{$i}"; $old = fn (string $key): string => (string) old("{$at}.{$key}", $wish[$key]); @endphp
                <fieldset class="photo-wish">
                    <legend class="visually-hidden">{{ __('Wish :n', ['n' => $wish['rank']]) }}</legend>
                    <label class="wish-rank">{{ __('No.') }}<input class="form-control" name="wanted[{{ $i }}][rank]" value="{{ $old('rank') }}" inputmode="decimal"></label>
                    <label class="wish-name">{{ __('Name') }}<input class="form-control" name="wanted[{{ $i }}][name]" value="{{ $old('name') }}" maxlength="40" placeholder="{{ __('as it is') }}"></label>
                    <label class="wish-half">{{ __('Exposed for') }}<select class="form-select" id="{{ $at }}.from" name="wanted[{{ $i }}][from]"><option value="">{{ __('nothing') }}</option>@foreach ($page->choices['from'] as $value => $words)<option value="{{ $value }}" @selected($old('from') === $value)>{{ $words }}</option>@endforeach</select></label>
                    <label class="wish-half">{{ __('on to') }}<select class="form-select" name="wanted[{{ $i }}][to]"><option value="">{{ __('that alone') }}</option>@foreach ($page->choices['from'] as $value => $words)<option value="{{ $value }}" @selected($old('to') === $value)>{{ $words }}</option>@endforeach</select></label>
                    <label>{{ __('Steps') }}<input class="form-control" id="{{ $at }}.step_stops" name="wanted[{{ $i }}][step_stops]" value="{{ $old('step_stops') }}" inputmode="decimal"></label>
                    <label>{{ __('Of each') }}<input class="form-control" id="{{ $at }}.frames" name="wanted[{{ $i }}][frames]" value="{{ $old('frames') }}" inputmode="numeric"></label>
                    <label>{{ __('Pause, s') }}<input class="form-control" id="{{ $at }}.pause_s" name="wanted[{{ $i }}][pause_s]" value="{{ $old('pause_s') }}" inputmode="decimal"></label>
                    <label>{{ __('When') }}<select class="form-select" name="wanted[{{ $i }}][when]">@foreach ($page->choices['when'] as $value => $words)<option value="{{ $value }}" @selected($old('when') === $value)>{{ $words }}</option>@endforeach</select></label>
                    @foreach (['from', 'step_stops', 'frames', 'pause_s', 'when'] as $key)<x-fault :field="$at . '.' . $key" />@endforeach
                </fieldset>
            @endforeach
            <p class="hint">{{ __('Steps are stops from one exposure to the next. What is exposed for nothing is left out. What does not fit gives way from the last number on.') }}</p>
            <p class="design-steps"><button type="button" class="btn btn-quiet" x-on:click="undo" x-bind:disabled="isFirst">{{ __('Undo') }}</button> <button type="button" class="btn btn-quiet" x-on:click="redo" x-bind:disabled="isLast">{{ __('Redo') }}</button></p>
            @if ($mayEdit)
                <button class="btn btn-primary">{{ __('Save this camera') }}</button>
            @endif
        </div>
        <div class="camera-answer">
            <p class="fault" role="alert" data-refused hidden></p>
            <div id="plan-answer" aria-live="polite">
                @if ($page->answer !== null)
                    @include('photo.answer', ['answer' => $page->answer])
                @else
                    <p>{{ __('Choose a camera and what it looks through; then this side says what fits into totality.') }}</p>
                @endif
            </div>
        </div>
    </form>
    @endif
    @if ($plan->exists)
        <p class="after-design"><a class="btn btn-quiet" href="{{ route('photo.card', [$frame->event, $plan]) }}">{{ __('Field card, A6 (PDF)') }}</a> <a class="btn btn-quiet" href="{{ route('photo.csv', [$frame->event, $plan]) }}">{{ __('Shot list as CSV') }}</a> <a class="btn btn-quiet" href="{{ route('photo.json', [$frame->event, $plan]) }}">{{ __('as JSON') }}</a></p>
        @if ($mayEdit)
            <form method="post" action="{{ route('photo.destroy', [$frame->event, $plan]) }}">
                @csrf
                @method('delete')
                <button class="link-button">{{ __('Remove this camera') }}</button>
            </form>
        @endif
    @endif
</x-event-frame>
