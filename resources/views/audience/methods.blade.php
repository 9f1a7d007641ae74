@use('App\Text\AudienceWords')
@use('KeenShadow\Core\Audience\Methods\Kit')
<x-event-frame :frame="$frame" room="audience" :title="__('Methods')">
    <x-audience-tabs :event="$frame->event" current="audience.methods" />
    <p class="lead-answer">{{ __('Who follows it how') }}</p>
    @if ($page->groups === [])
        <p>{{ __('Add a group first: for each the methods that fit it stand here, the best first, with what speaks for and against them.') }} <a href="{{ route('audience.index', $frame->event) }}">{{ __('Groups') }}</a></p>
    @else
        <x-live-form :action="route('audience.methods', $frame->event)" answer="methods">
            <x-field name="helpers" :label="__('Helpers')" :value="old('helpers', $request->helpers())" inputmode="numeric" />
            <x-field name="budget" :label="__('Budget, € or $')" :value="old('budget', $request->budget())" inputmode="decimal" :hint="__('May be left blank.')" />
            <div class="field">
                <label for="wall">{{ __('A wall in the shade') }}</label>
                <select class="form-select" id="wall" name="wall">
                    @foreach (['' => __('as the plan has it'), 'yes' => __('yes'), 'no' => __('no')] as $value => $word)
                        <option value="{{ $value }}" @selected(old('wall', $request->string('wall')->toString()) === $value)>{{ $word }}</option>
                    @endforeach
                </select>
            </div>
            <fieldset class="field is-wide" id="kit">
                <legend>{{ __('At hand') }}</legend>
                <div class="answers">
                    @foreach (Kit::cases() as $kit)
                        <label><input class="form-check-input" type="checkbox" name="kit[]" value="{{ $kit->value }}" @checked(in_array($kit, $request->kit(), true))>{{ AudienceWords::kit($kit) }}</label>
                    @endforeach
                </div>
            </fieldset>
        </x-live-form>
        <div id="methods" aria-live="polite">@include('audience.methods-answer')</div>
    @endif
</x-event-frame>
