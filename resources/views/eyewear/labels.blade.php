@use('App\Drawings\Eyewear\LabelSheet')
<x-event-frame :frame="$frame" room="eyewear" :title="__('Labels')">
    <div class="labels-ask">
        <x-lot-tabs :event="$frame->event" :lot="$page->lot" current="eyewear.labels" />
        <p class="lead-answer">{{ __('Labels of :lot', ['lot' => $page->lot->label]) }}</p>
        <p class="note">{{ __('Stick each on the temple or the packing, never on a lens. The code opens the pair\'s record for whoever is signed in. Print at 100 %, without margins; print the test sheet on plain paper first, and hold it against your labels. The codes begin with :address; phones must reach that.', ['address' => url('/')]) }}</p>
        <form method="get" action="{{ route('eyewear.labels', [$frame->event, $page->lot]) }}" class="side-by-side">
            <x-field name="from" :label="__('From tag')" :value="$page->from" inputmode="numeric" />
            <x-field name="to" :label="__('To tag')" :value="$page->to" inputmode="numeric" />
            <div class="field">
                <label for="sheet">{{ __('Sheet of labels, A4') }}</label>
                <select class="form-select" id="sheet" name="sheet">
                    @foreach (LabelSheet::cases() as $sheet)
                        <option value="{{ $sheet->value }}" @selected($sheet === $page->sheet)>{{ __(':columns by :rows, each :width × :height mm', ['columns' => $sheet->columns(), 'rows' => $sheet->rows(), 'width' => $sheet->sizeMm()[0], 'height' => $sheet->sizeMm()[1]]) }}</option>
                    @endforeach
                </select>
            </div>
            <div class="field"><button class="btn btn-quiet">{{ __('Update') }}</button></div>
        </form>
        <p>
            <button type="button" class="btn btn-primary" x-data="printPage" x-on:click="print">{{ __('Print, or save as PDF') }}</button>
            @if ($page->isTest)
                <a href="{{ request()->fullUrlWithQuery(['test' => null]) }}">{{ __('The labels') }}</a>
            @else
                <a href="{{ request()->fullUrlWithQuery(['test' => 1]) }}">{{ __('A test sheet for plain paper') }}</a>
            @endif
        </p>
    </div>
    <div class="label-sheets" x-data="labels" tabindex="0" role="region" aria-label="{{ __('Sheets') }}">
        @foreach ($page->sheets as $tags)
            <section class="label-sheet label-sheet-{{ $page->sheet->value }}">
                @foreach ($tags as $tag)
                    @if ($page->isTest)
                        <div class="label label-outline"></div>
                        @continue
                    @endif
                    <div class="label">
                        <svg class="label-code" data-address="{{ $page->address($tag) }}" role="img" aria-label="{{ $page->address($tag) }}"></svg>
                        <p><b>{{ $tag }}</b> <span>{{ $page->lot->label }}</span></p>
                    </div>
                @endforeach
                @if ($page->isTest)
                    <svg class="label-bar" viewBox="0 0 102 12" role="img" aria-label="{{ __('A bar 100 mm long') }}"><path class="screen-bar" d="M1 1V5M1 3H101M101 1V5"/><text class="label-bar-words" x="51" y="10" text-anchor="middle">{{ __('100 mm, at 100 %') }}</text></svg>
                @endif
            </section>
        @endforeach
    </div>
</x-event-frame>
