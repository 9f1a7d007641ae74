<x-event-frame :frame="$frame" room="sky" :title="__('Many places')">
    <p class="lead-answer">{{ __('Many places at once') }}</p>
    <p class="note">{{ __('For the schools of a district or the posts of a club: a file of places in, everyone\'s own times out.') }} <a href="{{ route('sky.show', $frame->event) }}">{{ __('Back to this eclipse') }}</a></p>
    <x-faults />
    @can('update', $frame->event)
        <form method="post" action="{{ route('place-lists.store', $frame->event) }}" enctype="multipart/form-data" class="side-by-side filters" novalidate>
            @csrf
            <x-made-from />
            <x-field name="name" :label="__('Name of the list')" :value="old('name')" maxlength="120" :hint="__('Empty: the file\'s name')" />
            <div class="field">
                <label for="file">{{ __('File of places') }}</label>
                <input class="form-control" type="file" id="file" name="file" accept=".csv,.txt,.gpx,.kml,.geojson,.json" aria-describedby="file-hint">
                <p class="hint" id="file-hint">{{ __('CSV with name, lat, lon and height_m; or GPX, KML, GeoJSON points') }}</p>
            </div>
            <div class="field"><button class="btn btn-primary">{{ __('Import') }}</button></div>
        </form>
    @endcan
    @if ($lists->isEmpty())
        <p>{{ __('No list yet. Commas or semicolons, decimal points or commas: both are read. The first line names the columns:') }}</p>
        <pre>name;lat;lon;height_m
Colegio de la Marea;36,53;-6,29;10
Instituto del Faro;36,62;-6,36;12</pre>
    @else
        <x-table class="stacks">
            <x-slot:head><th scope="col">{{ __('List') }}</th><th scope="col" class="is-number">{{ __('Places') }}</th><th scope="col">{{ __('From') }}</th></x-slot:head>
            @foreach ($lists as $list)
                <tr>
                    <th scope="row"><a href="{{ route('place-lists.show', [$frame->event, $list]) }}">{{ $list->name }}</a></th>
                    <td class="is-number" data-label="{{ __('Places') }}">{{ $list->size }}</td>
                    <td data-label="{{ __('From') }}">{{ App\Text\Days::short($frame->here->local($list->created_at)) }} {{ $frame->here->local($list->created_at)->format('H:i') }}</td>
                </tr>
            @endforeach
        </x-table>
    @endif
</x-event-frame>
