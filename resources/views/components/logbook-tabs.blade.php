@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Logbook') }}">
    @foreach (['logbook.show' => __('Log'), 'logbook.instruments' => __('Instruments'), 'logbook.incidents' => __('Incidents'), 'logbook.after' => __('Putting away'), 'logbook.report' => __('Report'), 'logbook.dataset' => __('Data for others')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
    @can('update', $event)
        <a href="{{ route('logbook.eyes', $event) }}" @if ($current === 'logbook.eyes') aria-current="page" @endif>{{ __('Eyes afterwards') }}</a>
    @endcan
</nav>
