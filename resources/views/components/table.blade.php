@props(['label' => null, 'labelledby' => null])
{{-- A table that scrolls sideways by itself where it is wider than the page; by keys as well once it has a name. --}}
<div class="scrolls" @if ($label !== null || $labelledby !== null) tabindex="0" role="region" @endif
    @if ($label !== null) aria-label="{{ $label }}" @endif @if ($labelledby !== null) aria-labelledby="{{ $labelledby }}" @endif>
    <table {{ $attributes->class('table') }}>
        @isset($head)
            <thead><tr>{{ $head }}</tr></thead>
        @endisset
        <tbody>
            {{ $slot }}
        </tbody>
    </table>
</div>
