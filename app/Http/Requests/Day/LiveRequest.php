<?php

declare(strict_types=1);

namespace App\Http\Requests\Day;

use App\Http\Requests\AnswersInJson;
use Illuminate\Foundation\Http\FormRequest;

/** What is new since a number. */
final class LiveRequest extends FormRequest
{
    use AnswersInJson;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['since' => ['nullable', 'integer', 'between:0,999999999999999999']];
    }
}
