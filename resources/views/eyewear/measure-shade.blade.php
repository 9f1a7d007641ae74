<p class="lead-answer">{{ $shade->headline }}</p>
@include('eyewear.shade-scale', ['scale' => $shade->scale])
<p>{{ $shade->inTheStandard }} {{ $shade->welding }} <a href="{{ route('rules.book', request()->route('event'), false) }}#welding-shade">{{ __('The rule') }}</a></p>
