<p class="lead-answer">{{ $sample->tells }}</p>
<p>{{ $sample->needed }}</p>
