<p class="lead-answer">{{ $meter->headline }}</p>
<p>{{ $meter->result }}</p>
@include('eyewear.shade-scale', ['scale' => $meter->scale])
<p><b>{{ $meter->means }}</b></p>
