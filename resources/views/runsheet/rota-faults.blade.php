@if ($faults !== [])
    <ul class="rota-faults" aria-label="{{ __('To mend') }}">
        @foreach ($faults as $fault)
            <li class="cue-note">{{ $fault }}</li>
        @endforeach
    </ul>
@endif
