@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Site') }}">
    @foreach (['site.show' => __('Plan and horizon'), 'site.doorway' => __('Doorway'), 'site.mirror' => __('Mirror'), 'site.shadows' => __('Supports and shadows'), 'site.files' => __('Position and files')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
