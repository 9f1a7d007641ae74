<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Validation\Validator;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;

/** What a script sends wrongly is told to the script, whatever else it says that it takes; there is no page to go back to. */
trait AnswersInJson
{
    protected function failedValidation(Validator $validator): void
    {
        throw new ValidationException($validator, new JsonResponse(['message' => $validator->errors()->first(), 'errors' => $validator->errors()->messages()], 422));
    }
}
