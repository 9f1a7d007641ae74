{{-- Readings of a light meter that are kept with the lot. --}}
<h2 id="readings">{{ __('Light meter') }}</h2>
@if ($page->readings === [])
    <p class="note">{{ __('None yet. Three readings: in the dark, in open sunlight, behind the lens at the same place at once. A meter can show a fake; it cannot show a good filter good.') }}</p>
@else
    <x-table class="align-middle stacks" labelledby="readings">
        <x-slot:head>
            <th scope="col">{{ __('Name') }}</th>
            <th scope="col">{{ __('Result') }}</th>
            <th scope="col">{{ __('Measured') }}</th>
            @can('update', $page->lot)<th scope="col"><span class="visually-hidden">{{ __('Remove') }}</span></th>@endcan
        </x-slot:head>
        @foreach ($page->readings as $row)
            <tr>
                <th scope="row">{{ $row['reading']->name }}</th>
                <td data-label="{{ __('Result') }}"><a class="verdict-tag verdict-{{ $row['outcome']->level()->value }}" href="{{ route('rules.book', $frame->event, false) }}#papers-in-order"><x-verdict-mark :level="$row['outcome']->level()" />{{ App\Text\EyewearWords::outcome($row['outcome']) }}</a></td>
                <td data-label="{{ __('Measured') }}">{{ $row['result'] }}</td>
                @can('update', $page->lot)
                    <td><form method="post" action="{{ route('eyewear.readings.destroy', [$frame->event, $page->lot, $row['reading']]) }}">@csrf @method('delete')<button class="link-button">{{ __('Remove') }}<span class="visually-hidden"> {{ $row['reading']->name }}</span></button></form></td>
                @endcan
            </tr>
        @endforeach
    </x-table>
@endif
@can('update', $page->lot)
    <form method="post" action="{{ route('eyewear.readings.store', [$frame->event, $page->lot]) }}" novalidate>
        @csrf
        <x-made-from />
        <div class="side-by-side">
            <x-field name="what" :label="__('What was measured')" :value="old('what')" maxlength="60" />
            <x-field name="dark_lx" :label="__('1 In the dark, lx')" :value="old('dark_lx', '0')" inputmode="decimal" />
            <x-field name="open_lx" :label="__('2 In the open, lx')" :value="old('open_lx')" inputmode="decimal" />
            <x-field name="behind_lx" :label="__('3 Behind the filter, lx')" :value="old('behind_lx')" inputmode="decimal" />
            <x-field name="resolution_lx" :label="__('Last digit of the meter, lx')" :value="old('resolution_lx', '0.1')" inputmode="decimal" />
            <x-field name="accuracy_percent" :label="__('Accuracy, ± %')" :value="old('accuracy_percent', '4')" inputmode="decimal" />
        </div>
        <button class="btn btn-primary">{{ __('Add these readings') }}</button>
    </form>
@endcan
