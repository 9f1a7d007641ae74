<?php

declare(strict_types=1);

namespace App\Http\Requests\Training;

use App\Domain\Training\NewResult;
use App\Domain\Training\TrainingRecord;
use App\Http\Requests\AnswersInJson;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Date;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Record\Exercise;

/** What somebody did for practice, as their device sends it, in JSON. */
final class ResultsRequest extends FormRequest
{
    use AnswersInJson;

    private const MOMENT = ['integer', 'between:-2208988800000,7258118400000'];
    private const LONGEST_GIVEN = 3500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sent_at' => ['required', ...self::MOMENT],
            'results' => ['present', 'array', 'list', 'max:' . TrainingRecord::MOST_AT_ONCE],
            'results.*.uuid' => ['required', 'uuid'],
            'results.*.exercise' => ['required', Rule::enum(Exercise::class)],
            'results.*.duty' => ['nullable', Rule::enum(Duty::class), 'required_if:results.*.exercise,' . Exercise::Card->value, 'prohibited_unless:results.*.exercise,' . Exercise::Card->value],
            'results.*.about' => ['present', 'nullable', 'string', 'max:200'],
            'results.*.given' => ['present', 'array', static function (string $field, mixed $value, callable $fail): void {
                if (strlen((string) json_encode($value)) > self::LONGEST_GIVEN) {
                    $fail(__('That is too much for one exercise.'));
                }
            }],
            'results.*.done' => ['required', ...self::MOMENT],
        ];
    }

    /** @return list<NewResult> */
    public function results(): array
    {
        /** @var list<array{uuid: string, exercise: string, duty?: string|null, about: string|null, given: array<string, mixed>, done: int|string}> $rows validated */
        $rows = $this->validated('results');
        $sentAt = $this->integer('sent_at');

        return array_map(static fn(array $row): NewResult => new NewResult(
            strtolower($row['uuid']),
            Exercise::from($row['exercise']),
            isset($row['duty']) ? Duty::from($row['duty']) : null,
            $row['about'] ?? '',
            $row['given'],
            // A device's clock may be wrong: what it shows while it sends tells by how much.
            Date::now()->toImmutable()->subMilliseconds($sentAt - (int) $row['done']),
        ), $rows);
    }
}
