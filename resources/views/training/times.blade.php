<p><b>{{ $handout->answer->headline }}</b></p>
<table>
    @foreach ($handout->contacts as $contact)<tr><td class="time">{{ $contact['time'] }}</td><td>{{ $contact['name'] }}</td></tr>@endforeach
</table>
<p>{{ __('Times in :zone.', ['zone' => $handout->zone]) }} {{ $handout->direction }}</p>
@if ($handout->answer->horizonNote !== null)<p>{{ $handout->answer->horizonNote }}</p>@endif
@if ($handout->answer->edgeNote !== null)<p>{{ $handout->answer->edgeNote }}</p>@endif
