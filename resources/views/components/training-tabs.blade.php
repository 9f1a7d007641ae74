@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Training') }}">
    @foreach (['training.index' => __('Practise'), 'training.crew' => __('Who has passed what'), 'training.printed' => __('To print'), 'training.kit' => __('Kit for teachers')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
