<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsTypedNumbers;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Measure\ApertureMask;
use KeenShadow\Core\Eyewear\Measure\FaceShield;
use KeenShadow\Core\Eyewear\Measure\LightMeter;
use KeenShadow\Core\Eyewear\Measure\LotSample;

/** Readings of a light meter, a shade to be converted, a sample of a lot; what is left blank is what is usual. */
final class MeasureRequest extends FormRequest
{
    use ReadsTypedNumbers;

    public const PARTS = ['meter', 'shade', 'sample', 'mask', 'shield'];
    public const KNOWN = ['percent', 'density', 'number'];
    private const USUAL = [
        'dark_lx' => 0.0, 'open_lx' => 100000.0, 'behind_lx' => 1.0, 'resolution_lx' => 0.1, 'accuracy_percent' => 4.0, 'value' => 14.0,
        'pairs' => 400.0, 'tested' => 50.0, 'failed' => 0.0, 'most_bad' => 4.0, 'confidence_percent' => 95.0,
        'aperture_mm' => 200.0, 'obstruction_mm' => 50.0, 'vanes' => 4.0, 'vane_mm' => 2.0, 'lens_width_mm' => 41.0, 'lens_height_mm' => 38.0, 'centres_mm' => 64.0,
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $count = static fn(int $least): array => ['nullable', 'integer', "between:{$least}," . LotSample::MOST_PAIRS];

        return [
            'part' => ['nullable', Rule::in(self::PARTS)],
            'dark_lx' => self::within(LightMeter::LUX),
            'open_lx' => self::within(LightMeter::LUX),
            'behind_lx' => self::within(LightMeter::LUX),
            'resolution_lx' => self::within(LightMeter::RESOLUTION_LX),
            'accuracy_percent' => self::within(LightMeter::ACCURACY_PERCENT),
            'known' => ['nullable', Rule::in(self::KNOWN)],
            'value' => ['nullable', 'numeric'],
            'pairs' => $count(1),
            'tested' => $count(0),
            'failed' => $count(0),
            'most_bad' => $count(0),
            'confidence_percent' => self::within(LotSample::CONFIDENCE_PERCENT),
            'aperture_mm' => self::within(ApertureMask::APERTURE_MM),
            'obstruction_mm' => self::within([0.0, ApertureMask::APERTURE_MM[1]]),
            'vanes' => ['nullable', 'integer', 'between:' . implode(',', ApertureMask::VANES)],
            'vane_mm' => self::within(ApertureMask::VANE_MM),
            'lens_width_mm' => self::within(FaceShield::LENS_MM),
            'lens_height_mm' => self::within(FaceShield::LENS_MM),
            'centres_mm' => self::within(FaceShield::CENTRES_MM),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $count = __('A whole number of at most :most.', ['most' => LotSample::MOST_PAIRS]);

        return [
            'dark_lx.*' => self::words(LightMeter::LUX), 'open_lx.*' => self::words(LightMeter::LUX), 'behind_lx.*' => self::words(LightMeter::LUX),
            'resolution_lx.*' => self::words(LightMeter::RESOLUTION_LX), 'accuracy_percent.*' => self::words(LightMeter::ACCURACY_PERCENT),
            'known.*' => __('Choose what is known.'), 'value.*' => __('A number.'), 'part.*' => __('Choose what is known.'),
            'pairs.*' => $count, 'tested.*' => $count, 'failed.*' => $count, 'most_bad.*' => $count, 'confidence_percent.*' => self::words(LotSample::CONFIDENCE_PERCENT),
            'aperture_mm.*' => self::words(ApertureMask::APERTURE_MM), 'obstruction_mm.*' => self::words([0.0, ApertureMask::APERTURE_MM[1]]), 'vane_mm.*' => self::words(ApertureMask::VANE_MM),
            'lens_width_mm.*' => self::words(FaceShield::LENS_MM), 'lens_height_mm.*' => self::words(FaceShield::LENS_MM), 'centres_mm.*' => self::words(FaceShield::CENTRES_MM),
            'vanes.*' => __('A whole number from :least to :most.', ['least' => ApertureMask::VANES[0], 'most' => ApertureMask::VANES[1]]),
        ];
    }

    public function number(string $field): float
    {
        return $this->filled($field) ? $this->float($field) : self::USUAL[$field];
    }

    public function count(string $field): int
    {
        return (int) $this->number($field);
    }

    public function known(): string
    {
        return $this->filled('known') ? $this->string('known')->toString() : 'number';
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['dark_lx', 'open_lx', 'behind_lx', 'resolution_lx', 'accuracy_percent', 'value', 'confidence_percent', 'aperture_mm', 'obstruction_mm', 'vane_mm', 'lens_width_mm', 'lens_height_mm', 'centres_mm']);
    }

    protected function getRedirectUrl(): string
    {
        return route('eyewear.measure', $this->route('event'));
    }

    /**
     * @param array{float, float} $range
     *
     * @return list<string>
     */
    private static function within(array $range): array
    {
        return ['nullable', 'numeric', "between:{$range[0]},{$range[1]}"];
    }

    /** @param array{float, float} $range */
    private static function words(array $range): string
    {
        return __('A number from :least to :most.', ['least' => $range[0], 'most' => $range[1]]);
    }
}
