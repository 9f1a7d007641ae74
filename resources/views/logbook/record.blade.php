@if ($lines === [])
    <p><b>{{ $none }}</b></p>
@else
    <ul>
        @foreach ($lines as $line)
            <li>{{ $line['when'] }}: {{ $line['words'] }} <span class="meaning">{{ $line['who'] }}</span></li>
        @endforeach
    </ul>
@endif
