@use('KeenShadow\Core\Training\Queue\CardNeeds')
@use('App\Text\TrainingWords')
<form class="kit-form" method="post" action="{{ $card === null ? route('training.queue.store', $frame->event) : route('training.queue.update', [$frame->event, $card]) }}" novalidate>
    @csrf
    <x-made-from :record="$card" />
    @if ($card !== null) @method('put') @endif
    <div class="field"><label for="question-{{ $at }}">{{ __('Question') }}</label><input class="form-control" id="question-{{ $at }}" name="question" value="{{ $card === null ? old('question') : $card->question }}" maxlength="160">@if ($card === null)<x-fault field="question" />@endif</div>
    <div class="field"><label for="answer-{{ $at }}">{{ __('Answer') }}</label><textarea class="form-control" id="answer-{{ $at }}" name="answer" rows="3" maxlength="400">{{ $card === null ? old('answer') : $card->answer }}</textarea>@if ($card === null)<x-fault field="answer" />@endif</div>
    <div class="field"><label for="needs-{{ $at }}">{{ __('For') }}</label><select class="form-select" id="needs-{{ $at }}" name="needs">@foreach (CardNeeds::cases() as $needs)<option value="{{ $needs->value }}" @selected(($card?->needs ?? CardNeeds::Any) === $needs)>{{ TrainingWords::needs($needs) }}</option>@endforeach</select></div>
    <button class="btn btn-quiet">{{ $card === null ? __('Add this card') : __('Save') }}</button>
</form>
