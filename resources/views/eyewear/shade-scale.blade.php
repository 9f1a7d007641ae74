{{-- From light (left) to dark; the pale band is what the standard allows, the mark where the filter lies. --}}
<figure class="shade-scale">
    <svg height="92" role="img" aria-label="{{ __('The scale from 0.1 % on the left to 0.000001 % on the right: what ISO 12312-2 allows, the shades of EN 169, and where the filter lies') }}">
        <rect class="scale-allowed" x="{{ $scale->allowed['from'] }}%" y="0" height="64" width="{{ $scale->allowed['width'] }}%"/>
        <line class="scale-line" x1="0" x2="100%" y1="64" y2="64"/>
        @foreach ($scale->shades as $shade)
            <line class="scale-tick" x1="{{ $shade['from'] }}%" x2="{{ $shade['from'] }}%" y1="40" y2="64"/>
            <svg x="{{ $shade['from'] }}%" y="40" width="{{ $shade['width'] }}%" height="24"><text x="50%" y="17" text-anchor="middle">{{ $shade['name'] }}</text></svg>
        @endforeach
        @foreach ($scale->percents as $tick)
            <line class="scale-tick" x1="{{ $tick->at }}%" x2="{{ $tick->at }}%" y1="64" y2="70"/>
            <text x="{{ $tick->at }}%" y="86" text-anchor="middle">{{ $tick->label }}</text>
        @endforeach
        @if ($scale->mark)
            <line class="scale-doubt" x1="{{ $scale->mark['from'] }}%" x2="{{ $scale->mark['to'] }}%" y1="20" y2="20"/>
            <circle class="scale-mark" cx="{{ $scale->mark['at'] }}%" cy="20" r="7"/>
        @endif
    </svg>
    <figcaption>{{ __('Pale: what ISO 12312-2 allows for the eye. Numbers: shades of EN 169. Below: per cent of the light that comes through. The dot: this filter, the stroke through it the doubt; at an edge it lies beyond.') }}</figcaption>
</figure>
