<section class="day-mine" aria-labelledby="day-mine">
    <h2 id="day-mine">{{ __('What I do') }}</h2>
    @if ($page->people === [] && $door->writer->seesAll())
        <p>{{ __('Nobody has a post on the run sheet.') }}</p>
    @else
        @if ($door->writer->seesAll())
        <label>{{ __('I am') }} <select class="form-select" x-on:change="iAm" x-bind:value="me"><option value="">{{ __('choose') }}</option>@foreach ($page->people as $name)<option>{{ $name }}</option>@endforeach</select></label>
        @else
        <p>{{ $door->writer->name }}</p>
        @endif
        <ul>
            <template x-for="duty in mine" x-bind:key="duty.id">
                <li><b x-text="duty.time"></b> <span x-text="duty.name"></span><span x-show="duty.where">, <span x-text="duty.where"></span></span>
                    <button type="button" class="btn btn-quiet" x-show="duty.isPost && !duty.isHere" x-bind:data-post="duty.id" x-on:click="checkIn">{{ __('I am there') }}</button><b x-show="duty.isHere">{{ __('there') }}</b> <button type="button" class="btn btn-quiet" x-show="duty.isHere" x-bind:data-post="duty.id" x-on:click="checkOut">{{ __('I leave') }}</button>
                </li>
            </template>
        </ul>
        <h2 x-cloak x-show="hasPosts()">{{ __('Posts') }}</h2>
        <ul class="day-posts">
            <template x-for="duty in posts" x-bind:key="duty.id">
                <li x-bind:data-late="duty.isLate"><b x-text="duty.name"></b> <span x-text="duty.who"></span>:
                    <span x-show="duty.isHere">{{ __('there') }}</span><b x-show="duty.isLate">{{ __('not there yet, since') }} <span x-text="duty.begins"></span></b><span x-show="duty.isSoon">{{ __('expected at') }} <span x-text="duty.begins"></span></span>
                </li>
            </template>
        </ul>
    @endif
</section>
