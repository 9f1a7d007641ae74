@props(['answer'])
<p class="lead-answer">{{ $answer->headline }}</p>
<p>{{ $answer->detail }}</p>
@if ($answer->horizonNote)
    <p><b>{{ $answer->horizonNote }}</b></p>
@endif
@if ($answer->edgeNote)
    <p class="caution"><b>{{ $answer->edgeNote }}</b></p>
@endif
