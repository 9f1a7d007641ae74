<div class="log-pictures">
    @foreach ($pictures as $picture)
        <figure>
            <img src="{{ route('logbook.pictures.show', [$event, $picture]) }}" alt="{{ $picture->caption }}" loading="lazy">
            <figcaption>{{ $picture->caption }}</figcaption>
            @if ($isChanged)
                <form method="post" action="{{ route('logbook.pictures.destroy', [$event, $picture]) }}">@csrf @method('delete')<button class="link-button">{{ __('Remove') }}<span class="visually-hidden"> {{ $picture->caption }}</span></button></form>
            @endif
        </figure>
    @endforeach
</div>
