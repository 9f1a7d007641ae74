<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Http\Requests\ReadsEdits;
use App\Imports\Limits;
use App\Models\StoredFile;
use App\Text\Refusals;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Viewers\Length;
use KeenShadow\Core\Viewers\Size;
use KeenShadow\Core\Viewers\TryOut\Measured;
use KeenShadow\Core\Viewers\TryOut\Sharpness;

/** What was measured of a viewer on an ordinary day; lengths may have units. */
final class TrialRequest extends FormRequest
{
    use ReadsEdits;

    private const LENGTHS = ['measured_mm', 'uncertainty_mm', 'tried_distance_mm', 'tried_hole_mm'];

    /** @var array<string, float|null> */
    private array $lengths = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->editRules(),
            'tried_on' => ['required', 'date_format:Y-m-d', 'after:1900-01-01', 'before_or_equal:tomorrow'],
            ...array_fill_keys(self::LENGTHS, ['nullable', 'string', 'max:60']),
            'measured_mm' => ['required', 'string', 'max:60'],
            'sharpness' => ['nullable', Rule::enum(Sharpness::class)],
            'remark' => ['nullable', 'string', 'max:300'],
            'photo' => ['nullable', 'file', 'max:' . Limits::KILOBYTES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'tried_on.*' => __('The day is a date from 1900 until today.'),
            'measured_mm.*' => __('Write how wide the image was: a number of millimetres, or with cm or in.'),
            'sharpness.*' => __('Choose from the list.'),
            'remark.*' => __('A remark has at most 300 letters.'),
            'photo.*' => __('Choose a photo (JPEG, PNG, WebP) of at most :most MB.', ['most' => Limits::KILOBYTES / 1024]),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($validator->errors()->isEmpty() ? self::LENGTHS : [] as $field) {
                try {
                    $this->lengths[$field] = $this->length($field);
                } catch (Refusal $e) {
                    $validator->errors()->add($field, Refusals::words($e));
                }
            }
            $file = $this->upload();
            if ($file !== null && !str_starts_with((string) StoredFile::mediaTypeOf($file->getPathname()), 'image/')) {
                $validator->errors()->add('photo', __('This is no JPEG, PNG or WebP picture, whatever its name says.'));
            }
        }];
    }

    public function upload(): ?UploadedFile
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file : null;
    }

    /** @return array<string, mixed> as they are stored */
    public function fields(): array
    {
        return [
            'tried_on' => $this->string('tried_on')->toString(),
            'image_mm' => $this->lengths['measured_mm'],
            'uncertainty_mm' => $this->lengths['uncertainty_mm'],
            'distance_mm' => $this->lengths['tried_distance_mm'],
            'hole_mm' => $this->lengths['tried_hole_mm'],
            'sharpness' => $this->filled('sharpness') ? $this->string('sharpness')->toString() : null,
            'remark' => $this->filled('remark') ? $this->string('remark')->toString() : null,
        ];
    }

    private function length(string $field): ?float
    {
        $mm = $this->filled($field) ? Length::mm($field, $this->string($field)->toString()) : null;

        return match ($field) {
            'tried_distance_mm' => $mm === null ? null : Size::Distance->checked($mm),
            'tried_hole_mm' => $mm === null ? null : Size::Hole->checked($mm),
            'measured_mm' => Measured::of((float) $mm, Measured::USUAL_MM, null, null, null)->imageMm,
            default => Measured::of(1.0, $mm ?? Measured::USUAL_MM, null, null, null)->uncertaintyMm,
        };
    }
}
