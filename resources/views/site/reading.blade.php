@php use App\Text\Numbers; use App\Text\Angles; use App\Text\Refusals; @endphp
<div class="reading" data-again="{{ $reading->isGoingOn() ? route('site.position.show', [$event, $reading]) : '' }}">
    @if ($reading->lat !== null)
        <p class="reading-answer">{{ Angles::coordinates($reading->lat, $reading->lon, 6) }} <b>± {{ Numbers::about($reading->uncertainty_m) }} m</b></p>
        <p>
            {{ __('Mean of :n fixes, scatter :scatter m, at least :sat satellites, :quality; :height above the sea.', [
                'n' => $reading->fixes, 'scatter' => Numbers::decimal($reading->scatter_m, 1), 'sat' => $reading->satellites,
                'quality' => match (true) { $reading->quality === 1 => __('plain fix'), $reading->quality < 4 => __('with corrections'), default => __('kinematic') },
                'height' => $reading->height_m === null ? __('no height') : Numbers::decimal($reading->height_m, 1) . ' m',
            ]) }}
        </p>
    @endif
    @if ($reading->fault)
        <p class="fault">{{ $reading->fault }}</p>
    @elseif ($reading->brokeOff())
        <p class="fault">{{ __('The reading broke off.') }}</p>
    @elseif ($reading->waitsLong())
        <p class="fault">{{ __('Nothing reads the receiver: is the queue worker running?') }}</p>
    @elseif ($reading->ended_at === null)
        <p>{{ $reading->began_at === null ? __('Waiting for its turn …') : __('Reading, :n fixes so far …', ['n' => $reading->fixes]) }}</p>
    @endif
    @if ($reading->refused !== [])
        <p class="note">{{ __('Not used: :what.', ['what' => collect($reading->refused)->map(fn (int $n, string $why): string => $n . ' × ' . Refusals::ofReceiver($why))->implode(', ')]) }}</p>
    @endif
    @if ($reading->lat !== null && ! $reading->isGoingOn())
        <button type="button" class="btn btn-quiet" data-position="{{ sprintf('%.6f %.6f', $reading->lat, $reading->lon) }}">{{ __('Use this position') }}</button>
    @endif
</div>
