<?php

declare(strict_types=1);

namespace App\Http\Requests\Training;

use App\Domain\Training\SiteNumbers;
use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\Training\QueueCard;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Training\Queue\CardNeeds;

/** A card for whoever waits. */
final class QueueCardRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->editRules(),
            'question' => ['required', 'string', 'max:' . QueueCard::QUESTION_LETTERS],
            'answer' => ['required', 'string', 'max:' . QueueCard::ANSWER_LETTERS],
            'needs' => ['required', Rule::enum(CardNeeds::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'question.*' => __('Write a question of at most :n letters.', ['n' => QueueCard::QUESTION_LETTERS]),
            'answer.*' => __('Write an answer of at most :n letters.', ['n' => QueueCard::ANSWER_LETTERS]),
            'needs.*' => __('Choose when the card is for.'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach (['question', 'answer'] as $field) {
                $text = $this->input($field);
                $unknown = is_string($text) ? SiteNumbers::unknownIn($text) : [];
                if ($unknown !== []) {
                    $validator->errors()->add($field, __('No number here is called :words.', ['words' => implode(', ', $unknown)]));
                }
            }
            $event = $this->route('event');
            if ($event instanceof Event && $this->isMethod('post') && QueueCard::ofOrganisation($event->organisation_id)->count() >= QueueCard::MOST) {
                $validator->errors()->add('question', __('There are :n cards, as many as may be: remove one first.', ['n' => QueueCard::MOST]));
            }
        }];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        return ['question' => $this->string('question')->toString(), 'answer' => $this->string('answer')->toString(), 'needs' => $this->string('needs')->toString()];
    }
}
