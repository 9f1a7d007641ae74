<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Inquiry\Items;
use KeenShadow\Core\Rules\Inquiry\Question;
use KeenShadow\Core\Rules\Inquiry\Questions;

/** A thing in somebody's hand, what was answered of it so far, or the words it is looked for by. */
final class MayIRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['q' => ['nullable', 'string', 'max:80'], 'item' => ['nullable', 'string', 'max:40']] + array_fill_keys(self::questions(), ['nullable', 'string', 'max:40']);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => __('Ask with a word or two, or choose one of the things.')];
    }

    public function search(): string
    {
        return $this->string('q')->trim()->toString();
    }

    /** The thing; null while none is chosen, or it is none that the book knows. */
    public function item(): ?Item
    {
        return Items::named($this->string('item')->toString());
    }

    /** @return array<string, string> choices by question */
    public function answers(): array
    {
        $answers = [];
        foreach (self::questions() as $question) {
            if ($this->filled($question)) {
                $answers[$question] = $this->string($question)->toString();
            }
        }

        return $answers;
    }

    /** @return list<string> */
    private static function questions(): array
    {
        return array_values(array_unique(array_map(static fn(Question $q): string => $q->id, Questions::all())));
    }

    protected function getRedirectUrl(): string
    {
        return route('rules.may', $this->route('event'));
    }
}
