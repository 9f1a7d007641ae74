@use('App\Text\AfterWords')
<x-event-frame :frame="$frame" room="logbook" :title="__('Putting away')">
    <x-logbook-tabs :event="$frame->event" current="logbook.after" />
    <p class="lead-answer">{{ $page->headline }}</p>
    <x-faults />
    @if ($page->lots !== [])
        <h2 id="counted">{{ __('Glasses, by lot and group') }}</h2>
        <x-table labelledby="counted" class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Lot, group') }}</th>
                <th scope="col" class="is-number">{{ __('Out') }}</th>
                <th scope="col" class="is-number">{{ __('Back') }}</th>
                <th scope="col" class="is-number">{{ __('Lost') }}</th>
                <th scope="col" class="is-number">{{ __('Still out') }}</th>
            </x-slot:head>
            @foreach ($page->lots as $lot)
                <tr>
                    <th scope="row">{{ $lot->label }}</th>
                    <td data-label="{{ __('Out') }}" class="is-number"><b>{{ $lot->out }}</b></td>
                    <td data-label="{{ __('Back') }}" class="is-number"><b>{{ $lot->back }}</b></td>
                    <td data-label="{{ __('Lost') }}" class="is-number"><b>{{ $lot->lost }}</b></td>
                    <td data-label="{{ __('Still out') }}" class="is-number"><b>{{ $lot->missing }}</b></td>
                </tr>
                @foreach ($lot->groups as $group)
                    <tr>
                        <td>{{ $group['group'] }}</td>
                        <td data-label="{{ __('Out') }}" class="is-number">{{ $group['out'] }}</td>
                        <td data-label="{{ __('Back') }}" class="is-number">{{ $group['back'] }}</td>
                        <td data-label="{{ __('Lost') }}" class="is-number">{{ $group['lost'] }}</td>
                        <td data-label="{{ __('Still out') }}" class="is-number">{{ $group['missing'] }}</td>
                    </tr>
                @endforeach
            @endforeach
        </x-table>
    @endif
    <p><a href="{{ route('eyewear.stock', $frame->event) }}">{{ __('Write down what came back') }}</a></p>
    <h2 id="tasks">{{ __('What is done after') }}</h2>
    <ul class="after-tasks" aria-labelledby="tasks">
        @foreach ($page->tasks as $task)
            <li id="{{ $task['item'] }}">
                @can('update', $frame->event)
                    <form method="post" action="{{ route('logbook.after.tick', $frame->event) }}">
                        @csrf
                        <input type="hidden" name="item" value="{{ $task['item'] }}">
                        <button class="btn btn-quiet" name="state" value="{{ $task['isDone'] ? '' : 'done' }}" aria-pressed="{{ $task['isDone'] ? 'true' : 'false' }}">{{ $task['isDone'] ? __('done') : __('to do') }}</button>
                    </form>
                @else
                    <b>{{ $task['isDone'] ? __('done') : __('to do') }}</b>
                @endcan
                <span @class(['is-done' => $task['isDone']])>{{ $task['words'] }}</span>
            </li>
        @endforeach
    </ul>
    <h2>{{ __('How glasses are stored') }}</h2>
    <ul>
        @foreach (AfterWords::storage() as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
    @if ($page->viewers !== [])
        <h2 id="viewers">{{ __('Viewers: kept or taken apart') }}</h2>
        <ul class="after-tasks" aria-labelledby="viewers">
            @foreach ($page->viewers as $viewer)
                <li id="{{ $viewer['item'] }}">
                    @foreach (['kept' => __('kept'), 'taken_apart' => __('taken apart')] as $state => $words)
                        @can('update', $frame->event)
                            <form method="post" action="{{ route('logbook.after.tick', $frame->event) }}">
                                @csrf
                                <input type="hidden" name="item" value="{{ $viewer['item'] }}">
                                <button class="btn btn-quiet" name="state" value="{{ $viewer['state'] === $state ? '' : $state }}" aria-pressed="{{ $viewer['state'] === $state ? 'true' : 'false' }}">{{ $words }}</button>
                            </form>
                        @elseif ($viewer['state'] === $state)
                            <b>{{ $words }}</b>
                        @endcan
                    @endforeach
                    <span>{{ $viewer['name'] }} <span class="meaning">{{ trans_choice('{0} none built|{1} 1 built|[2,*] :count built', $viewer['built']) }}</span></span>
                </li>
            @endforeach
        </ul>
    @endif
    <h2>{{ __('Before the next eclipse') }}</h2>
    @if ($page->next === [])
        <p>{{ __('None is seen here in the twelve years after.') }}</p>
    @else
        <ul class="plain-list">
            @foreach ($page->next as $row)
                <li><b>{{ $row->day }}</b>: {{ __($row->kind->value) }}, {{ __(':percent % covered at :time', ['percent' => $row->percent, 'time' => $row->time]) }}</li>
            @endforeach
        </ul>
        <p><a href="{{ route('sky.next', $frame->event) }}">{{ __('All that come') }}</a></p>
        <p><b>{{ __('How each lot stands on :day', ['day' => $page->prepared]) }}</b></p>
        <dl class="facts">
            @foreach ($page->standing as $label => $words)
                <dt>{{ $label }}</dt><dd>{{ $words }}</dd>
            @endforeach
        </dl>
    @endif
    <ul>
        @foreach (AfterWords::before() as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
</x-event-frame>
