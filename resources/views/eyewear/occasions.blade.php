@use('App\Text\EyewearWords')
@use('KeenShadow\Core\Eyewear\Occasion')
{{-- For what pairs are looked over and counted. --}}
<nav class="occasions" aria-label="{{ __('Looked over') }}">
    <span>{{ __('Looked over') }}</span>
    @foreach (Occasion::cases() as $each)
        <a href="{{ request()->fullUrlWithQuery(['occasion' => $each->value, 'tag' => null]) }}" @if ($each === $occasion) aria-current="true" @endif>{{ EyewearWords::occasion($each) }}</a>
    @endforeach
</nav>
