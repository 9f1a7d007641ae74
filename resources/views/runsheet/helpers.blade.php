<x-table :labelledby="$labelledby" class="stacks">
    <x-slot:head>
        <th scope="col">{{ __('Helper') }}</th>
        <th scope="col">{{ __('Trained for') }}</th>
        @if ($isComing)
            <th scope="col">{{ __('Is there') }}</th>
            <th scope="col">{{ __('Duties') }}</th>
        @endif
        @can('update', $frame->event)
            <th scope="col">{{ $isComing ? __('Change') : __('Ask') }}</th>
        @endcan
    </x-slot:head>
    @foreach ($helpers as $helper)
        <tr>
            <th scope="row">
                @can('update', $frame->event)
                    <a href="{{ route('runsheet.helpers.edit', [$frame->event, $helper->id]) }}">{{ $helper->name }}</a>
                    @if ($helper->contact !== '')
                        <span class="meaning">{{ $helper->contact }}</span>
                    @endif
                @else
                    {{ $helper->name }}
                @endcan
            </th>
            <td data-label="{{ __('Trained for') }}">{{ $helper->training }}@if ($helper->untrained !== '') <a class="line fault" href="{{ route('training.crew', $frame->event) }}">{{ __('planned and not practised: :what', ['what' => $helper->untrained]) }}</a>@endif</td>
            @if ($isComing)
                <td data-label="{{ __('Is there') }}">{{ $helper->hours }}</td>
                <td data-label="{{ __('Duties') }}">
                    @foreach ($helper->duties as $duty)
                        <span class="line">
                            @can('update', $frame->event)
                                <a href="{{ route('runsheet.posts.edit', [$frame->event, $duty['id']]) }}">{{ $duty['words'] }}</a>
                            @else
                                {{ $duty['words'] }}
                            @endcan
                        </span>
                    @endforeach
                </td>
            @endif
            @can('update', $frame->event)
                <td data-label="{{ $isComing ? __('Change') : __('Ask') }}">
                    @if ($isComing)
                        <details class="quiet-details">
                            <summary>{{ __('Hours, or does not come') }}</summary>
                            <form method="post" action="{{ route('runsheet.helpers.comes', [$frame->event, $helper->id]) }}" novalidate>
                                @csrf
                                @method('put')
                                <x-sheet-from :steps="$page->steps" :view="$view" />
                                <input type="hidden" name="comes" value="1">
                                <label>{{ __('from') }} <input class="form-control hour" name="comes_from" value="{{ $helper->typed['comes_from'] }}" maxlength="5" placeholder="09:30"></label>
                                <label>{{ __('to') }} <input class="form-control hour" name="comes_to" value="{{ $helper->typed['comes_to'] }}" maxlength="5" placeholder="13:00"></label>
                                <button class="btn btn-quiet">{{ __('Save the hours') }}</button>
                            </form>
                            <form method="post" action="{{ route('runsheet.helpers.gone', [$frame->event, $helper->id]) }}" novalidate>
                                @csrf
                                <x-sheet-from :steps="$page->steps" :view="$view" />
                                <label>{{ __('gone from') }} <input class="form-control hour" name="gone_at" maxlength="5" placeholder="{{ __('start') }}"></label>
                                <button class="btn btn-quiet">{{ __('Does not come: find others') }}</button>
                            </form>
                            <form method="post" action="{{ route('runsheet.helpers.comes', [$frame->event, $helper->id]) }}">
                                @csrf
                                @method('put')
                                <x-sheet-from :steps="$page->steps" :view="$view" />
                                <input type="hidden" name="comes" value="0">
                                <button class="btn btn-quiet">{{ __('Is not asked any more') }}</button>
                            </form>
                        </details>
                    @else
                        <form method="post" action="{{ route('runsheet.helpers.comes', [$frame->event, $helper->id]) }}">
                            @csrf
                            @method('put')
                            <x-sheet-from :steps="$page->steps" :view="$view" />
                            <input type="hidden" name="comes" value="1">
                            <button class="btn btn-quiet">{{ __('Comes') }}</button>
                        </form>
                    @endif
                </td>
            @endcan
        </tr>
    @endforeach
</x-table>
