@props(['ribbon'])
{{-- The shadow ribbon; App\Drawings\Event\ShadowRibbon computed every place and shade. --}}
<figure class="ribbon" data-begin="{{ $ribbon->begin->format('U') }}" data-end="{{ $ribbon->end->format('U') }}">
    <svg height="{{ $ribbon->crossings === [] ? 104 : 120 }}" role="img" aria-label="{{ __('The eclipse along the day: :marks', ['marks' => collect([...$ribbon->contacts, ...$ribbon->crossings])->map(fn ($m) => trim("{$m->label} {$m->time} {$m->until} {$m->untilTime}"))->implode(', ')]) }}">
        <defs>
            <linearGradient id="ribbon-shade">
                @foreach ($ribbon->shade as $stop)
                    <stop offset="{{ $stop['offset'] }}" class="stop-shadow" stop-opacity="{{ $stop['opacity'] }}"/>
                @endforeach
            </linearGradient>
            <pattern id="ribbon-night" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <rect width="6" height="6" class="hatch-dark"/><rect width="2" height="6" class="hatch-light"/>
            </pattern>
            <clipPath id="ribbon-limb"><circle r="{{ $ribbon::LIMB_RADIUS_PX }}"/></clipPath>
        </defs>
        <rect class="ribbon-day" y="30" width="100%" height="48"/>
        <rect class="ribbon-shade" y="30" width="100%" height="48"/>
        @foreach ($ribbon->nights as $night)
            <rect class="ribbon-night" x="{{ $night['x'] }}%" y="30" width="{{ $night['width'] }}%" height="48"/>
        @endforeach
        @foreach ($ribbon->hidden as $hidden)
            <rect class="ribbon-hidden" x="{{ $hidden['x'] }}%" y="66" width="{{ $hidden['width'] }}%" height="12"><title>{{ __('hidden by :what', ['what' => $hidden['by']]) }}</title></rect>
            <svg class="ribbon-by" x="{{ $hidden['x'] }}%" y="66" width="{{ $hidden['width'] }}%" height="12"><text x="5" y="10">{{ $hidden['by'] }}</text></svg>
        @endforeach
        @foreach ($ribbon->crossings as $mark)
            <line class="ribbon-tick" x1="{{ $mark->xPercent }}%" x2="{{ $mark->xPercent }}%" y1="30" y2="102"/>
            <text class="ribbon-label" x="{{ $mark->xPercent }}%" y="115" text-anchor="middle"><tspan font-weight="700">{{ $mark->label }}</tspan> {{ $mark->time }}</text>
        @endforeach
        @foreach ($ribbon->hours as $hour)
            <line class="ribbon-tick is-hour" x1="{{ $hour->xPercent }}%" x2="{{ $hour->xPercent }}%" y1="78" y2="84"/>
            <text class="ribbon-hour" x="{{ $hour->xPercent }}%" y="97" text-anchor="middle">{{ $hour->label }}</text>
        @endforeach
        @foreach ($ribbon->discs as $disc)
            <svg x="{{ $disc->xPercent }}%" y="54" overflow="visible" @class(['ribbon-minor' => ! $disc->isMain])>
                <x-ribbon-disc :disc="$disc" :ribbon="$ribbon" clip="ribbon-limb" />
            </svg>
        @endforeach
        @foreach ($ribbon->contacts as $mark)
            <line class="ribbon-tick" x1="{{ $mark->xPercent }}%" x2="{{ $mark->xPercent }}%" y1="24" y2="36"/>
            <text class="ribbon-label" x="{{ $mark->xPercent }}%" y="19" text-anchor="middle"><tspan font-weight="700">{{ $mark->label }}</tspan> {{ $mark->time }}@if ($mark->until !== '')<tspan class="ribbon-until"> {{ __('to') }} <tspan font-weight="700">{{ $mark->until }}</tspan> {{ $mark->untilTime }}</tspan>@endif</text>
        @endforeach
        @if ($ribbon->nowPercent !== null)
            <line class="ribbon-now" x1="{{ $ribbon->nowPercent }}%" x2="{{ $ribbon->nowPercent }}%" y1="26" y2="82"><title>{{ __('now') }}</title></line>
        @endif
        <line class="ribbon-cursor" id="ribbon-cursor" y1="26" y2="82" visibility="hidden"/>
    </svg>
</figure>
