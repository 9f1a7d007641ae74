@props(['event', 'lot', 'current'])
<nav class="tabs" aria-label="{{ $lot->label }}">
    <a class="tabs-up" href="{{ route('eyewear.index', $event) }}">{{ __('All lots') }}</a>
    @foreach (['eyewear.show' => __('Verdict and pairs'), 'eyewear.papers' => __('Papers and files'), 'eyewear.scans' => trans_choice('{0} Scans|{1} 1 scan|[2,*] :count scans', $lot->scans->count()), 'eyewear.labels' => __('Labels')] as $route => $name)
        <a href="{{ route($route, [$event, $lot]) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
