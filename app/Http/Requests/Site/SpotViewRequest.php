<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** A spot that is looked from: one of the plan, or one of the plan that is being dragged somewhere else. */
final class SpotViewRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $metres = 'between:-' . Thing::FARTHEST_M . ',' . Thing::FARTHEST_M;

        return [
            'spot' => ['nullable', 'string', 'max:' . Thing::LONGEST_NAME],
            'best' => ['nullable', 'boolean'],
            'east' => ['nullable', 'required_with:north', 'numeric', $metres],
            'north' => ['nullable', 'required_with:east', 'numeric', $metres],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'spot.*' => __('The spot is one of the plan, by its name.'),
            'best.*' => __('The map of spots is asked for with 1 or 0.'),
            'east.*' => __('Metres east: “:input” is not a number from −:most to :most.', ['most' => Thing::FARTHEST_M]),
            'north.*' => __('Metres north: “:input” is not a number from −:most to :most.', ['most' => Thing::FARTHEST_M]),
        ];
    }

    public function spot(): ?string
    {
        return $this->filled('spot') ? $this->string('spot')->toString() : null;
    }

    public function placeOn(SunlitSite $site): Thing
    {
        $place = $site->place($this->spot());

        return $this->filled('east') ? $place->withPoints([new PlanPoint($this->float('east'), $this->float('north'))]) : $place;
    }

    protected function getRedirectUrl(): string
    {
        return route('site.show', $this->route('event'));
    }
}
