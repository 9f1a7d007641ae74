<tr @class(['is-unseen' => $choice->isPlaceKnown() && ! $choice->isSeen()])>
    <td>
        <label>
            <input class="form-check-input" type="radio" name="eclipse" value="{{ $choice->date() }}" @checked($choice->isChosen)>
            {{ App\Text\Days::short($choice->eclipse->greatest()) }}
        </label>
    </td>
    <td>{{ __($choice->eclipse->kind->value) }}</td>
    <td>{{ $choice->seen() }}</td>
</tr>
