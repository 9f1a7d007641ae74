@use('App\Text\AudienceWords')
@use('KeenShadow\Core\Audience\Policy')
<x-event-frame :frame="$frame" room="audience" :title="__('Audience')">
    <x-audience-tabs :event="$frame->event" current="audience.index" />
    <p class="lead-answer">{{ $page->people === 0 ? __('Who comes?') : trans_choice('{1} 1 person comes, :direct may look through glasses|[2,*] :count people come, :direct may look through glasses', $page->people, ['direct' => $page->direct]) }}</p>
    <x-faults :saves="false" />
    <h2>{{ __('Policy of the event') }}</h2>
    @can('update', $frame->event)
        <form method="post" action="{{ route('audience.policy', $frame->event) }}" novalidate>
            @csrf
            @method('put')
            <x-made-from :record="$frame->event" />
            <fieldset class="field" id="policy">
                <legend>{{ __('How people look here') }}</legend>
                <p class="hint">{{ __('A school\'s or a district\'s own rules come first; the policy can only be stricter than the rule book.') }}</p>
                <div class="answers is-one">
                    @foreach (Policy::cases() as $policy)
                        <label><input class="form-check-input" type="radio" name="policy" value="{{ $policy->value }}" @checked(old('policy', $frame->event->policy?->value) === $policy->value)><span><b>{{ AudienceWords::policy($policy) }}</b> {{ AudienceWords::policyMeans($policy) }}</span></label>
                    @endforeach
                </div>
                <x-meanwhile name="policy" :stored="$frame->event->policy?->value" :words="$frame->event->policy === null ? __('none') : AudienceWords::policy($frame->event->policy)" />
                <x-fault field="policy" />
            </fieldset>
            <button class="btn btn-quiet">{{ __('Save the policy') }}</button>
        </form>
    @else
        <p>{{ $frame->event->policy === null ? __('Not chosen yet.') : AudienceWords::policy($frame->event->policy) . '. ' . AudienceWords::policyMeans($frame->event->policy) }}</p>
    @endcan
    <h2 id="groups">{{ __('Groups') }}</h2>
    <p class="note">{{ __('How many come together and what they need. There is no place for the name of a person, and none is stored.') }}</p>
    @can('update', $frame->event)
        <p><a class="btn btn-primary" href="{{ route('audience.create', $frame->event) }}">{{ __('Add a group') }}</a></p>
    @endcan
    @if ($page->groups === [])
        <p>{{ __('A class, a family queue, a club: each gets a line here, with who of them may look directly and why, and what they need.') }}</p>
    @else
        <x-table labelledby="groups" class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Group') }}</th>
                <th scope="col" class="is-number">{{ __('People') }}</th>
                <th scope="col">{{ __('Through checked glasses') }}</th>
                <th scope="col">{{ __('What they need') }}</th>
            </x-slot:head>
            @foreach ($page->groups as $row)
                <tr>
                    <th scope="row">
                        @can('update', $frame->event)
                            <a href="{{ route('audience.edit', [$frame->event, $row->group]) }}">{{ $row->group->name }}</a>
                        @else
                            {{ $row->group->name }}
                        @endcan
                        <span class="meaning">{{ $row->band }}</span>
                    </th>
                    <td class="is-number" data-label="{{ __('People') }}">{{ $row->group->people }}</td>
                    <td data-label="{{ __('Through checked glasses') }}">@include('rules.tag', ['answer' => $row->answer, 'event' => $frame->event])</td>
                    <td data-label="{{ __('What they need') }}">@forelse ($row->needs as $need)<span class="line">{{ $need }}</span>@empty{{ __('nothing special') }}@endforelse</td>
                </tr>
            @endforeach
        </x-table>
        <h2 id="pairs">{{ __('How many pairs of glasses') }}</h2>
        <x-live-form :action="route('audience.index', $frame->event)" answer="sum">
            <x-field name="look_s" :label="__('One look, s')" :value="old('look_s', $page->sum->lookS)" inputmode="decimal" />
            <x-field name="hand_s" :label="__('Handing over, s')" :value="old('hand_s', $page->sum->handS)" inputmode="decimal" />
            <x-field name="every_min" :label="__('Each looks once every … min')" :value="old('every_min', $page->sum->everyMin)" inputmode="decimal" />
            <x-field name="spares_percent" :label="__('Spare, for lost and unfit ones, %')" :value="old('spares_percent', $page->sum->sparesPercent)" inputmode="decimal" />
        </x-live-form>
        <div id="sum" aria-live="polite">@include('audience.sum')</div>
    @endif
</x-event-frame>
