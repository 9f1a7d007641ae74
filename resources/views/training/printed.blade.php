<x-event-frame :frame="$frame" room="training" :title="__('To print')">
    <x-training-tabs :event="$frame->event" current="training.printed" />
    <p class="lead-answer">{{ __('To print and to take home') }}</p>
    <x-faults />
    <p class="note">{{ __('Black and white, with this event\'s own times. What may be used and what not is what the rule book says; a school\'s own rules come first.') }}</p>
    <x-table class="align-middle stacks" :label="__('What there is to print')">
        @foreach ($page->prints as $row)
            <tr>
                <th scope="row">{{ $row['name'] }} <span class="meaning">{{ $row['about'] }}</span></th>
                @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $paper => $words)<td><a href="{{ route($row['route'], array_filter([$frame->event, $row['print'], $paper])) }}">{{ $words }}<span class="visually-hidden"> {{ $row['name'] }}</span></a></td>@endforeach
            </tr>
        @endforeach
    </x-table>
    <h2 id="queue">{{ __('Cards for whoever waits') }}</h2>
    <p class="note">{{ __('A question in front, its answer behind: print on both sides, turned over the long edge, and cut into four. Words in braces are filled with this site\'s own numbers: :words. A card with one that there is not here is left out.', ['words' => $page->placeholders]) }}</p>
    @if ($page->cards !== [])
        <x-table class="align-middle stacks" labelledby="queue">
            <x-slot:head><th scope="col">{{ __('Question') }}</th><th scope="col">{{ __('Answer, as it is printed here') }}</th><th scope="col">{{ __('For') }}</th>@can('update', $frame->event)<th scope="col"><span class="visually-hidden">{{ __('What to do') }}</span></th>@endcan</x-slot:head>
            @foreach ($page->cards as $row)
                <tr>
                    <th scope="row">{{ $row['question'] }}</th>
                    <td data-label="{{ __('Answer, as it is printed here') }}">@if ($row['isPrinted']){{ $row['answer'] }}@else<span class="meaning">{{ __('left out here: :answer', ['answer' => $row['answer']]) }}</span>@endif</td>
                    <td class="text-nowrap" data-label="{{ __('For') }}">{{ $row['needs'] }}</td>
                    @can('update', $frame->event)
                        <td>
                            <details class="quiet-details"><summary class="text-nowrap">{{ __('Change') }}<span class="visually-hidden"> {{ $row['question'] }}</span></summary>
                                @include('training.queue-form', ['card' => $row['card'], 'at' => $row['card']->id])
                                <form method="post" action="{{ route('training.queue.destroy', [$frame->event, $row['card']]) }}">@csrf @method('delete')<button class="link-button">{{ __('Remove') }}<span class="visually-hidden"> {{ $row['question'] }}</span></button></form>
                            </details>
                        </td>
                    @endcan
                </tr>
            @endforeach
        </x-table>
    @else
        <p>{{ __('There are no cards yet.') }}</p>
    @endif
    @can('update', $frame->event)
        <form method="post" action="{{ route('training.queue.usual', $frame->event) }}">@csrf<button class="btn btn-quiet">{{ __('Add the usual ones') }}</button></form>
        <h3 class="part-title">{{ __('A card of our own') }}</h3>
        @include('training.queue-form', ['card' => null, 'at' => 'new'])
    @endcan
    <h2 id="shown">{{ __('To be shown') }}</h2>
    @foreach ($page->demonstrations as $show)
        <h3 class="part-title">{{ $show['name'] }}</h3>
        <p>{{ $show['what'] }}</p>
        <p><b>{{ __('You need') }}:</b> {{ implode(', ', $show['materials']) }}</p>
        <ol>@foreach ($show['steps'] as $step)<li>{{ $step }}</li>@endforeach</ol>
    @endforeach
</x-event-frame>
