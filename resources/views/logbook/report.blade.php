<x-event-frame :frame="$frame" room="logbook" :title="__('Report')">
    @if ($curves->strips !== [])
        <x-slot:axis tabindex="0" role="region" aria-label="{{ __('What was measured, along the ribbon') }}">
            @include('logbook.curves', ['curves' => $curves, 'ribbon' => $frame->ribbon])
        </x-slot>
    @endif
    <x-logbook-tabs :event="$frame->event" current="logbook.report" />
    <p class="lead-answer">{{ __('Report of the event') }}</p>
    <x-faults />
    <div class="sheet-tools">
        <a class="btn btn-primary" href="{{ route('logbook.report.pdf', [$frame->event, 'a4']) }}">{{ __('PDF, A4') }}</a>
        <a class="btn btn-quiet" href="{{ route('logbook.report.pdf', [$frame->event, 'letter']) }}">{{ __('PDF, Letter') }}</a>
    </div>
    <p class="note">{{ __('The numbers come from the log, the instruments, the stock and the incidents. Nothing of anybody\'s eyes and no names of visitors are in it.') }}</p>
    @can('update', $frame->event)
        <form method="post" action="{{ route('logbook.report.update', $frame->event) }}" novalidate>
            @csrf
            @method('put')
            <input type="hidden" name="version" value="{{ $words->version ?? 1 }}" autocomplete="off">
            @foreach (['summary' => __('In short'), 'went_well' => __('What went well'), 'better' => __('What to do better')] as $field => $name)
                <div class="field">
                    <label for="{{ $field }}">{{ $name }}</label>
                    <textarea class="form-control" id="{{ $field }}" name="{{ $field }}" rows="4" maxlength="3000" aria-describedby="{{ $field }}-fault" @error($field) aria-invalid="true" @enderror>{{ old($field, $words->$field) }}</textarea>
                    <x-fault :field="$field" />
                </div>
            @endforeach
            <x-fault field="version" />
            <button class="btn btn-primary">{{ __('Save') }}</button>
        </form>
    @else
        @foreach (['summary' => __('In short'), 'went_well' => __('What went well'), 'better' => __('What to do better')] as $field => $name)
            @if ($words->$field !== '')
                <h2>{{ $name }}</h2>
                <p class="keeps-lines">{{ $words->$field }}</p>
            @endif
        @endforeach
    @endcan
    @include('logbook.report-body')
    <h2>{{ __('Pictures') }}</h2>
    @include('logbook.picture-list', ['pictures' => $pictures, 'event' => $frame->event, 'isChanged' => false])
    <p><a href="{{ route('logbook.pictures', $frame->event) }}">{{ __('Pictures for the report') }}</a></p>
</x-event-frame>
