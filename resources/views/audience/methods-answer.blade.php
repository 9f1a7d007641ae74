<p class="note">{{ __('Taken as known: :what.', ['what' => implode('; ', $page->known)]) }}</p>
@foreach ($page->groups as $group)
    <h2 id="group-{{ $loop->iteration }}">{{ $group->group->name }} <span class="meaning">{{ $group->who }}</span></h2>
    <x-table :labelledby="'group-' . $loop->iteration" class="align-middle stacks">
        <x-slot:head>
            <th scope="col">{{ __('Method') }}</th>
            <th scope="col">{{ __('For') }}</th>
            <th scope="col">{{ __('Against, or missing') }}</th>
            <th scope="col">{{ __('By when') }}</th>
            <th scope="col">{{ __('By the rule book') }}</th>
            @can('update', $frame->event)<th scope="col"><span class="visually-hidden">{{ __('Choose') }}</span></th>@endcan
        </x-slot:head>
        @foreach ($group->methods as $method)
            <tr>
                <th scope="row">{{ $method['name'] }}</th>
                <td data-label="{{ __('For') }}">@forelse ($method['for'] as $line)<span class="line">{{ $line }}</span>@empty–@endforelse</td>
                <td data-label="{{ __('Against, or missing') }}">@forelse ($method['against'] as $line)<span class="line">{{ $line }}</span>@empty–@endforelse</td>
                <td data-label="{{ __('By when') }}">{{ $method['byWhen'] }}</td>
                <td data-label="{{ __('By the rule book') }}">@if ($method['answer'])@include('rules.tag', ['answer' => $method['answer'], 'event' => $frame->event])@else{{ __('nobody looks at the Sun') }}@endif</td>
                @can('update', $frame->event)<td>@include('audience.choose', ['event' => $frame->event, 'group' => $group->group, 'method' => $method['method'], 'isChosen' => $method['isChosen'], 'name' => $method['name']])</td>@endcan
            </tr>
        @endforeach
        @foreach ($group->refused as $method)
            <tr>
                <th scope="row">{{ $method['name'] }}</th>
                <td colspan="4" data-label="{{ __('By the rule book') }}">@include('rules.tag', ['answer' => $method['answer'], 'event' => $frame->event])</td>
                @can('update', $frame->event)<td>@if ($method['isChosen'])@include('audience.choose', ['event' => $frame->event, 'group' => $group->group, 'method' => $method['method'], 'isChosen' => true, 'name' => $method['name']])@endif</td>@endcan
            </tr>
        @endforeach
    </x-table>
    <p class="note">{{ __('No glasses to be had: :what.', ['what' => $group->withoutGlasses]) }}</p>
@endforeach
<h2 id="clouds">{{ __('If clouds come') }}</h2>
<ul>
    @foreach ($page->underClouds as $line)
        <li>{{ $line }}</li>
    @endforeach
</ul>
<p class="note"><a href="{{ route('rules.book', $frame->event) }}#cloud">{{ __('The rule') }}</a></p>
