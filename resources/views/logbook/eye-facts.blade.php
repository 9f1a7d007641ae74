<h2>{{ __('What was said') }}</h2>
<dl class="facts">
    @foreach ($page->said as $line)
        <dt>{{ $line['name'] }}</dt><dd>{{ $line['words'] }}</dd>
    @endforeach
</dl>
<h2>{{ __('How they looked') }}</h2>
<dl class="facts">
    @foreach ($page->looked as $line)
        <dt>{{ $line['name'] }}</dt><dd>{{ $line['words'] }}</dd>
    @endforeach
</dl>
@if ($page->report->tag !== null)
    <h2>{{ __('On record of this pair') }}</h2>
    @if ($page->record === [])
        <p>{{ __('Nobody looked this pair over.') }}</p>
    @else
        <ul>
            @foreach ($page->record as $line)
                <li>{{ $line['when'] }}: {{ $line['words'] }}</li>
            @endforeach
        </ul>
    @endif
@endif
