<div class="look-words">
    <p class="lead-answer">{{ $look->headline }}</p>
    <x-verdict :verdict="$look->verdict" />
    @if ($look->hidden !== [])
        <ul class="look-hidden">
            @foreach ($look->hidden as $line)
                <li>{{ $line }}</li>
            @endforeach
        </ul>
    @endif
    @foreach ($look->close as $line)
        <p class="look-close">{{ $line }}</p>
    @endforeach
    <p class="note">{{ $look->clear }} {{ $look->position }}.</p>
    <div class="scrolls" tabindex="0" role="region" aria-label="{{ __('Contacts from this spot') }}">
        <table class="table look-contacts">
            <thead>
                <tr><th scope="col">{{ __('Contact') }}</th><th scope="col" class="is-number">{{ __('Local time, altitude') }}</th><th scope="col">{{ __('Lower limb') }}</th></tr>
            </thead>
            <tbody>
                @foreach ($look->contacts as $contact)
                    <tr @class(['is-lost' => ! $contact['isClear']])><th scope="row">{{ $contact['name'] }}</th><td class="is-number">{{ $contact['time'] }} <span class="meaning">{{ $contact['altitude'] }}</span></td><td>{{ $contact['visibility'] }}</td></tr>
                @endforeach
            </tbody>
        </table>
    </div>
</div>
<x-panorama :panorama="$look->panorama" :place="$look->place->name" />
