@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Photographs') }}">
    @foreach (['photo.index' => __('Cameras'), 'photo.kit' => __('Kit'), 'photo.composite' => __('Many phases in one picture')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
