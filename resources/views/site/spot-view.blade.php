<div class="spot-view">
    <p class="lead-answer">{{ $view->headline }}</p>
    <x-verdict :verdict="$view->verdict" />
    @if ($view->hidden !== [])
        <ul class="spot-hidden">
            @foreach ($view->hidden as $line)
                <li>{{ $line }}</li>
            @endforeach
        </ul>
    @endif
    @foreach ($view->close as $line)
        <p class="spot-close">{{ $line }}</p>
    @endforeach
    <p class="note">{{ $view->clear }} {{ $view->position }}.</p>
    <x-table :label="__('Contacts from this spot')" class="spot-contacts">
        <x-slot:head><th scope="col">{{ __('Contact') }}</th><th scope="col" class="is-number">{{ __('Local time, altitude') }}</th><th scope="col">{{ __('Lower limb') }}</th></x-slot:head>
        @foreach ($view->contacts as $contact)
            <tr @class(['is-lost' => ! $contact['isClear']])><th scope="row">{{ $contact['name'] }}</th><td class="is-number">{{ $contact['time'] }} <span class="meaning">{{ $contact['altitude'] }}</span></td><td>{{ $contact['visibility'] }}</td></tr>
        @endforeach
    </x-table>
</div>
<x-panorama :panorama="$view->panorama" :place="$view->place->name" />
