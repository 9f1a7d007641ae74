@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Run sheet') }}">
    @foreach (['runsheet.show' => __('Cues'), 'runsheet.rotation' => __('Groups and stations'), 'runsheet.crew' => __('Crew'), 'runsheet.places' => __('Many places')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
