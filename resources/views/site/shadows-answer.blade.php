<p class="lead-answer">{{ $page->headline }}</p>
<p class="caution">{{ __('Aim by making the tube\'s shadow smallest, never by sighting along it. Shade is for those who work: sunscreen and water for all others.') }}</p>
<figure class="tube">
    <svg viewBox="-0.2 -{{ $page->drawing->topM }} {{ $page->drawing->widthM }} {{ $page->drawing->topM }}" role="img" aria-label="{{ __('The tube from the side at a few times') }}">
        <path class="door-floor" d="M-0.2 0H20" vector-effect="non-scaling-stroke"/>
        <path class="tube-stand" d="M0 0V-{{ $page->drawing->lowerEndM }}" vector-effect="non-scaling-stroke"/>
        @foreach ($page->drawing->tubes as $tube)
            <path class="tube-prop" d="M{{ $tube['propX'] }} 0V{{ $tube['propY'] }}" vector-effect="non-scaling-stroke"/>
            <path class="tube-body" d="M0 -{{ $page->drawing->lowerEndM }}L{{ $tube['x'] }} {{ $tube['y'] }}" vector-effect="non-scaling-stroke"/>
            <text class="tube-time" x="{{ $tube['x'] }}" y="{{ $tube['y'] }}" dx="0.02" dy="0.02" font-size="0.05">{{ $tube['time'] }}</text>
        @endforeach
    </svg>
    <figcaption>{{ __('From the side, the Sun to the right; thin lines: the upright prop. One scale for both directions.') }}</figcaption>
</figure>
<h2 id="over">{{ __('Over the event') }}</h2>
<x-table labelledby="over" class="stacks">
    <x-slot:head>
        <th scope="col">{{ __('Local time') }}</th>
        <th scope="col" class="is-number">{{ __('Altitude = elevation of the tube') }}</th>
        <th scope="col" class="is-number">{{ __('Azimuth') }}</th>
        <th scope="col" class="is-number">{{ __('Upper end') }}</th>
        <th scope="col" class="is-number">{{ __('Prop') }}</th>
        <th scope="col" class="is-number">{{ __('Foot of the prop, from below the lower end') }}</th>
        <th scope="col" class="is-number">{{ __('Shadow of person or post') }}</th>
        <th scope="col" class="is-number">{{ __('Shadows fall towards') }}</th>
        @foreach ($page->walls as $wall)
            <th scope="col" class="is-number">{{ __('Shade of :wall', ['wall' => $wall]) }}</th>
        @endforeach
    </x-slot:head>
    @foreach ($page->rows as $row)
        <tr>
            <th scope="row">{{ $row['time'] }}</th>
            @foreach (['altitude' => __('Altitude = elevation of the tube'), 'azimuth' => __('Azimuth'), 'upper' => __('Upper end'), 'prop' => __('Prop'), 'foot' => __('Foot of the prop, from below the lower end'), 'pole' => __('Shadow of person or post'), 'towards' => __('Shadows fall towards')] as $column => $head)
                <td class="is-number" data-label="{{ $head }}">{{ $row[$column] }}</td>
            @endforeach
            @foreach ($row['walls'] as $i => $shade)
                <td class="is-number" data-label="{{ __('Shade of :wall', ['wall' => $page->walls[$i]]) }}">{{ $shade }}</td>
            @endforeach
        </tr>
    @endforeach
</x-table>
<p class="note">{{ __('On level ground. The plan shows the shade itself at any minute.') }}</p>
<h2 id="posts">{{ __('Who stands in the shade') }}</h2>
@if ($page->posts === [])
    <p class="note">{{ __('Put a shaded post, a screen or a queue on the plan: each gets a line here.') }}</p>
@else
    <x-table labelledby="posts">
        <x-slot:head><th scope="col">{{ __('Place') }}</th><th scope="col">{{ __('Verdict') }}</th><th scope="col">{{ __('In the shade') }}</th></x-slot:head>
        @foreach ($page->posts as $post)
            <tr><th scope="row">{{ $post['name'] }} <span class="meaning">{{ $post['kind'] }}</span></th><td><x-verdict-tag :subject="$post['verdict']->subject" :level="$post['verdict']->level" :rule="$post['verdict']->rule()" /></td>
                <td>@forelse ($post['lines'] as $line)<span class="line">{{ $line }}</span>@empty{{ __('never') }}@endforelse</td></tr>
        @endforeach
    </x-table>
@endif
