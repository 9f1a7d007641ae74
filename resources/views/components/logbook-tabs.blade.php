@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Logbook') }}">
    @foreach (['logbook.show' => __('Log'), 'logbook.instruments' => __('Instruments'), 'logbook.incidents' => __('Incidents')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
