<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Models\Eyewear\Lot;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairFault;

final class PairCheckRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $lot = $this->route('lot');
        $most = $lot instanceof Lot ? $lot->pairs : 1;

        return [
            'uuid' => ['required', 'uuid'],
            'occasion' => ['nullable', Rule::enum(Occasion::class)],
            'tag' => ['required', 'integer', 'between:1,' . $most],
            'faults' => ['array', 'list'],
            'faults.*' => ['distinct', Rule::enum(PairFault::class)->only($lot instanceof Lot ? $lot->kind->faults() : [])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $lot = $this->route('lot');

        return [
            'tag.*' => __('The tag is a number from 1 to :most, the pairs of this lot.', ['most' => $lot instanceof Lot ? $lot->pairs : 1]),
            'occasion.*' => __('Choose for what it is looked over.'),
            'faults.*' => __('Choose faults from the list.'),
        ];
    }

    /** Whether it was sent from the record of one pair, and leads back there. */
    public function isOfOne(): bool
    {
        return $this->input('back') === 'pair';
    }

    public function occasion(): ?Occasion
    {
        return $this->enum('occasion', Occasion::class);
    }

    /** @return list<PairFault> */
    public function faults(): array
    {
        /** @var list<string> $chosen validated against the enum */
        $chosen = $this->array('faults');

        return array_map(PairFault::from(...), $chosen);
    }
}
