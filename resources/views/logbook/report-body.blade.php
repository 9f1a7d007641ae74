<h2>{{ __('Numbers') }}</h2>
<dl class="facts">
    @foreach ($report->numbers as $line)
        <dt>{{ $line['name'] }}</dt><dd>{{ $line['words'] }}</dd>
    @endforeach
</dl>
@if ($report->calls !== [])
    <h2>{{ __('Planned, and how it was called') }}</h2>
    <table class="table">
        <thead><tr><th scope="col">{{ __('Planned') }}</th><th scope="col">{{ __('What') }}</th><th scope="col">{{ __('Called') }}</th></tr></thead>
        <tbody>
            @foreach ($report->calls as $line)
                <tr><td>{{ $line['time'] }}</td><td>{{ $line['name'] }}</td><td>{{ $line['called'] }}</td></tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($report->happened !== [])
    <h2>{{ __('Called by hand on the day') }}</h2>
    <ul>
        @foreach ($report->happened as $line)
            <li><b>{{ $line['time'] }}</b> {{ $line['words'] }}</li>
        @endforeach
    </ul>
@endif
@if ($report->temperatures !== [])
    <h2>{{ __('Measured') }}</h2>
    <ul>
        @foreach ($report->temperatures as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
@endif
@if ($report->seen !== [])
    <h2>{{ __('Seen') }}</h2>
    <ul>
        @foreach ($report->seen as $line)
            <li><b>{{ $line['time'] }}</b> {{ $line['words'] }}</li>
        @endforeach
    </ul>
@endif
@if ($report->incidents !== [])
    <h2>{{ __('What went wrong') }}</h2>
    <ul>
        @foreach ($report->incidents as $line)
            <li><b>{{ $line['time'] }}</b> {{ $line['what'] }} {{ $line['done'] }}</li>
        @endforeach
    </ul>
@endif
@if ($report->better !== [])
    <h2>{{ __('What the record suggests to do better') }}</h2>
    <ul>
        @foreach ($report->better as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
@endif
