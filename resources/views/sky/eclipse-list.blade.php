<div class="scrolls">
    <table class="table eclipse-list">
        <thead>
            <tr>
                <th scope="col">{{ __('Date (UTC)') }}</th>
                <th scope="col">{{ __('Kind') }}</th>
                <th scope="col">{{ __('Seen at the place') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($form->choices as $choice)
                <tr @class(['is-unseen' => $choice->isPlaceKnown() && ! $choice->isSeen()])>
                    <td>
                        <label>
                            <input class="form-check-input" type="radio" name="eclipse" value="{{ $choice->date() }}" @checked($form->values['eclipse'] === $choice->date())>
                            {{ $choice->eclipse->greatest()->format('j M Y') }}
                        </label>
                    </td>
                    <td>{{ __($choice->eclipse->kind->value) }}</td>
                    <td>{{ $choice->seen() }}</td>
                </tr>
            @endforeach
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
        </tbody>
    </table>
</div>
