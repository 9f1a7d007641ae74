@use('App\Text\ObservationWords')
@use('KeenShadow\Core\Logbook\ObservationKind')
<x-event-frame :frame="$frame" room="logbook" :title="__('Type a sheet of paper')">
    <x-logbook-tabs :event="$frame->event" current="logbook.show" />
    <p class="lead-answer">{{ __('Type a sheet: :kind', ['kind' => ObservationWords::kind($kind)]) }}</p>
    <p class="log-kinds">
        @foreach (ObservationKind::cases() as $each)
            <a href="{{ route('logbook.paper', [$frame->event, 'kind' => $each->value]) }}" @if ($each === $kind) aria-current="true" @endif>{{ ObservationWords::kind($each) }}</a>
        @endforeach
    </p>
    <x-faults />
    <form method="post" action="{{ route('logbook.paper.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from />
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        @include('logbook.within', ['who' => $user->name, 'within' => 60])
        <table class="table paper-lines" aria-label="{{ __('Lines of the sheet') }}">
            <thead>
                <tr>
                    <th scope="col">{{ __('Time here') }}</th>
                    @if ($kind->isMeasured())
                        <th scope="col">{{ ObservationWords::unit($kind) }}</th>
                    @endif
                    <th scope="col">{{ __('In words') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach (array_pad((array) old('rows'), 14, []) as $i => $typed)
                    <tr>
                        <td><input class="form-control" name="rows[{{ $i }}][time]" id="rows.{{ $i }}.time" value="{{ old("rows.{$i}.time") }}" aria-label="{{ __('Time of line :n', ['n' => $loop->iteration]) }}" @if ($loop->first) placeholder="20:31" @endif autocomplete="off" @error("rows.{$i}.time") aria-invalid="true" @enderror><x-fault :field="'rows.' . $i . '.time'" /></td>
                        @if ($kind->isMeasured())
                            <td><input class="form-control" name="rows[{{ $i }}][value]" id="rows.{{ $i }}.value" value="{{ old("rows.{$i}.value") }}" aria-label="{{ __('Number of line :n', ['n' => $loop->iteration]) }}" inputmode="decimal" autocomplete="off" @error("rows.{$i}.value") aria-invalid="true" @enderror><x-fault :field="'rows.' . $i . '.value'" /></td>
                        @endif
                        <td><input class="form-control" name="rows[{{ $i }}][text]" id="rows.{{ $i }}.text" value="{{ old("rows.{$i}.text") }}" aria-label="{{ __('Words of line :n', ['n' => $loop->iteration]) }}" maxlength="300" autocomplete="off" @error("rows.{$i}.text") aria-invalid="true" @enderror><x-fault :field="'rows.' . $i . '.text'" /></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <button class="btn btn-primary">{{ __('Save') }}</button>
        <a class="btn btn-quiet" href="{{ route('logbook.show', $frame->event) }}">{{ __('Back') }}</a>
    </form>
</x-event-frame>
