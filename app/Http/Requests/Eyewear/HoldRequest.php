<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use Illuminate\Foundation\Http\FormRequest;

/** Why a lot is held, or let go. */
final class HoldRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uuid' => ['required', 'uuid'], 'why' => ['required', 'string', 'max:300']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['uuid.*' => __('This form is not whole: load the page again.'), 'why.*' => __('Say why, in at most 300 letters.')];
    }

    public function why(): string
    {
        return $this->string('why')->toString();
    }
}
