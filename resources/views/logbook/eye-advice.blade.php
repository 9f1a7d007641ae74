@use('App\Text\EyeWords')
<section class="eye-advice" aria-labelledby="advice">
    <h2 id="advice">{{ __('What common practice says') }}</h2>
    <ul>
        @foreach (EyeWords::advice() as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
    <p class="note">{{ EyeWords::limits() }}</p>
</section>
