@php use KeenShadow\Core\Photo\PhotoSubject; @endphp
<x-event-frame :frame="$frame" room="photo" :title="__('Photographs')">
    @if ($page->lanes !== [])
        <x-slot:axis tabindex="0" role="region" aria-label="{{ __('Pictures along the ribbon') }}">
            @include('photo.lanes', ['lanes' => $page->lanes, 'ribbon' => $frame->ribbon])
        </x-slot>
    @endif
    <x-photo-tabs :event="$frame->event" current="photo.index" />
    <p class="lead-answer">{{ $page->rows === [] ? __('No camera is planned yet.') : trans_choice('{1} 1 camera|[2,*] :count cameras', count($page->rows)) }}</p>
    <x-faults />
    <p class="caution">{{ __('A filter is on the front of every lens at every moment outside the called times, phones included.') }} {{ $page->filters }}</p>
    @foreach ($page->twice as $name)
        <p class="cue-note">{{ __(':name watches more than one camera.', ['name' => $name]) }}</p>
    @endforeach
    @if ($page->rows === [])
        <p>{{ __('Totality is short, and whoever looks at a display does not see it. Write down what you have, say what you would like to have taken, and see what of it fits: as few pictures as serve, set beforehand, with the rest of the time to look up.') }}</p>
    @else
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Camera') }}</th>
                <th scope="col">{{ __('It takes') }}</th>
                <th scope="col">{{ __('Watched by') }}</th>
                <th scope="col">{{ __('It is') }}</th>
                <th scope="col">{{ __('For the field') }}</th>
            </x-slot:head>
            @foreach ($page->rows as $row)
                <tr>
                    <th scope="row"><a href="{{ route('photo.show', [$frame->event, $row['plan']]) }}">{{ $row['plan']->name }}</a> <span class="meaning">{{ $row['outfit'] }}</span></th>
                    <td data-label="{{ __('It takes') }}">{{ $row['headline'] }}</td>
                    <td data-label="{{ __('Watched by') }}">{{ $row['watchedBy'] === '' ? __('nobody yet') : $row['watchedBy'] }}</td>
                    <td data-label="{{ __('It is') }}"><x-verdict-tag :subject="PhotoSubject::Camera" :level="$row['verdict']->level" :rule="$row['verdict']->rule()" /></td>
                    <td data-label="{{ __('For the field') }}"><a href="{{ route('photo.card', [$frame->event, $row['plan']]) }}">{{ __('Card') }}<span class="visually-hidden"> {{ $row['plan']->name }}</span></a></td>
                </tr>
            @endforeach
        </x-table>
    @endif
    @can('update', $frame->event)
        <p><a class="btn btn-primary" href="{{ route('photo.create', $frame->event) }}">{{ __('Plan a camera') }}</a></p>
        @if ($page->rows !== [])
            <form method="post" action="{{ route('photo.cues', $frame->event) }}">
                @csrf
                <button class="btn btn-quiet">{{ __('Put their lines on the run sheet') }}</button>
                <p class="hint" id="cues">{{ __('Setting up, partial phases, the list, capping; put there before, they are renewed. When filters may come off is called by the one rule, not by these lines.') }}</p>
            </form>
        @endif
    @endcan
</x-event-frame>
