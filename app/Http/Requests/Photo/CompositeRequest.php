<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Http\Requests\ReadsTypedNumbers;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Photo\Measure;

/** Many phases in one picture: camera, lens, where it stands, how often. Blank is as usual. */
final class CompositeRequest extends FormRequest
{
    use ReadsTypedNumbers;

    private const USUAL = ['sensor_w' => 36.0, 'sensor_h' => 24.0, 'foreground_deg' => 0.0, 'gap' => 0.5, 'every_min' => 5.0];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $between = static fn(Measure $measure): string => 'between:' . implode(',', $measure->range());

        return [
            'focal_mm' => ['nullable', 'numeric', $between(Measure::Focal)],
            'sensor_w' => ['nullable', 'numeric', $between(Measure::Side)],
            'sensor_h' => ['nullable', 'numeric', $between(Measure::Side)],
            'foreground_deg' => ['nullable', 'numeric', 'between:-10,45'],
            'gap' => ['nullable', 'numeric', 'between:0,20'],
            'every_min' => ['nullable', 'numeric', 'between:0.5,60'],
            'spot' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'focal_mm.*' => __('A focal length from :least to :most mm.', ['least' => Measure::Focal->range()[0], 'most' => Measure::Focal->range()[1]]),
            'sensor_w.*' => __('From :least to :most mm.', ['least' => Measure::Side->range()[0], 'most' => Measure::Side->range()[1]]),
            'sensor_h.*' => __('From :least to :most mm.', ['least' => Measure::Side->range()[0], 'most' => Measure::Side->range()[1]]),
            'foreground_deg.*' => __('From −10 to 45°.'),
            'gap.*' => __('From 0 to 20 widths of the Sun.'),
            'every_min.*' => __('From 0.5 to 60 minutes.'),
            'spot.*' => __('Choose from the list.'),
        ];
    }

    public function number(string $field): float
    {
        return $this->filled($field) ? $this->float($field) : self::USUAL[$field];
    }

    /** Null for the longest that fits. */
    public function focalMm(): ?float
    {
        return $this->filled('focal_mm') ? $this->float('focal_mm') : null;
    }

    public function spot(): string
    {
        return $this->string('spot')->toString();
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['focal_mm', ...array_keys(self::USUAL)]);
    }

    /** Never to the same question again. */
    protected function getRedirectUrl(): string
    {
        return route('photo.composite', $this->route('event'));
    }
}
