<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Event\NewRecord;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Ramsey\Uuid\Uuid;

/** A sheet of paper, typed: all of its lines, or none. */
final class PaperRequest extends FormRequest
{
    use ReadsRecords;

    public const MOST_LINES = 60;

    /** @var list<NewRecord> */
    private array $records = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->recordRules() + ['rows' => ['required', 'array', 'list', 'max:' . self::MOST_LINES], 'rows.*' => ['array']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->recordMessages() + ['rows.*' => __('At most :most lines at once.', ['most' => self::MOST_LINES])];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach (array_keys((array) $this->input('rows')) as $i) {
                if ($this->typed("rows.{$i}.time") . $this->typed("rows.{$i}.value") . $this->typed("rows.{$i}.text") !== '') {
                    $line = $this->readLine($validator, "rows.{$i}.");
                    $this->records = $line === null ? $this->records : [...$this->records, new NewRecord(
                        uuid: Uuid::uuid5($this->string('uuid')->toString(), "line {$i}")->toString(),
                        at: $line[0],
                        observed: $line[1]->kind->value,
                        value: $line[1]->value,
                        words: $line[1]->words,
                        who: $this->string('who')->toString(),
                        withinS: $this->integer('within'),
                    )];
                }
            }
            if ($this->records === [] && $validator->errors()->isEmpty()) {
                $validator->errors()->add('rows.0.time', __('Type at least one line.'));
            }
        }];
    }

    /** @return list<NewRecord> */
    public function records(): array
    {
        return $this->records;
    }
}
