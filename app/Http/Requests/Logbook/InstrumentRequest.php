<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Logbook\Reading;
use App\Http\Requests\ReadsEdits;
use App\Imports\Logbook\LoggerFile;
use App\Text\TypedSpan;
use Closure;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\DateOrder;
use KeenShadow\Core\Logbook\Light\Sensor;

/** A logger's file and how it is to be read; or another reading of one that is there. */
final class InstrumentRequest extends FormRequest
{
    use ReadsEdits;

    /** A clock that is wrong by more was never set; ten years of seconds. */
    private const MOST_AHEAD_S = 315360000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'name' => ['required', 'string', 'max:80'],
            'stood' => ['nullable', 'string', 'max:120'],
            'zone' => ['required', 'timezone:all'],
            'date_order' => ['nullable', Rule::enum(DateOrder::class)],
            'ahead' => ['nullable', 'string', static function (string $field, mixed $typed, Closure $fail): void {
                $seconds = is_string($typed) ? TypedSpan::parse($typed) : null;
                if ($seconds === null || abs($seconds) > self::MOST_AHEAD_S) {
                    $fail(__('Type it as 90 s, 2:30 or 1:00:00; with a minus where the clock was behind.'));
                }
            }],
            'sensor' => ['required', Rule::enum(Sensor::class)],
            ...($this->isMethod('post') ? ['file' => ['required', 'file', 'max:' . 1024 * LoggerFile::MEGABYTES]] : []),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'uuid.*' => __('This form is not whole: load the page again.'),
            'name.*' => __('A name of at most 80 letters.'),
            'stood.*' => __('At most 120 letters.'),
            'zone.*' => __('Choose the zone of the logger\'s clock.'),
            'date_order.*' => __('Choose one of these.'),
            'sensor.*' => __('Choose one of these.'),
            'file.*' => __('Choose a CSV file of at most :most MB.', ['most' => LoggerFile::MEGABYTES]),
        ];
    }

    public function upload(): UploadedFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file : abort(422);
    }

    public function reading(): Reading
    {
        return new Reading(new DateTimeZone($this->string('zone')->toString()), $this->enum('date_order', DateOrder::class), $this->aheadS());
    }

    /** @return array<string, mixed> what a row has beside its file */
    public function fields(): array
    {
        return [
            'name' => $this->string('name')->toString(), 'stood' => $this->string('stood')->toString(), 'zone' => $this->string('zone')->toString(),
            'date_order' => $this->enum('date_order', DateOrder::class), 'ahead_s' => $this->aheadS(), 'sensor' => $this->enum('sensor', Sensor::class),
        ];
    }

    private function aheadS(): int
    {
        return TypedSpan::parse($this->string('ahead')->toString()) ?? 0;
    }
}
