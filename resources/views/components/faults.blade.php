@props(['saves' => true])
{{-- After a mistake: what is wrong, each line jumping to its field; what was typed is kept. A page that only answers saves nothing anyway. --}}
@if ($errors->any())
    <div class="faults" role="alert">
        <strong>{{ $saves ? __('Nothing was saved yet.') : __('This cannot be answered; what is shown below is for the usual values.') }}</strong>
        <ul>
            @foreach ($errors->keys() as $field)
                @foreach ($errors->get($field) as $message)
                    <li><a href="#{{ $field }}">{{ $message }}</a></li>
                @endforeach
            @endforeach
        </ul>
    </div>
@endif
