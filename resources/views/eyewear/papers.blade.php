@php
    use KeenShadow\Core\Eyewear\EyewearSubject;
@endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Papers of :label', ['label' => $page->lot->label])">
    <x-lot-tabs :event="$frame->event" :lot="$page->lot" current="eyewear.papers" />
    <p class="lead-answer">{{ __('Papers of :label', ['label' => $page->lot->label]) }}</p>
    <p><x-verdict-tag :subject="EyewearSubject::Lot" :level="$page->verdict->level" :rule="$page->verdict->rule()" />
        @can('update', $page->lot) <a href="{{ route('eyewear.edit', [$frame->event, $page->lot]) }}">{{ __('Change the papers') }}</a> @endcan
    </p>
    <dl class="answered">
        @foreach ($page->answers as $question => $answer)
            <div><dt>{{ $question }}</dt><dd>{{ $answer }}</dd></div>
        @endforeach
    </dl>
    <h2 id="files">{{ __('Photos and reports') }}</h2>
    <x-faults />
    @if ($page->files->isEmpty())
        <p class="note">{{ __('None yet. Take a photo of the print on the frame and on the packing; keep the laboratory\'s report with the lot.') }}</p>
    @else
        <ul class="lot-files">
            @foreach ($page->files as $file)
                @php $href = route('eyewear.files.show', [$frame->event, $page->lot, $file]); @endphp
                <li>
                    <a href="{{ $href }}">@if ($file->isPicture())<img src="{{ $href }}" alt="" loading="lazy" width="160" height="120">@else<span class="lot-file-paper" aria-hidden="true">PDF</span>@endif {{ $file->name }}</a>
                    <span class="meaning">{{ __(':size kB, added :day', ['size' => $page->kilobytes($file), 'day' => App\Text\Days::inYear($frame->here->local($file->created_at))]) }}</span>
                    @can('update', $page->lot)
                        <form method="post" action="{{ route('eyewear.files.destroy', [$frame->event, $page->lot, $file]) }}">@csrf @method('delete')<button class="link-button">{{ __('Remove') }}<span class="visually-hidden"> {{ $file->name }}</span></button></form>
                    @endcan
                </li>
            @endforeach
        </ul>
    @endif
    @can('update', $page->lot)
        <form method="post" action="{{ route('eyewear.files.store', [$frame->event, $page->lot]) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-made-from />
            <div class="side-by-side">
                <x-field name="name" :label="__('What it shows')" :value="old('name')" maxlength="80" />
                <x-field name="file" type="file" :label="__('Photo or PDF')" accept="image/jpeg,image/png,image/webp,application/pdf" :hint="__('At most 5 MB. It is never run, only shown or downloaded.')" />
            </div>
            <button class="btn btn-primary">{{ __('Add this file') }}</button>
        </form>
    @endcan
</x-event-frame>
