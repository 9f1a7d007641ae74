{{-- A design on the bench; fetched anew whenever it changes. --}}
<div class="bench" data-frame="{{ $bench->trueSize->frameMm }}">
    <p class="scale-bar"><svg width="{{ $bench->trueSize->barOnPageMm() }}mm" height="4mm" viewBox="0 0 1 1" preserveAspectRatio="none" role="img" aria-label="{{ __('A bar :n mm long', ['n' => $bench->trueSize->barMm]) }}"><path class="screen-bar" d="M0 0 V1 M0 .5 H1 M1 0 V1" vector-effect="non-scaling-stroke"/></svg>
        {{ $bench->trueSize->oneTo === 1 ? __(':n mm. Left, the image in its true size; right, enlarged, as soft as it will be.', ['n' => $bench->trueSize->barMm]) : __(':n mm. Left, the image at one to :scale of its true size; right, enlarged, as soft as it will be.', ['n' => $bench->trueSize->barMm, 'scale' => $bench->trueSize->oneTo]) }}</p>
    <x-verdict :verdict="$bench->verdict" />
    <x-permission :frame="$frame" :situation="$bench->situation" />
    <dl class="figures">
        @foreach ($bench->figures as $figure)
            <div><dt>{{ $figure->name }}</dt><dd>{{ $figure->value }} <small>{{ $figure->note }}</small></dd></div>
        @endforeach
    </dl>
    @if ($bench->pattern !== null)
        @include('viewers.pattern', ['pattern' => $bench->pattern])
    @endif
    <h2>{{ __('From the side, to scale') }}</h2>
    <div class="sideways" tabindex="0" role="region" aria-label="{{ __('From the side, to scale') }}">
        @php $side = $bench->side; @endphp
        <svg class="side-view" viewBox="{{ $side->leftPx }} {{ $side->topPx }} {{ $side->widthPx }} {{ $side->heightPx() }}" data-px-per-mm="{{ $side->pxPerMm }}" role="group" aria-label="{{ __('The viewer cut open') }}">
            @foreach ($side->strokes as $stroke)
                <{{ $stroke->isArea() ? 'polygon' : 'polyline' }} class="{{ $stroke->class }}" points="{{ $stroke->points }}"/>
            @endforeach
            @foreach ($side->texts as $text)
                <text class="side-text" x="{{ $text->x }}" y="{{ $text->y }}" text-anchor="{{ $text->anchor }}">{{ $text->text }}</text>
            @endforeach
            <g class="side-bar" transform="translate({{ $side->leftPx }} {{ $side->barY() }})"><path d="M4 0 v8 M4 4 h{{ $side->barPx() }} m0 -4 v8"/><text class="side-text" x="8" y="-3">{{ __(':n mm', ['n' => $side->barMm]) }}</text></g>
            <g class="handle" data-drags="distance_mm" transform="translate({{ $side->screenPx }} 0)" tabindex="0" role="slider" aria-label="{{ __('Distance to the screen') }}" aria-valuenow="{{ $bench->design->mm(KeenShadow\Core\Viewers\Size::Distance) }}" aria-valuetext="{{ __(':n mm', ['n' => $bench->design->mm(KeenShadow\Core\Viewers\Size::Distance)]) }}"><rect class="handle-reach" x="-22" y="-22" width="44" height="44"/><path d="M-9 0 l6 -5 v10 z M9 0 l-6 -5 v10 z"/></g>
        </svg>
    </div>
    <h2>{{ __('Sharp against bright') }}</h2>
    @include('viewers.trade-off', ['curve' => $bench->curve])
    @if ($bench->improvements !== [])
        <h2>{{ __('What would show more') }}</h2>
        <x-table class="align-middle stacks improvements">
            <x-slot:head>
                <th scope="col">{{ __('Change') }}</th>
                <th scope="col" class="is-number">{{ __('Image') }}</th>
                <th scope="col" class="is-number">{{ __('Smallest bite') }}</th>
                <th scope="col" class="is-number">{{ __('Brightness') }}</th>
                <th scope="col" class="is-number">{{ __('Against stray light') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('Use it') }}</span></th>
            </x-slot:head>
            @foreach ($bench->improvements as $row)
                <tr>
                    <th scope="row">{{ $row->name }} <span class="meaning">{{ $row->to }}</span></th>
                    <td data-label="{{ __('Image') }}" class="is-number">{{ $row->image }}</td>
                    <td data-label="{{ __('Smallest bite') }}" class="is-number">{{ $row->bite }}</td>
                    <td data-label="{{ __('Brightness') }}" class="is-number">{{ $row->lux }}</td>
                    <td data-label="{{ __('Against stray light') }}" class="is-number">{{ $row->contrast }}</td>
                    <td><button type="button" class="btn btn-quiet" data-take="{{ json_encode($row->fields) }}">{{ __('Use it') }}<span class="visually-hidden"> {{ $row->name }}</span></button></td>
                </tr>
            @endforeach
        </x-table>
        @if ($bench->design->kind()->isHole())
            <p class="note">{{ __('A bigger hole is brighter and softer; the schools differ in what they call sharp. Foil takes a clean round hole; a hole straight in cardboard is softer.') }}</p>
        @endif
    @endif
</div>
