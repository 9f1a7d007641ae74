<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Event\EventReader;
use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Text\TypedMoment;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\HowLooked;

/** What went wrong, as it is written down. */
final class IncidentRequest extends FormRequest
{
    use NamesPair;
    use ReadsEdits;

    private ?DateTimeImmutable $at = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'time' => ['required', 'string', function (string $field, mixed $typed, Closure $fail): void {
                $here = app(EventReader::class)->facts($this->event())->here;
                $this->at = is_string($typed) ? TypedMoment::parse($typed, $here->circumstances->maximum->time(), $here->zone) : null;
                if ($this->at === null) {
                    $fail(__('Type a time as 20:31 or 20:31:40.'));
                }
            }],
            'within' => ['required', Rule::in(array_map(strval(...), TypedMoment::WITHIN_S))],
            'what' => ['required', 'string', 'max:1000'],
            'place' => ['nullable', 'string', 'max:120'],
            'done' => ['nullable', 'string', 'max:1000'],
            'seen_by' => ['nullable', 'string', 'max:120'],
            'method' => ['required', Rule::enum(HowLooked::class)],
            ...$this->pairRules($this->event()),
            'viewer_id' => ['nullable', 'integer', Rule::exists('viewers', 'id')->where('event_id', $this->event()->id)->whereNull('deleted_at')],
            'instrument' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->pairMessages(),
            'uuid.*' => __('This form is not whole: load the page again.'), 'time.required' => __('Type a time as 20:31 or 20:31:40.'), 'within.*' => __('Say how sure the time is.'),
            'what.*' => __('Say what happened, in at most 1000 letters; no names.'), 'done.*' => __('At most 1000 letters.'), 'place.*' => __('At most 120 letters.'), 'seen_by.*' => __('At most 120 letters.'), 'instrument.*' => __('At most 120 letters.'),
            'method.*' => __('Say how somebody looked, or that nobody knows.'), 'viewer_id.*' => __('Choose one of these viewers.'),
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [$this->checkPair(...)];
    }

    /** @return array<string, mixed> what a row says */
    public function fields(): array
    {
        $words = fn(string $field): string => $this->string($field)->toString();

        return [
            'event_id' => $this->event()->id, 'happened_at' => $this->at?->setTimezone(new DateTimeZone('UTC')), 'within_s' => $this->integer('within'), 'what' => $words('what'), 'place' => $words('place'), 'done' => $words('done'), 'seen_by' => $words('seen_by'),
            'method' => $this->enum('method', HowLooked::class), 'viewer_id' => $this->filled('viewer_id') ? $this->integer('viewer_id') : null, 'instrument' => $words('instrument'), 'made_by' => $this->user()?->id,
            ...$this->pairFields(),
        ];
    }

    private function event(): Event
    {
        /** @var Event */
        return $this->route('event');
    }
}
