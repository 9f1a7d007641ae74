<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Domain\Photo\FilterTests;
use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Text\PhotoWords;
use App\Text\TypedExposure;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Photo\Dimming;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Settings;
use KeenShadow\Core\Photo\TestShot;

/** A test shot through a filter, at the event's place: how it was set, when, and where the disc stands in the histogram. */
final class FilterTestRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsKitNumbers;

    private const PERCENT = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->editRules(),
            ...array_fill_keys([Measure::FNumber->value, Measure::Iso->value, 'exposure', 'percent'], ['required', 'string', 'max:30']),
            'taken_at' => ['required', 'date_format:Y-m-d\TH:i', 'after:1990-01-01'],
            'remark' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'taken_at.*' => __('Day and time on the clock there, from 1990 until now.'),
            'remark.*' => __('A remark has at most 300 letters.'),
            '*.required' => __('This is missing.'),
            '*.max' => __('Write a number.'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $fields = $this->fields();
                TestShot::q(Settings::of($fields['f_number'], $fields['iso']), $fields['exposure_s'], $fields['histogram']);
            } catch (PhotoException $e) {
                $field = ['exposure_s' => 'exposure', 'histogram' => 'percent'][$e->field] ?? $e->field;
                $validator->errors()->add($field, $field === 'percent' ? __('From 10 to 95 %: darker or brighter, nothing can be told.') : PhotoWords::refused($e));

                return;
            }
            $event = $this->event();
            if ($this->takenAt() > now()->addMinute()) {
                $validator->errors()->add('taken_at', __('That is still to come.'));
            } elseif (Dimming::stops(app(FilterTests::class)->altitudeDeg($this->takenAt(), $event->observer())) === null) {
                $validator->errors()->add('taken_at', __('The Sun was down at :place then.', ['place' => $event->place_name]));
            }
        }];
    }

    /**
     * @return array{f_number: float, iso: float, exposure_s: float, histogram: float} as they are stored
     *
     * @throws PhotoException
     */
    public function fields(): array
    {
        $number = fn(string $field, mixed $value): float => is_float($value) ? $value : throw PhotoException::notANumber($field);

        return [
            'f_number' => $number('f_number', self::number($this->input('f_number'))),
            'iso' => $number('iso', self::number($this->input('iso'))),
            'exposure_s' => $number('exposure', TypedExposure::parse($this->string('exposure')->toString())),
            'histogram' => $number('percent', self::number($this->input('percent'))) / self::PERCENT,
        ];
    }

    public function takenAt(): CarbonImmutable
    {
        return CarbonImmutable::createFromFormat('Y-m-d\TH:i', $this->string('taken_at')->toString(), $this->event()->timezone)?->utc() ?? abort(422);
    }

    private function event(): Event
    {
        $event = $this->route('event');

        return $event instanceof Event ? $event : abort(404);
    }
}
