@php use KeenShadow\Core\Viewers\ViewersSubject; use App\Text\Numbers; @endphp
<x-event-frame :frame="$frame" room="viewers" :title="__('Viewers')">
    <p class="lead-answer">{{ __('Viewers') }}</p>
    <p class="note">{{ __('A hole throws the Sun\'s image on a screen. Nobody looks through the hole: everybody looks at the screen, with the Sun at their back.') }}</p>
    @can('update', $frame->event)
        <p><a class="btn btn-primary" href="{{ route('viewers.create', $frame->event) }}">{{ __('Design a box') }}</a></p>
    @endcan
    @if ($viewers->isEmpty())
        <p>{{ __('Type how long the box is and how wide its hole; see how large, how soft and how bright the crescent will be here at the maximum.') }}</p>
    @else
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Viewer') }}</th>
                <th scope="col" class="is-number">{{ __('Hole to screen') }}</th>
                <th scope="col" class="is-number">{{ __('Hole') }}</th>
                <th scope="col" class="is-number">{{ __('Image') }}</th>
                <th scope="col">{{ __('Verdict') }}</th>
            </x-slot:head>
            @foreach ($viewers as $viewer)
                <tr>
                    <th scope="row"><a href="{{ route('viewers.show', [$frame->event, $viewer]) }}">{{ $viewer->name }}</a></th>
                    <td data-label="{{ __('Hole to screen') }}" class="is-number">{{ $viewer->distance_mm }} mm</td>
                    <td data-label="{{ __('Hole') }}" class="is-number">{{ $viewer->hole_mm }} mm</td>
                    <td data-label="{{ __('Image') }}" class="is-number">{{ Numbers::decimal($boxes[$viewer->id]->pinhole->imageMm(), 1) }} mm</td>
                    <td data-label="{{ __('Verdict') }}"><x-verdict-tag :subject="ViewersSubject::Viewer" :level="$boxes[$viewer->id]->verdict->level" :rule="$boxes[$viewer->id]->verdict->rule()" /></td>
                </tr>
            @endforeach
        </x-table>
    @endif
</x-event-frame>
