@php use KeenShadow\Core\Viewers\ViewersSubject; @endphp
<x-event-frame :frame="$frame" room="viewers" :title="__('Compare viewers')">
    <p class="lead-answer">{{ __('Side by side') }}</p>
    @if ($page->moment !== null)
        <p class="note">{{ __('The pictures show the screen at :time (:name): :percent % of the area covered.', ['name' => $page->moment->name, 'time' => $page->moment->time, 'percent' => $page->moment->obscuration]) }} <a href="{{ route('viewers.index', $frame->event) }}">{{ __('All designs') }}</a></p>
    @endif
    <x-faults />
    <div class="sideways" tabindex="0" role="region" aria-label="{{ __('Side by side') }}">
        <table class="compared">
            <thead><tr><td></td>@foreach ($page->viewers as $one)<th scope="col"><a href="{{ route('viewers.show', [$frame->event, $one->viewer]) }}">{{ $one->viewer->name }}</a> <span class="meaning">{{ $one->build }}</span></th>@endforeach</tr></thead>
            <tbody>
                @if ($page->moment !== null)
                    <tr><th scope="row">{{ __('On the screen') }}</th>@foreach ($page->viewers as $one)<td><img class="on-screen-large" width="160" height="160" alt="{{ __('What :name shows', ['name' => $one->viewer->name]) }}" src="{{ route('viewers.image', ['event' => $frame->event, ...$one->fields, 'at' => $page->moment->second]) }}"></td>@endforeach</tr>
                    <tr><th scope="row">{{ __('In true size') }}</th>@foreach ($page->viewers as $one)<td><svg width="{{ $one->trueSize->frameMm }}mm" height="{{ $one->trueSize->frameMm }}mm" role="img" aria-label="{{ __('The Sun\'s image in its true size') }}"><image width="100%" height="100%" preserveAspectRatio="none" href="{{ route('viewers.image', ['event' => $frame->event, ...$one->fields, 'at' => $page->moment->second]) }}"/></svg>@if ($one->trueSize->oneTo > 1) <span class="meaning">{{ __('one to :n', ['n' => $one->trueSize->oneTo]) }}</span>@endif</td>@endforeach</tr>
                @endif
                <tr><th scope="row">{{ __('Image of the Sun') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->image }}</td>@endforeach</tr>
                <tr><th scope="row">{{ __('Smallest bite that shows') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->bite }}</td>@endforeach</tr>
                <tr><th scope="row">{{ __('Brightness') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->lux }}</td>@endforeach</tr>
                <tr><th scope="row">{{ __('Against stray light') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->contrast }}</td>@endforeach</tr>
                <tr><th scope="row">{{ __('Picture') }}</th>@foreach ($page->viewers as $one)<td><x-verdict-tag :subject="ViewersSubject::Viewer" :level="$one->verdict->level" :rule="$one->verdict->rule()" /></td>@endforeach</tr>
                <tr><th scope="row">{{ __('May it be used so?') }}</th>@foreach ($page->viewers as $one)<td>@include('viewers.may-tag', ['answer' => $one->answer])</td>@endforeach</tr>
                <tr><th scope="row">{{ __('Look at once') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->atOnce }}</td>@endforeach</tr>
                <tr><th scope="row">{{ __('One costs') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->cost }}</td>@endforeach</tr>
                <tr><th scope="row">{{ __('To build one') }}</th>@foreach ($page->viewers as $one)<td>{{ $one->minutes }} <a href="{{ route('viewers.build', [$frame->event, $one->viewer]) }}">{{ __('How') }}</a></td>@endforeach</tr>
                <tr><th scope="row">{{ __('Cautions') }}</th>@foreach ($page->viewers as $one)<td><ul class="compared-cautions">@foreach ($one->cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul></td>@endforeach</tr>
                @can('update', $frame->event)
                    <tr><th scope="row">{{ __('For this event') }}</th>@foreach ($page->viewers as $one)<td>@include('viewers.wanted', ['viewer' => $one->viewer])</td>@endforeach</tr>
                @endcan
            </tbody>
        </table>
    </div>
    <p class="note">{{ __('Costs and times are our own judgement, where nothing is at hand. What is wanted stands in the shopping list and makes the stations of the audience.') }}</p>
</x-event-frame>
