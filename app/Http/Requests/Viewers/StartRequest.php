<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Text\Refusals;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Viewers\Design\AtHand;
use KeenShadow\Core\Viewers\Design\Thing;
use KeenShadow\Core\Viewers\Length;
use KeenShadow\Core\Viewers\Size;

/** What somebody has at hand to begin with; blank is whatever there may be. */
final class StartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'things' => ['nullable', 'array', 'max:20'],
            'things.*' => [Rule::enum(Thing::class)],
            'length' => ['nullable', 'string', 'max:100'],
            'people' => ['nullable', 'integer', 'between:1,1000'],
            'minutes' => ['nullable', 'integer', 'between:1,10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'things.*' => __('Choose from the list.'),
            'things.*.*' => __('Choose from the list.'),
            'length.*' => __('Write a length: a number of millimetres, or with cm, m, in or ft.'),
            'people.*' => __('People are a whole number from 1 to 1000.'),
            'minutes.*' => __('Minutes are a whole number from 1 to 10 000.'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            try {
                $this->length();
            } catch (Refusal $e) {
                $validator->errors()->add('length', Refusals::words($e));
            }
        }];
    }

    public function atHand(): AtHand
    {
        /** @var list<string> $things */
        $things = $this->input('things', []) ?? [];

        return new AtHand(
            array_map(Thing::from(...), $things),
            $this->length(),
            $this->filled('people') ? $this->integer('people') : null,
            $this->filled('minutes') ? $this->integer('minutes') : null,
        );
    }

    /** Never to the same question again. */
    protected function getRedirectUrl(): string
    {
        return route('viewers.index', $this->route('event'));
    }

    private function length(): ?float
    {
        $typed = $this->input('length');

        return is_string($typed) && trim($typed) !== '' ? Size::Distance->checked(Length::mm(Size::Distance->value, $typed)) : null;
    }
}
