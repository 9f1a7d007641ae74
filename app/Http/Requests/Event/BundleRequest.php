<?php

declare(strict_types=1);

namespace App\Http\Requests\Event;

use App\Models\Event;
use App\Models\Sky\BundleKind;
use App\Models\Sky\PlaceList;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Run sheets, or kits, for all places of a list. */
final class BundleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'],
            'list' => ['required', 'integer', 'between:1,9000000000000000', function (string $attribute, mixed $value, Closure $fail): void {
                $list = $this->list();
                if ($list === null) {
                    $fail(__('Choose a list of places.'));
                } elseif ($list->size > $this->kind()->mostPlaces()) {
                    $fail(__('At most :most places at once: cut the list in two.', ['most' => (string) $this->kind()->mostPlaces()]));
                } elseif ($list->computed() < $list->size) {
                    $fail(__('Its times are not all computed yet: wait for that first.'));
                }
            }],
            'kind' => ['required', Rule::enum(BundleKind::class)],
            'wall' => ['required', Rule::in($this->kind()->papers())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...array_fill_keys(['uuid.*', 'kind.*'], __('This form is not whole: load the page again.')), ...array_fill_keys(['list.required', 'list.integer', 'list.between'], __('Choose a list of places.')), 'wall.*' => __('Choose a paper.')];
    }

    public function kind(): BundleKind
    {
        $kind = $this->input('kind');

        return BundleKind::tryFrom(is_string($kind) ? $kind : '') ?? BundleKind::Sheets;
    }

    public function list(): ?PlaceList
    {
        $event = $this->route('event');

        return $event instanceof Event ? $event->placeLists()->find($this->integer('list')) : null;
    }
}
