<x-event-frame :frame="$frame" room="viewers" :title="__('To build: :name', ['name' => $page->viewer->name])">
    <p class="lead-answer">{{ __('To build: :name', ['name' => $page->viewer->name]) }}</p>
    <p class="note">{{ $page->title }}, {{ $page->minutes }}. <a href="{{ route('viewers.show', [$frame->event, $page->viewer]) }}">{{ __('The design') }}</a></p>
    <ul class="caution build-cautions">@foreach ($page->cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul>
    <x-permission :frame="$frame" :situation="$page->situation" />
    <h2>{{ __('What it takes') }}</h2>
    <ul class="build-materials">@foreach ($page->materials as $material)<li>{{ $material }}</li>@endforeach</ul>
    <h2>{{ __('Step by step') }}</h2>
    <ol class="build-steps">
        @foreach ($page->steps as $step)
            <li>
                <div><b class="build-who">{{ $step->who }}</b> {{ $step->words }}</div>
                @if ($step->drawing !== null)
                    @include('viewers.template', ['drawing' => $step->drawing])
                @endif
            </li>
        @endforeach
    </ol>
    <h2>{{ __('Parts in their true size') }}</h2>
    <p>{{ __('Print without scaling and measure the line of 100 mm. What is larger than a sheet comes on several, with crosses to glue them by.') }}</p>
    <p class="build-files"><a class="btn btn-primary" href="{{ route('viewers.pdf', [$frame->event, $page->viewer, 'a4']) }}">{{ __('All parts as PDF, A4') }}</a>
        <a class="btn btn-quiet" href="{{ route('viewers.pdf', [$frame->event, $page->viewer, 'letter']) }}">{{ __('All parts as PDF, Letter') }}</a></p>
    <ul class="build-parts">
        @foreach ($page->templates as $drawing)
            <li><a href="{{ route('viewers.svg', [$frame->event, $page->viewer, $drawing->part]) }}">{{ $drawing->name }} (SVG)</a></li>
        @endforeach
    </ul>
</x-event-frame>
