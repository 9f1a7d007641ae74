@props(['event', 'current'])
<nav class="tabs" aria-label="{{ __('Glasses') }}">
    @foreach (['eyewear.index' => __('Lots'), 'eyewear.stock' => __('Stock for the event'), 'eyewear.suppliers' => __('Suppliers'), 'eyewear.spectra' => __('Spectra'), 'eyewear.measure' => __('Measure and count')] as $route => $name)
        <a href="{{ route($route, $event) }}" @if ($route === $current) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
