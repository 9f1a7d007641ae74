<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\RunSheet\Cues\Occasion;

/** The usual cues for a kind of event. */
final class ProposeRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'occasion' => ['required', Rule::enum(Occasion::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'occasion.*' => __('Choose what kind of event it is.')];
    }

    public function occasion(): Occasion
    {
        return Occasion::from($this->string('occasion')->toString());
    }
}
