<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use App\Text\PlainText;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\RunSheet\Cues\Cue;

/** A name under which an organisation keeps cues. */
final class TemplateRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['template' => ['required', 'string', 'max:' . Cue::LONGEST_NAME]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['template.*' => __('Give it a name of at most :most letters.', ['most' => Cue::LONGEST_NAME])];
    }

    public function name(): string
    {
        return PlainText::of($this->string('template')->toString());
    }
}
