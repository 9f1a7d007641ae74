@props(['disc', 'ribbon', 'clip'])
<g @class(['ribbon-down' => ! $disc->isUp])>
    <circle class="ribbon-sun" r="{{ $ribbon::DISC_RADIUS_PX }}"/>
    <circle class="ribbon-moon" cx="{{ $disc->moonX }}" cy="{{ $disc->moonY }}" r="{{ $disc->moonRadius }}" clip-path="url(#{{ $clip }})"/>
    @if ($disc->isTotal && $disc->isUp)
        <circle class="ribbon-corona" r="{{ $ribbon::CORONA_RADIUS_PX }}"/>
    @endif
    @unless ($disc->isUp)
        <circle class="ribbon-rim" r="{{ $ribbon::DISC_RADIUS_PX }}"/>
    @endunless
</g>
