<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Event\EventReader;
use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\Logbook\EyeReport;
use App\Text\TypedMoment;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Date;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\Eyes\EyeSign;
use KeenShadow\Core\Logbook\Eyes\WhichEye;
use KeenShadow\Core\Logbook\HowLooked;

/** What somebody says of their eyes, as an organiser writes it down. */
final class EyeRequest extends FormRequest
{
    use NamesPair;
    use ReadsEdits;

    /** Days after which it is deleted, as they are offered. */
    public const KEPT_DAYS = [30, 90, 365];

    private ?DateTimeImmutable $lookedAt = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->editRules(),
            'called' => ['required', 'string', 'max:40'],
            'signs' => ['nullable', 'array', 'list', 'max:' . count(EyeSign::cases())],
            'signs.*' => [Rule::enum(EyeSign::class), 'distinct'],
            'other' => ['nullable', 'string', 'max:500'],
            'eye' => ['required', Rule::enum(WhichEye::class)],
            'since' => ['nullable', 'string', 'max:120'],
            'method' => ['required', Rule::enum(HowLooked::class)],
            'looked' => ['nullable', 'string', 'max:200'],
            'looked_at' => ['nullable', 'string', function (string $field, mixed $typed, Closure $fail): void {
                $here = app(EventReader::class)->facts($this->event())->here;
                $this->lookedAt = is_string($typed) ? TypedMoment::parse($typed, $here->circumstances->maximum->time(), $here->zone) : null;
                if ($this->lookedAt === null) {
                    $fail(__('Type a time as 20:31, or leave it blank.'));
                }
            }],
            ...$this->pairRules($this->event()),
            'kept_days' => ['required', Rule::in(array_map(strval(...), self::KEPT_DAYS))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(), ...$this->pairMessages(),
            'called.*' => __('A word of at most 40 letters by which you know who it is; no name.'), 'signs.*' => __('Choose from these.'), 'other.*' => __('At most 500 letters.'), 'eye.*' => __('Say which eye, or that it is not known.'), 'since.*' => __('At most 120 letters.'),
            'method.*' => __('Say how they looked, or that it is not known.'), 'looked.*' => __('At most 200 letters.'), 'kept_days.*' => __('Choose how long it is kept.'),
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $this->checkPair($validator);
            if ((array) $this->input('signs', []) === [] && !$this->filled('other')) {
                $validator->errors()->add('signs', __('Write down what was said: choose from these, or say it in words.'));
            }
        }];
    }

    /** @return array<string, mixed> what a row says */
    public function fields(): array
    {
        $words = fn(string $field): string => $this->string($field)->toString();
        $report = $this->route('eyeReport');
        $told = $report instanceof EyeReport ? $report->told_at : Date::now()->toImmutable();

        return [
            'event_id' => $this->event()->id, 'called' => $words('called'), 'signs' => (array) $this->input('signs', []), 'other' => $words('other'), 'eye' => $this->enum('eye', WhichEye::class), 'since' => $words('since'), 'method' => $this->enum('method', HowLooked::class),
            'looked' => $words('looked'), 'looked_at' => $this->lookedAt?->setTimezone(new DateTimeZone('UTC')), 'delete_on' => $told->addDays($this->integer('kept_days'))->toDateString(),
            ...$this->pairFields(),
        ];
    }

    private function event(): Event
    {
        /** @var Event */
        return $this->route('event');
    }
}
