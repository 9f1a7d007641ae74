<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use App\Domain\Event\EventReader;
use App\Http\Requests\ReadsTypedNumbers;
use App\Models\Event;
use App\Text\Refusals;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\SiteException;

/** Something that stands in a direction, as it is measured from a spot: with a compass, paces, and a height or an angle. */
final class SightingRequest extends FormRequest
{
    use ReadsTypedNumbers;

    private const NUMBERS = ['bearing_deg', 'distance_m', 'width_m', 'top_m', 'top_deg'];

    private ?SitePlan $plan = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'spot' => ['nullable', 'string', 'max:' . Thing::LONGEST_NAME],
            'seen_kind' => ['required', Rule::in([ThingKind::Wall->value, ThingKind::Tree->value])],
            'seen_name' => ['required', 'string', 'max:' . Thing::LONGEST_NAME],
            'bearing_deg' => ['required', 'numeric', 'between:0,360'],
            'distance_m' => ['required', 'numeric', 'between:0.5,' . Thing::FARTHEST_M],
            'width_m' => ['required', 'numeric', 'between:0.1,1000'],
            'top_m' => ['nullable', 'required_without:top_deg', 'prohibits:top_deg', 'numeric', 'between:0,' . Thing::MOST_HEIGHT_M],
            'top_deg' => ['nullable', 'numeric', 'between:-10,85'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'seen_kind.*' => __('Say what it is.'),
            'seen_name.*' => __('Name it.'),
            'bearing_deg.*' => __('The direction is a true bearing from 0 to 360°.'),
            'distance_m.*' => __('The distance is a number from 0.5 to 2000 m.'),
            'width_m.*' => __('The width is a number from 0.1 to 1000 m.'),
            'top_m.required_without' => __('Give its height in metres, or the angle up to its top.'),
            'top_m.prohibits' => __('Give the height or the angle, not both.'),
            'top_m.*' => __('The height is a number from 0 to 300 m.'),
            'top_deg.*' => __('The angle up to its top is a number from −10 to 85°.'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $event = $this->route('event');
            if ($validator->errors()->isNotEmpty() || !$event instanceof Event) {
                return;
            }
            $site = app(EventReader::class)->site($event);
            try {
                $seen = Thing::sighted(
                    ThingKind::from($this->string('seen_kind')->toString()),
                    $this->string('seen_name')->trim()->toString(),
                    $site->place($this->spot()),
                    $this->float('bearing_deg'),
                    $this->float('distance_m'),
                    $this->float('width_m'),
                    $this->filled('top_m') ? $this->float('top_m') : null,
                    $this->float('top_deg'),
                );
                $this->plan = SitePlan::of([...$site->plan->things, $seen], $site->plan->horizon, $site->plan->accuracyM);
            } catch (SiteException $e) {
                $validator->errors()->add($e->field === 'name' ? 'seen_name' : 'distance_m', Refusals::words($e));
            }
        }];
    }

    public function plan(): SitePlan
    {
        return $this->plan ?? throw new \LogicException('asked before it was validated');
    }

    public function spot(): ?string
    {
        return $this->filled('spot') ? $this->string('spot')->toString() : null;
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(self::NUMBERS);
    }
}
