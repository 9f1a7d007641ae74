<x-event-frame :frame="$frame" room="logbook" :title="__('Pictures')">
    <x-logbook-tabs :event="$frame->event" current="logbook.report" />
    <p class="lead-answer">{{ __('Pictures for the report') }}</p>
    <p class="note">{{ __('Nobody who can be recognised without their leave, no child without their parents\'. What a camera writes into a picture about place and person is taken out.') }}</p>
    <x-faults />
    @include('logbook.picture-list', ['pictures' => $pictures, 'event' => $frame->event, 'isChanged' => Gate::allows('update', $frame->event)])
    @can('update', $frame->event)
        <h2>{{ __('Add a picture') }}</h2>
        <form method="post" action="{{ route('logbook.pictures.store', $frame->event) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-made-from />
            <x-field name="file" type="file" :label="__('JPEG, PNG or WebP')" accept="image/jpeg,image/png,image/webp" />
            <x-field name="caption" :label="__('What it shows')" :value="old('caption')" maxlength="200" />
            <button class="btn btn-primary">{{ __('Add it') }}</button>
            <a class="btn btn-quiet" href="{{ route('logbook.report', $frame->event) }}">{{ __('Report') }}</a>
        </form>
    @endcan
</x-event-frame>
