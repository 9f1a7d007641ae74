<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * Through which pair of which lot somebody looked, as far as it is known.
 *
 * @phpstan-require-extends FormRequest
 */
trait NamesPair
{
    /** @return array<string, list<mixed>> */
    private function pairRules(Event $event): array
    {
        return ['lot_id' => ['nullable', 'integer', Rule::exists('lots', 'id')->where('organisation_id', $event->organisation_id)], 'tag' => ['nullable', 'integer', 'between:1,1000000']];
    }

    /** @return array<string, string> */
    private function pairMessages(): array
    {
        return ['lot_id.*' => __('Choose one of these lots.'), 'tag.*' => __('The number on the pair.')];
    }

    /** The number is one of the lot's. */
    private function checkPair(Validator $validator): void
    {
        if (!$this->filled('tag') || $validator->errors()->hasAny(['lot_id', 'tag'])) {
            return;
        }
        $lot = $this->filled('lot_id') ? Lot::query()->find($this->integer('lot_id')) : null;
        if ($lot === null) {
            $validator->errors()->add('lot_id', __('Choose the lot of pair :tag.', ['tag' => $this->integer('tag')]));
        } elseif ($this->integer('tag') > $lot->pairs) {
            $validator->errors()->add('tag', __('The lot has :pairs pairs.', ['pairs' => $lot->pairs]));
        }
    }

    /** @return array{lot_id: int|null, tag: int|null} */
    private function pairFields(): array
    {
        return ['lot_id' => $this->filled('lot_id') ? $this->integer('lot_id') : null, 'tag' => $this->filled('tag') ? $this->integer('tag') : null];
    }
}
