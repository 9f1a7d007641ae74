<p class="lead-answer">{{ $page->headline }}</p>
@foreach ($page->sections as $heading => $rows)
    <h2>{{ $heading }}</h2>
    <ul class="exercise-list">
        @foreach ($rows as $row)
            <li>
                <a href="{{ $row['url'] }}">{{ $row['name'] }}</a>
                <span class="meaning">{{ $row['about'] }}</span>
                <span @class(['exercise-state', 'is-passed' => $row['isPassed']])>{{ $row['state'] }}</span>
            </li>
        @endforeach
    </ul>
@endforeach
