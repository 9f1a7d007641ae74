<x-event-frame :frame="$frame" room="training" :title="__('Who has passed what')">
    <x-training-tabs :event="$frame->event" current="training.crew" />
    <p class="lead-answer">{{ $page->rows === [] ? __('There are no helpers yet.') : trans_choice('{1} 1 helper|[2,*] :count helpers', count($page->rows)) }}</p>
    <p class="note">{{ __('What was passed longer than :days days before the event is done once more. It is worked out by the rules as they are today; it does not certify anybody.', ['days' => $page->days]) }}</p>
    <details class="folded">
        <summary>{{ __('What each duty asks for') }}</summary>
        <dl>
            @foreach ($page->needs as $task => $needs)
                <dt>{{ $page->tasks[$task] }}</dt>
                <dd>{{ implode('; ', $needs) }}</dd>
            @endforeach
        </dl>
    </details>
    @if ($page->rows !== [])
        <x-table class="align-middle stacks" :label="__('Who has passed what')">
            <x-slot:head>
                <th scope="col">{{ __('Helper') }}</th>
                @foreach ($page->tasks as $name)<th scope="col">{{ $name }}</th>@endforeach
            </x-slot:head>
            @foreach ($page->rows as $row)
                <tr>
                    <th scope="row">{{ $row['name'] }}</th>
                    @foreach ($row['tasks'] as $task => $cell)
                        <td data-label="{{ $page->tasks[$task] }}">
                            @if ($cell['isPassed'])
                                <b>{{ __('passed') }}</b>
                            @else
                                <details class="lacking"><summary>{{ __(':n to do', ['n' => count($cell['lacking'])]) }}</summary>{{ implode('; ', $cell['lacking']) }}</details>
                            @endif
                        </td>
                    @endforeach
                </tr>
            @endforeach
        </x-table>
        <p><a class="btn btn-quiet" href="{{ route('training.crew.print', [$frame->event, 'a4']) }}">{{ __('PDF, A4') }}</a> <a class="btn btn-quiet" href="{{ route('training.crew.print', [$frame->event, 'letter']) }}">{{ __('PDF, Letter') }}</a></p>
    @else
        <p><a class="btn btn-primary" href="{{ route('runsheet.crew', $frame->event) }}">{{ __('Write down who helps') }}</a></p>
    @endif
</x-event-frame>
