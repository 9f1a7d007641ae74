@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Site') }}">
    @foreach (['site.show' => __('Plan and horizon')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
