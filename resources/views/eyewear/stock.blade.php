@php
    use App\Models\Eyewear\Lot;
    use App\Text\EyewearWords;
    use App\Text\LotWords;
    use KeenShadow\Core\Eyewear\{EyewearSubject, StockMove};
    use KeenShadow\Core\Rules\Level;
@endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Stock for the event')">
    <x-eyewear-tabs :event="$frame->event" current="eyewear.stock" />
    <p class="lead-answer">{{ trans_choice('{0} Enough: :available pairs are fit, :needed are needed.|{1} 1 pair short: :needed are needed, :available are fit.|[2,*] :count pairs short: :needed are needed, :available are fit.', $page->short, ['needed' => $page->needed, 'available' => $page->available]) }}</p>
    <p class="note">{{ __('Needed by the groups whose people may look through glasses, sharing them as is usual, with spares.') }} <a href="{{ route('audience.index', $frame->event) }}">{{ __('The sum') }}</a></p>
    <x-faults />
    @include('eyewear.occasions', ['occasion' => $page->occasion])
    <x-table class="align-middle stacks" :label="__('Stock')">
        <x-slot:head>
            <th scope="col">{{ __('Lot') }}</th>
            <th scope="col">{{ __('Papers') }}</th>
            @foreach ([__('Fit'), __('On hold'), __('Withdrawn'), __('Not looked at'), __('Out'), __('Lost'), __('Here, to hand out')] as $head)<th scope="col" class="is-number">{{ $head }}</th>@endforeach
        </x-slot:head>
        @foreach ($page->rows as ['lot' => $lot, 'verdict' => $verdict, 'held' => $held, 'left' => $left, 'stock' => $stock])
            <tr>
                <th scope="row"><a href="{{ route('eyewear.show', [$frame->event, $lot]) }}">{{ $lot->label }}</a> <span class="meaning">{{ LotWords::kind($lot->kind) }}</span>
                    @if ($stock->toCallBack()) <b class="fault">{{ trans_choice('{1} 1 is out and not fit by now: call it back.|[2,*] :count are out and not fit by now: call them back.', $stock->toCallBack()) }}</b> @endif
                </th>
                <td data-label="{{ __('Papers') }}"><x-verdict-tag :subject="EyewearSubject::Lot" :level="$verdict->level" :rule="$verdict->rule()" /></td>
                <td class="is-number" data-label="{{ __('Fit') }}">{{ $stock->fit }}</td>
                <td class="is-number" data-label="{{ __('On hold') }}">{{ $held }}</td>
                <td class="is-number" data-label="{{ __('Withdrawn') }}">{{ $stock->withdrawn }}@if ($stock->toDestroy()) <span class="meaning">{{ __(':n to destroy', ['n' => $stock->toDestroy()]) }}</span>@endif</td>
                <td class="is-number" data-label="{{ __('Not looked at') }}">{{ $left }}</td>
                <td class="is-number" data-label="{{ __('Out') }}">{{ $stock->outNow() }}</td>
                <td class="is-number" data-label="{{ __('Lost') }}">{{ $stock->lost }}</td>
                <td class="is-number" data-label="{{ __('Here, to hand out') }}">{{ $stock->toHandOut() }}</td>
            </tr>
        @endforeach
    </x-table>
    @can('count', Lot::class)
        <h2 id="move">{{ __('Hand out, take back') }}</h2>
        @if ($page->movable() === [])
            <p class="note">{{ __('Nothing is fit and here yet: settle the papers, and look pairs over first.') }}</p>
        @else
        <form method="post" action="{{ route('eyewear.stock.store', $frame->event) }}" novalidate>
            @csrf
            <x-made-from />
            <x-answers name="what" :label="__('What happens')" :value="old('what', 'out')" :options="EyewearWords::moves()" />
            <div class="side-by-side">
                <div class="field">
                    <label for="lot_id">{{ __('Lot') }}</label>
                    <select class="form-select" id="lot_id" name="lot_id">@foreach ($page->movable() as $lot)<option value="{{ $lot->id }}" @selected((int) old('lot_id') === $lot->id)>{{ $lot->label }}</option>@endforeach</select>
                    <x-fault field="lot_id" />
                </div>
                <div class="field">
                    <label for="group_id">{{ __('Group') }}</label>
                    <select class="form-select" id="group_id" name="group_id"><option value="">{{ __('nobody in particular') }}</option>@foreach ($page->groups as $group)<option value="{{ $group->id }}" @selected((int) old('group_id') === $group->id)>{{ $group->name }}</option>@endforeach</select>
                    <x-fault field="group_id" />
                </div>
                <x-field name="pairs" :label="__('Pairs')" :value="old('pairs')" inputmode="numeric" />
            </div>
            <button class="btn btn-primary">{{ __('Record') }}</button>
        </form>
        @endif
    @endcan
    @if ($page->movesOf(false)->isNotEmpty())
        @include('eyewear.stock-moves', ['entries' => $page->movesOf(false), 'isDestroyed' => false])
    @endif
    <h2 id="suits">{{ __('Which suit whom') }}</h2>
    @forelse ($page->suits as ['group' => $group, 'fits' => $fits])
        <h3 class="part-title">{{ $group->name }}</h3>
        <ul>
            @forelse ($fits as ['lot' => $lot, 'verdict' => $verdict])
                <li>{{ $lot->label }}, {{ LotWords::kind($lot->kind) }}: <x-verdict-tag :subject="EyewearSubject::Wear" :level="$verdict->level" :rule="$verdict->rule()" />
                    @foreach ($verdict->findings as $finding) {{ __($finding->reason, $finding->values) }} {{ __($finding->nextStep) }} @endforeach
                </li>
            @empty
                <li>{{ __('No lot of glasses has its papers in order yet.') }}</li>
            @endforelse
        </ul>
    @empty
        <p class="note">{{ __('No group may look through glasses: there are none yet, or the policy or their age speaks against it.') }}</p>
    @endforelse
    <p><a href="{{ route('eyewear.measure', $frame->event) }}#shield-pattern">{{ __('A face shield to cut out') }}</a></p>
    <h2 id="destroyed">{{ __('Destroyed') }}</h2>
    @can('count', Lot::class)
        <form method="post" action="{{ route('eyewear.stock.store', $frame->event) }}#destroyed" novalidate>
            @csrf
            <x-made-from />
            <input type="hidden" name="what" value="{{ StockMove::Destroyed->value }}">
            <div class="side-by-side">
                <div class="field">
                    <label for="destroyed_lot">{{ __('Lot') }}</label>
                    <select class="form-select" id="destroyed_lot" name="lot_id">@foreach ($page->rows as $row)<option value="{{ $row['lot']->id }}" @selected((int) old('lot_id') === $row['lot']->id)>{{ $row['lot']->label }}</option>@endforeach</select>
                </div>
                <x-field name="tag" :label="__('Tag')" :value="old('tag')" inputmode="numeric" />
                <x-field name="how" :label="__('How')" :value="old('how', __('cut through both lenses'))" maxlength="200" />
            </div>
            <button class="btn btn-primary">{{ __('Record as destroyed') }}</button>
        </form>
    @endcan
    @if ($page->movesOf(true)->isEmpty())
        <p class="note">{{ __('None yet. What is withdrawn is cut through the lenses, so that nobody can use it, and written down here.') }}</p>
    @else
        @include('eyewear.stock-moves', ['entries' => $page->movesOf(true), 'isDestroyed' => true])
    @endif
    <h2>{{ __('Until the next time') }}</h2>
    <p class="note">{{ __('Count them back. Store them flat, dry and dark, at room temperature, lens to lens with paper between, nothing on top; away from keys and sand. Clean as the maker says, never with a wet wipe or a rough cloth. Before the next use every pair is looked over again.') }}</p>
</x-event-frame>
