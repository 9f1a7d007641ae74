<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use App\Text\Refusals;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Eyewear\EyewearException;
use KeenShadow\Core\Eyewear\Measure\LightMeter;

/** Three readings of a light meter that are kept with a lot. */
final class MeterReadingRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsTypedNumbers;

    private const RANGES = ['dark_lx' => LightMeter::LUX, 'open_lx' => LightMeter::LUX, 'behind_lx' => LightMeter::LUX, 'resolution_lx' => LightMeter::RESOLUTION_LX, 'accuracy_percent' => LightMeter::ACCURACY_PERCENT];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editRules(), 'what' => ['required', 'string', 'max:60'], ...array_map(static fn(array $range): array => ['required', 'numeric', 'between:' . implode(',', $range)], self::RANGES)];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [...$this->editMessages(), 'what.*' => __('A name of at most 60 letters, such as the pair\'s tag.')];
        foreach (self::RANGES as $field => [$least, $most]) {
            $messages["{$field}.*"] = __('A number from :least to :most.', ['least' => $least, 'most' => $most]);
        }

        return $messages;
    }

    /** @return list<callable> readings that contradict each other are refused */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                LightMeter::of($this->float('dark_lx'), $this->float('open_lx'), $this->float('behind_lx'), $this->float('resolution_lx'), $this->float('accuracy_percent'));
            } catch (EyewearException $e) {
                $validator->errors()->add($e->field, Refusals::words($e));
            }
        }];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(array_keys(self::RANGES));
    }
}
