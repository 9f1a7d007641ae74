@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Audience') }}">
    @foreach (['audience.index' => __('Groups and glasses'), 'audience.methods' => __('Methods'), 'audience.stations' => __('Stations'), 'audience.list' => __('Shopping list'), 'audience.crowd' => __('One queue'), 'audience.strip' => __('To feel and hear')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
