<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use App\Domain\Event\EyeHeights;
use App\Models\Event;
use KeenShadow\Core\Site\Doorway\Banner;

/** Which doorway, how far behind the banner people stand, and how high their eyes are. */
final class DoorwayRequest extends MomentRequest
{
    public function usual(): array
    {
        $ofGroups = $this->eyesOfGroups();

        return ['distance_m' => 0.6, 'child_m' => $ofGroups['lowest'] ?? 1.15, 'seated_m' => 1.05, 'adult_m' => $ofGroups['highest'] ?? 1.6];
    }

    /** @return array{lowest: float, highest: float}|null of those who come to this event; null before there are groups */
    public function eyesOfGroups(): ?array
    {
        return once(function (): ?array {
            $event = $this->route('event');

            return $event instanceof Event ? app(EyeHeights::class)->of($event) : null;
        });
    }

    public function rules(): array
    {
        $eyes = ['nullable', 'numeric', 'between:0.3,2.2'];

        return [
            'facade' => ['nullable', 'string', 'max:80'],
            'distance_m' => ['nullable', 'numeric', 'between:' . Banner::LEAST_DISTANCE_M . ',' . Banner::MOST_DISTANCE_M],
            'child_m' => $eyes,
            'seated_m' => $eyes,
            'adult_m' => $eyes,
        ] + parent::rules();
    }

    public function messages(): array
    {
        return [
            'facade.*' => __('Choose a doorway, window or wall from the list.'),
            'distance_m.*' => __('Eyes behind the banner: “:input” is not a distance from :least to :most m.', ['least' => Banner::LEAST_DISTANCE_M, 'most' => Banner::MOST_DISTANCE_M]),
            'child_m.*' => __('Children\'s eyes: “:input” is not a height from 0.3 to 2.2 m.'),
            'seated_m.*' => __('Seated eyes: “:input” is not a height from 0.3 to 2.2 m.'),
            'adult_m.*' => __('Adults\' eyes: “:input” is not a height from 0.3 to 2.2 m.'),
        ] + parent::messages();
    }

    /** @return array<string, float> heights of eyes by who they are */
    public function eyes(): array
    {
        return [__('Children') => $this->length('child_m'), __('Seated') => $this->length('seated_m'), __('Adults') => $this->length('adult_m')];
    }
}
