@foreach ($found as $place)
    <li>
        <button type="button" data-name="{{ $place->name }}" data-lat="{{ $place->lat }}" data-lon="{{ $place->lon }}" data-height="{{ $place->heightM }}" data-zone="{{ $place->timezone }}" @if ($place->isPlain) data-plain @endif>
            <b>{{ $place->name }}</b> <span>{{ $place->note }}</span>
        </button>
    </li>
@endforeach
@if ($found !== [] && ! $found[0]->isPlain)
    <li class="note">{{ __('Similar names: choose one. Towns of about 1 000 people and more are known, their names in other languages for the larger; else type coordinates.') }}</li>
@endif
@if ($found === [] && mb_strlen(trim($typed)) > 1)
    <li class="note">{{ __('Nothing found for ":typed". Try another spelling, or type coordinates such as 36.53 −6.29.', ['typed' => $typed]) }}</li>
@endif
