@if ($form->fit !== null && $form->fit->misfits !== [])
    <div class="misfit" role="status">
        @foreach ($form->fit->misfits as $misfit)
            <p>{{ $misfit }}</p>
        @endforeach
        <p><button type="button" class="btn btn-quiet" x-on:click="fit" data-name="{{ $form->fit->near }}" data-zone="{{ $form->fit->zone }}" data-misfits="{{ implode(' ', array_keys($form->fit->misfits)) }}">{{ __('Use “:near”, :zone', ['near' => $form->fit->near, 'zone' => $form->fit->zone]) }}</button></p>
    </div>
@endif
<x-table class="eclipse-list">
    <x-slot:head>
        <th scope="col">{{ __('Date (UTC)') }}</th>
        <th scope="col">{{ __('Kind') }}</th>
        <th scope="col">{{ __('Seen at the place') }}</th>
    </x-slot:head>
    @each('sky.eclipse-row', $form->seen, 'choice')
    <tr>
        <td>
            <label>
                <input class="form-check-input" type="radio" name="eclipse" value="other" @checked($form->values['eclipse'] === 'other')>
                {{ __('another') }}
            </label>
        </td>
        <td colspan="2">
            <input class="form-control" name="other_date" value="{{ $form->values['other_date'] }}" aria-label="{{ __('Date of another eclipse, UTC, as year-month-day') }}" placeholder="1999-08-11">
        </td>
    </tr>
</x-table>
@if ($form->unseen !== [])
    <details class="folded" @if ($form->isUnseenChosen()) open @endif>
        <summary>{{ trans_choice('{1} 1 eclipse not seen there|[2,*] :count eclipses not seen there', count($form->unseen)) }}</summary>
        <x-table class="eclipse-list">
            @each('sky.eclipse-row', $form->unseen, 'choice')
        </x-table>
    </details>
@endif
