<x-event-frame :frame="$frame" room="audience" :title="__('To feel and hear')">
    <x-audience-tabs :event="$frame->event" current="audience.strip" />
    <p class="lead-answer">{{ __('The Sun here, to feel') }}</p>
    @include('audience.strip-words', ['isEmpty' => $strip->discs === []])
    <div class="strip">
        @foreach ($strip->discs as $disc)
            <figure>
                @include('audience.strip-disc')
                <figcaption><b>{{ trim($disc['name'] . ' ' . $disc['time']) }}</b> {{ $disc['words'] }}</figcaption>
            </figure>
        @endforeach
    </div>
    <svg class="strip-bar" width="102mm" height="6mm" viewBox="0 0 102 6" role="img" aria-label="{{ __('A bar 100 mm long') }}"><path class="screen-bar" d="M1 1V5M1 3H101M101 1V5"/></svg>
    <p class="note">{{ __('The bar is 100 mm long when printed at 100 %. Rings are 36 mm wide.') }}</p>
    <p><a class="btn btn-quiet" href="{{ route('audience.strip.sheet', [$frame->event, 'a4']) }}">{{ __('PDF, A4') }}</a> <a class="btn btn-quiet" href="{{ route('audience.strip.sheet', [$frame->event, 'letter']) }}">{{ __('PDF, Letter') }}</a></p>
    @include('audience.sound')
</x-event-frame>
