<p role="status" data-done="{{ $table->isDone() ? '1' : '' }}">
    @if ($table->isDone())
        {{ trans_choice('{1} 1 site, computed.|[2,*] :count sites, all computed.', $table->list->size) }}
    @else
        <label>{{ __(':done of :all sites computed', ['done' => $table->computed, 'all' => $table->list->size]) }} <progress max="{{ $table->list->size }}" value="{{ $table->computed }}"></progress></label>
    @endif
</p>
<div class="scrolls" tabindex="0" role="region" aria-label="{{ __('Sites') }}">
    <table class="table sites">
        <thead>
            <tr>
                @foreach (App\Pages\Sky\SiteTable::columns() as $column => $head)
                    <th scope="col" aria-sort="{{ $table->sortOf($column) }}"><a href="{{ route('sites.show', [$event, $table->list, 'sort' => $table->sortBy($column)]) }}">{{ $head }}</a></th>
                @endforeach
                <th scope="col"><span class="visually-hidden">{{ __('Calendar') }}</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($table->sites as $site)
                <tr @class(['is-down' => $site->is_seen === false])>
                    <th scope="row">{{ $site->name }}</th>
                    <td>{{ $table->kind($site) }}</td>
                    <td class="is-number">{{ $table->time($site, $site->c1) }} {{ $table->zone($site) }}</td>
                    <td class="is-number">{{ $table->time($site, $site->c2) }}</td>
                    <td class="is-number">{{ $table->time($site, $site->max_at) }}</td>
                    <td class="is-number">{{ $table->time($site, $site->c3) }}</td>
                    <td class="is-number">{{ $table->time($site, $site->c4) }}</td>
                    <td class="is-number">{{ $site->obscuration === null ? '–' : App\Pages\Words::percent($site->obscuration) . ' %' }}</td>
                    <td class="is-number">{{ $site->duration_s === null ? '–' : App\Pages\Words::duration($site->duration_s) }}</td>
                    <td class="is-number">{{ $site->altitude_deg === null ? '–' : App\Pages\Words::degrees($site->altitude_deg, 0) }}</td>
                    <td>@if ($site->is_seen)<a href="{{ route('sites.calendar', [$event, $table->list, $site]) }}">ics<span class="visually-hidden"> {{ $site->name }}</span></a>@endif</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
@if ($table->sites->hasPages())
    <nav class="pages" aria-label="{{ __('Pages') }}">
        @if ($table->sites->previousPageUrl())<a href="{{ $table->sites->previousPageUrl() }}">{{ __('Earlier') }}</a>@endif
        {{ __('page :n of :all', ['n' => $table->sites->currentPage(), 'all' => $table->sites->lastPage()]) }}
        @if ($table->sites->nextPageUrl())<a href="{{ $table->sites->nextPageUrl() }}">{{ __('Later') }}</a>@endif
    </nav>
@endif
