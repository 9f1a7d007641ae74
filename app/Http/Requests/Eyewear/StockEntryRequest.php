<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use App\Models\Event;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\StockMove;

/** Pairs that go out, come back, are lost or destroyed. */
final class StockEntryRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsTypedNumbers;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $event = $this->route('event');
        $isDestroyed = $this->input('what') === StockMove::Destroyed->value;

        return [
            ...$this->editRules(),
            'what' => ['required', Rule::enum(StockMove::class)],
            'lot_id' => ['required', 'integer', Rule::exists('lots', 'id')->where('organisation_id', $user->organisation_id)],
            'pairs' => $isDestroyed ? ['prohibited'] : ['required', 'integer', 'between:1,100000'],
            'group_id' => $isDestroyed ? ['prohibited'] : ['nullable', 'integer', Rule::exists('audience_groups', 'id')->where('event_id', $event instanceof Event ? $event->id : 0)->whereNull('deleted_at')],
            'tag' => $isDestroyed ? ['required', 'integer', 'between:1,100000'] : ['prohibited'],
            'how' => $isDestroyed ? ['required', 'string', 'max:200'] : ['prohibited'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'what.*' => __('Choose one of the answers.'),
            'lot_id.*' => __('Choose a lot.'),
            'pairs.*' => __('The number of pairs is a whole number, at least 1.'),
            'group_id.*' => __('Choose a group of this event, or nobody in particular.'),
            'tag.*' => __('The tag is a whole number, at least 1.'),
            'how.*' => __('Write in at most 200 letters how it was destroyed, such as “cut through both lenses”.'),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['pairs', 'tag']);
    }
}
