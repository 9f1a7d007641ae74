<details class="folded" id="numbers" data-part="details">
    <summary>{{ __('The plan as numbers, the far horizon, the accuracy') }}</summary>
    <form method="post" action="{{ route('site.update', $event) }}" data-part="numbers" x-on:submit.prevent="send" x-on:input="touched = true" novalidate>
        @csrf
        <input type="hidden" name="from" value="{{ $page->revision }}">
        <input type="hidden" name="spot" value="{{ $page->parts->spot }}">
        <p class="note">{{ __('Points are metres east and north of the event\'s place, with a space between the two and a semicolon before the next. Height: the top of what hides the Sun, the upper edge of an opening, the eyes of people, the middle of a mirror or a screen.') }}</p>
        <x-table :label="__('The plan as numbers')" class="stacks numbers">
            <x-slot:head>
                <th scope="col">{{ __('What') }}</th><th scope="col">{{ __('Name') }}</th><th scope="col">{{ __('Points: east north; …, m') }}</th>
                <th scope="col">{{ __('Height, m') }}</th><th scope="col">{{ __('Radius, m') }}</th><th scope="col">{{ __('Lower edge, m') }}</th><th scope="col">{{ __('Remove') }}</th>
            </x-slot:head>
            {!! $page->parts->rows !!}
        </x-table>
        <div class="side-by-side">
            <x-field name="accuracy_m" :label="__('Uncertainty of the plan, ± m')" :value="$page->parts->accuracyM" inputmode="decimal" :hint="__('Heights and places may be off by this much: 0.5 paced out, 0.1 taped, 5 from a map or receiver.')" />
            <div class="field">
                <label for="horizon">{{ __('Far horizon: azimuth and altitude in degrees, a line each') }}</label>
                <textarea class="form-control" id="horizon" name="horizon" rows="5" aria-describedby="horizon-hint horizon-fault">{{ $page->parts->horizon }}</textarea>
                <p class="hint" id="horizon-hint">{{ __('Hills, a town, the sea. One line is a level horizon all round; in a gap of more than 45° a level horizon at 0° is taken.') }}</p>
            </div>
        </div>
        @can('update', $event)
            <button class="btn btn-primary">{{ __('Save these numbers') }}</button>
        @endcan
    </form>
</details>
