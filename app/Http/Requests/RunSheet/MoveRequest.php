<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\RunSheet\Cues\Cue;

/** A cue moved along the axis, or made longer, by hand or keys. */
final class MoveRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->fromRules(),
            'offset_s' => ['required', 'integer', 'between:' . -Cue::MOST_OFFSET_S . ',' . Cue::MOST_OFFSET_S],
            'duration_s' => ['required', 'integer', 'between:0,' . Cue::MOST_DURATION_S],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), '*' => __('A cue cannot be moved so far.')];
    }
}
