<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Event\NewRecord;
use App\Models\Day\DayEntry;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;

/** One line that takes the place of another. */
final class CorrectionRequest extends FormRequest
{
    use ReadsRecords;

    private ?NewRecord $record = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->recordRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->recordMessages();
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            /** @var DayEntry $before */
            $before = $this->route('dayEntry');
            $line = $validator->errors()->isEmpty() ? $this->readLine($validator, '') : null;
            $this->record = $line === null ? null : new NewRecord(
                uuid: $this->string('uuid')->toString(),
                at: $line[0],
                observed: $line[1]->kind->value,
                value: $line[1]->value,
                words: $line[1]->words,
                who: $this->string('who')->toString(),
                withinS: $this->integer('within'),
                correctsId: $before->id,
            );
        }];
    }

    public function record(): NewRecord
    {
        return $this->record ?? abort(422);
    }
}
