@use('KeenShadow\Core\Rules\Inquiry\Items')
@if ($search !== '' && $found === [])
    <p class="lead-answer">{{ __('The book has nothing of that name.') }}</p>
    <p>{{ __('What it does not know it does not allow: no eye looks through it. Try another word, or choose what comes nearest.') }}</p>
@endif
@foreach ($found === [] || $search === '' ? ['For the eyes' => Items::forEyes(), 'Images' => Items::images(), 'Instruments' => Items::instruments(), 'What people find at home' => Items::noFilters()] : ['Found' => $found] as $group => $items)
    <h2>{{ __($group) }}</h2>
    <ul class="taps">
        @foreach ($items as $item)
            <li><a href="{{ route('rules.may', [$event, 'item' => $item->id]) }}">{{ __($item->name) }}</a></li>
        @endforeach
    </ul>
@endforeach
