{{-- After a mistake: what is wrong, each line jumping to its field; what was typed is kept. --}}
@if ($errors->any())
    <div class="faults" role="alert">
        <strong>{{ __('Nothing was saved yet.') }}</strong>
        <ul>
            @foreach ($errors->keys() as $field)
                @foreach ($errors->get($field) as $message)
                    <li><a href="#{{ $field }}">{{ $message }}</a></li>
                @endforeach
            @endforeach
        </ul>
    </div>
@endif
