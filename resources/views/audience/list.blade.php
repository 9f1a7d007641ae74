<x-event-frame :frame="$frame" room="audience" :title="__('Shopping and making list')">
    <x-audience-tabs :event="$frame->event" current="audience.list" />
    <p class="lead-answer" id="list">{{ __('To buy, borrow or make') }}</p>
    @if ($page->lines === [] && $page->viewers === [])
        <p>{{ __('Choose methods for the groups first; what they take stands here, with quantities.') }} <a href="{{ route('audience.methods', $frame->event) }}">{{ __('Methods') }}</a></p>
    @else
        <x-table labelledby="list" class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('What') }}</th>
                <th scope="col" class="is-number">{{ __('Needed') }}</th>
                <th scope="col" class="is-number">{{ __('Here') }}</th>
                <th scope="col">{{ __('Done') }}</th>
            </x-slot:head>
            @foreach ($page->lines as $line)
                <tr id="{{ $line['supply']->value }}" @class(['is-done' => $line['isDone']])>
                    <th scope="row">{{ $line['words'] }}</th>
                    <td class="is-number" data-label="{{ __('Needed') }}">{{ $line['count'] }}</td>
                    <td class="is-number" data-label="{{ __('Here') }}">{{ $line['here'] === 0 ? '–' : $line['here'] }}</td>
                    <td data-label="{{ __('Done') }}">
                        @can('update', $frame->event)
                            <form method="post" action="{{ route('audience.tick', $frame->event) }}">
                                @csrf
                                <input type="hidden" name="supply" value="{{ $line['supply']->value }}">
                                <input type="hidden" name="done" value="{{ $line['isDone'] ? 0 : 1 }}">
                                <button class="btn btn-quiet" aria-pressed="{{ $line['isDone'] ? 'true' : 'false' }}">{{ $line['isDone'] ? __('Done: take back') : __('Tick off') }}<span class="visually-hidden"> {{ $line['words'] }}</span></button>
                            </form>
                        @endcan
                        <span class="tick-box" aria-hidden="true">{{ $line['isDone'] ? '☒' : '☐' }}</span>
                    </td>
                </tr>
            @endforeach
            @foreach ($page->viewers as $viewer)
                <tr id="viewer-{{ $viewer->id }}" @class(['is-done' => $viewer->built >= $viewer->wanted])>
                    <th scope="row"><a href="{{ route('viewers.build', [$frame->event, $viewer->id]) }}">{{ $viewer->name }}</a> <span class="meaning">{{ __('each: :materials', ['materials' => implode(', ', $viewer->materials)]) }}</span></th>
                    <td class="is-number" data-label="{{ __('Needed') }}">{{ $viewer->wanted }}</td>
                    <td class="is-number" data-label="{{ __('Here') }}">{{ $viewer->built === 0 ? '–' : $viewer->built }}</td>
                    <td data-label="{{ __('Done') }}"><span class="tick-box" aria-hidden="true">{{ $viewer->built >= $viewer->wanted ? '☒' : '☐' }}</span> {{ $viewer->built >= $viewer->wanted ? __('built') : __('to build') }}</td>
                </tr>
            @endforeach
        </x-table>
        <p class="note">{{ __('Quantities for all groups together; what goes from group to group counts once. Own judgement but for the glasses: ten people to a pair, a tenth spare (common practice).') }}</p>
        <p class="take-along"><a href="{{ route('audience.list.csv', $frame->event) }}">{{ __('The list as CSV') }}</a></p>
        <button type="button" class="btn btn-quiet" x-data="printPage" x-on:click="print">{{ __('Print') }}</button>
    @endif
</x-event-frame>
